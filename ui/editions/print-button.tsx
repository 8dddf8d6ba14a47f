'use client';

/** Prints the page. */
export function PrintButton() {
  return (
    <button type="button" className="btn btn-line" onClick={() => window.print()}>
      Print
    </button>
  );
}
