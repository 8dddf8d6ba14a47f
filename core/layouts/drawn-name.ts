/** A letter of a name in a drawing, 8 px high, is about so wide; two gaps stand beside the name. In px of the drawing. */
const [LETTER, BESIDE, LOWEST] = [4.6, 6, 9];

/**
 * As much of a block's name as there is room for in a drawing of it; nothing where it is too low for a line.
 *
 *     drawnName('Opening heading', 52, 20)   // "Opening he": (52 − 6) / 4.6 letters
 */
export function drawnName(name: string, wide: number, high: number): string {
  return high < LOWEST ? '' : name.slice(0, Math.max(0, Math.floor((wide - BESIDE) / LETTER)));
}
