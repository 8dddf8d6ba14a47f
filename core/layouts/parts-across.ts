import type { Breakpoint } from '../spec/schema';

/** A screen from this width on, in px, has room for blocks beside each other. */
const WIDE = 600;

export function isWide({ reference }: Breakpoint): boolean {
  return reference.width >= WIDE;
}

/**
 * Into how many equal parts the columns of a breakpoint go, for cards side by side: three where there are enough of them, else two; one on narrow screens.
 *
 *     partsAcross(desktop, 12)   // 3
 */
export function partsAcross(breakpoint: Breakpoint, count: number): 1 | 2 | 3 {
  if (!isWide(breakpoint)) return 1;
  return count >= 9 && count % 3 === 0 ? 3 : count % 2 === 0 ? 2 : 1;
}

/** The columns of one of such parts, counted from 0. */
export function partOf(index: number, parts: number, count: number): [number, number] {
  const part = count / parts;
  return [(index % parts) * part + 1, ((index % parts) + 1) * part];
}
