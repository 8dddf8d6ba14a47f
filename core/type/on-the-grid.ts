import { isMultipleOf, multiplesAround, type Px, px, ZERO } from '../length/px';

/**
 * How far a text must move down so that its first baseline lies on the next baseline line, when its box begins on one.
 *
 *     shiftToGrid(px('2197/125'), px(4))   // 303/125: from 17.576 to 20
 *
 * @param baseline of the text, below the top of its box
 * @param step of the baseline grid; 0 leaves the text where it is
 */
export function shiftToGrid(baseline: Px, step: Px): Px {
  if (step.compare(ZERO) <= 0) return ZERO;
  return baseline.div(step).ceil().mul(step).sub(baseline);
}

/** A leading that sits on the grid: how many baseline steps it is, and what share of the size. */
export type GridLeading = { leading: Px; steps: number; ofSize: Px };

/** Below and above these shares of the size no leading is suggested. */
const [TIGHTEST, WIDEST] = [px(1), px(2)];

/**
 * Leadings that are whole baseline steps, from the size itself to twice the size.
 *
 *     gridLeadings(px(18), px(4))   // 20 (5 steps, 1.11), 24 (6), 28 (7), 32 (8), 36 (9 steps, 2)
 */
export function gridLeadings(size: Px, step: Px): GridLeading[] {
  if (step.compare(ZERO) <= 0 || size.compare(ZERO) <= 0) return [];
  const first = size.mul(TIGHTEST).div(step).ceil().valueOf();
  const last = size.mul(WIDEST).div(step).floor().valueOf();
  return Array.from({ length: Math.max(0, Math.min(last - first + 1, 60)) }, (_, index) => {
    const leading = step.mul(first + index);
    return { leading, steps: first + index, ofSize: leading.div(size) };
  });
}

/** The multiples of a baseline step just under and over a leading that is none; empty where it is one. */
export function nearestLeadings(leading: Px, step: Px): Px[] {
  if (step.compare(ZERO) <= 0 || isMultipleOf(leading, step)) return [];
  return multiplesAround(leading, step).filter((choice) => choice.compare(ZERO) > 0);
}
