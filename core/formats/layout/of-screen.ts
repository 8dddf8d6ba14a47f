/**
 * A style sheet for a frame that is higher than the screen whose page it shows: shares of the screen's height become lengths.
 *
 *     cssOfScreen('block-size: 100vh', 900)   // "block-size: 900px"
 */
export function cssOfScreen(css: string, height: number): string {
  return css.replace(/(?<![\w.])(\d*\.?\d+)vh\b/g, (_, share: string) => `${(Number(share) * height) / 100}px`);
}
