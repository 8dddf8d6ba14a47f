/** The words of blocks as they stand in a page in a frame. */

/** The element in which the words of a block stand: its own, or one in it. */
export function wordsOf(inside: Document, block: string): HTMLElement | null {
  const own = inside.querySelector<HTMLElement>(`[data-block="${CSS.escape(block)}"]`);
  return own?.matches('[data-words]') ? own : (own?.querySelector<HTMLElement>('[data-words]') ?? null);
}

/** Words as a line: what is pasted with breaks goes on in it. */
export function wordsIn(element: HTMLElement): string {
  const text = 'value' in element ? String(element.value) : (element.textContent ?? '');
  return text.replace(/\s+/g, ' ').trim();
}

/** How many lines the words take where they stand. */
export function linesIn(element: HTMLElement): number {
  // what is in a field has no boxes of its own
  if ('value' in element) return 1;
  const range = element.ownerDocument.createRange();
  range.selectNodeContents(element);
  const tops = [...range.getClientRects()].map(({ top }) => Math.round(top));
  return new Set(tops).size;
}
