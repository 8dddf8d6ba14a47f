import { type Px, px, roundHalfUp, ZERO } from '../length/px';

/** A leading that divides a height into whole lines. `cell` is one part of the lattice in proportion. */
export type FittingLeading = { lines: number; leading: Px; difference: Px; cell: { width: Px; height: Px } };

/** The page that a leading has to divide, in px. */
export type Page = { width: Px; height: Px };

/**
 * The leading nearest to a wanted one that divides the page's height: n = H / L rounded to the nearest whole (half up),
 * step = H / n. Its neighbours, with one line more or fewer each, stand around it, the tightest last.
 *
 *     leadingsThatFit(px(24), { width: px(1440), height: px(1024) }, 1)
 *     // 42 lines of 512/21, 43 of 1024/43, 44 of 256/11
 *
 * @param wanted in px, more than 0
 * @param around how many neighbours on each side
 */
export function leadingsThatFit(wanted: Px, page: Page, around = 3): FittingLeading[] {
  const nearest = nearestLines(wanted, page.height);
  const first = Math.max(1, nearest - around);
  return Array.from({ length: nearest + around - first + 1 }, (_, index) => {
    const lines = first + index;
    const leading = page.height.div(lines);
    return { lines, leading, difference: leading.sub(wanted), cell: latticeCell(page, lines) };
  });
}

/** How many lines of a wanted leading come nearest to filling a height; at least one. */
export function nearestLines(wanted: Px, height: Px): number {
  if (wanted.compare(ZERO) <= 0) return 1;
  return Math.max(1, roundHalfUp(height.div(wanted)).valueOf());
}

/**
 * Lattice in proportion: with n baselines in the height, n equal parts in the width. A cell has the page's proportion.
 *
 *     latticeCell({ width: px(840), height: px(1188) }, 66)   // 140/11 × 18
 */
export function latticeCell({ width, height }: Page, lines: number): { width: Px; height: Px } {
  return { width: width.div(px(lines)), height: height.div(px(lines)) };
}
