/** How wide the names of the quantities are, and a breakpoint at least, in px. */
export const NAMES = 112;
const BREAKPOINT = 92;

/** How wide the sheet is at least with so many breakpoints, in px. */
export function widthOfSheet(breakpoints: number): number {
  return NAMES + breakpoints * BREAKPOINT;
}
