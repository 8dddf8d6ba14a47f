export type Box = { width: number; height: number };

const STEPS = 24;

/**
 * The greatest scale at which screens, set in rows in their order, fit into a box.
 *
 * @param gap between screens and between rows, in px of the box
 * @param label room under each screen, in px of the box
 */
export function packScreens(screens: Box[], box: Box, { gap, label }: { gap: number; label: number }): number {
  let [fits, tooLarge] = [0, 1];
  for (let step = 0; step < STEPS; step++) {
    const scale = (fits + tooLarge) / 2;
    if (heightAt(screens, box.width, scale, gap, label) <= box.height) fits = scale;
    else tooLarge = scale;
  }
  return fits;
}

/** How high the rows are together; endless where a screen is wider than the box. */
function heightAt(screens: Box[], width: number, scale: number, gap: number, label: number): number {
  let [total, used, tallest] = [0, 0, 0];
  for (const screen of screens) {
    const wide = screen.width * scale;
    if (wide > width) return Infinity;
    if (used > 0 && used + gap + wide > width) {
      total += tallest + label + gap;
      [used, tallest] = [0, 0];
    }
    used += (used > 0 ? gap : 0) + wide;
    tallest = Math.max(tallest, screen.height * scale);
  }
  return total + tallest + label;
}
