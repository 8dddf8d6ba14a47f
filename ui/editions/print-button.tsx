'use client';
import { Button } from '../parts/button';

/** Prints the page. */
export function PrintButton() {
  return <Button onClick={() => window.print()}>Print</Button>;
}
