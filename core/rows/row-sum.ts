import { exactNumbers, repeated } from '../columns/numbers';
import { type Px, px, ZERO } from '../length/px';
import type { Breakpoint, Spec } from '../spec/schema';
import { rowsAt, type SolvedRows } from './rows-at';

/** The rows of a screen or page as a sum of heights, in px, exact. */
export type RowSum = {
  /** Above the first row. */
  top: Px;
  /** Rows that are there in full. */
  whole: number;
  /** Rows that begin; the last of them may be cut off. */
  begin: number;
  height: Px;
  gap: Px;
  /** The margin under the last row; only divided rows have one. */
  bottom: Px;
  /** What is left over under all of it; below zero where divided rows need more than the page has. */
  left: Px;
  page: Px;
};

/**
 * How many rows fit in a height, and what is left over.
 *
 *     rowSum(rowsAt(spec, phone)!, px(844))   // 53 bands of 8 with gaps of 8, 4 px left
 */
export function rowSum({ rule, count, height, gap, offset, bottom, room }: SolvedRows, page: Px = room): RowSum {
  const whole = rule === 'divide' ? count : wholeRows(height, gap, page.sub(offset));
  const used = offset.add(repeated(height, gap, whole, exactNumbers)).add(bottom);
  return { top: offset, whole, begin: count, height, gap, bottom, left: page.sub(used), page };
}

/**
 * The rows of a breakpoint as a sum of heights, by default of its reference height; null where it has none.
 *
 *     rowSumAt(spec, phone)!.left   // 4 px of 844
 */
export function rowSumAt(
  spec: Spec,
  breakpoint: Breakpoint,
  page: number = breakpoint.reference.height,
  width: number = breakpoint.reference.width,
): RowSum | null {
  const rows = rowsAt(spec, breakpoint, page, width);
  return rows && rowSum(rows);
}

function wholeRows(height: Px, gap: Px, room: Px): number {
  const step = height.add(gap);
  return step.compare(ZERO) <= 0 ? 0 : Math.max(0, room.add(gap).div(step).floor().valueOf());
}

/**
 * The sum of heights: `0 + 53 × 8 + 52 × 8 + 4 left = 844`; for divided rows `20 + 6 × 147⅓ + 5 × 20 + 20 = 1024`.
 *
 * @param write how a number is written: `numeral` for people, `exactText` for files
 */
export function rowLine({ top, whole, height, gap, bottom, left, page }: RowSum, write: (value: Px) => string): string {
  const rows = whole === 0 ? [] : [`${whole} × ${write(height)}`];
  const gaps = whole > 1 ? [`${whole - 1} × ${write(gap)}`] : [];
  const under = bottom.equals(ZERO) ? [] : [write(bottom)];
  const rest = left.compare(ZERO) > 0 ? [`${write(left)} left`] : [];
  const total = left.compare(ZERO) < 0 ? `${write(page.sub(left))}, not ${write(page)}` : write(page);
  return `${[write(top), ...rows, ...gaps, ...under, ...rest].join(' + ')} = ${total}`;
}

/** A distance in rows and gaps, with what neither accounts for. */
export type InRows = { rows: number; gaps: number; rest: Px };

/**
 * A distance counted in rows and the gaps between them.
 *
 *     inRows(px(24), { height: px(8), gap: px(8) })   // 2 rows and 1 gap, nothing left
 */
export function inRows(distance: Px, { height, gap }: Pick<SolvedRows, 'height' | 'gap'>): InRows {
  const step = height.add(gap);
  if (step.compare(ZERO) <= 0) return { rows: 0, gaps: 0, rest: distance };
  const periods = distance.div(step).floor();
  const rest = distance.sub(step.mul(periods));
  const both = periods.valueOf();
  if (!height.equals(ZERO) && rest.compare(height) >= 0) return { rows: both + 1, gaps: both, rest: rest.sub(height) };
  if (rest.equals(gap) && !gap.equals(px(0))) return { rows: both, gaps: both + 1, rest: ZERO };
  return { rows: both, gaps: both, rest };
}
