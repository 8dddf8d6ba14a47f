import { firstLine, type SolvedBaseline } from '../baseline/baseline-at';
import { bars, type Bar } from './bars';

/** How thick a baseline is drawn, in px, at every scale of a file or a page. */
const THICK = 1;

/**
 * Where baselines are drawn: each in the px below its place, whatever draws it, so that what stands on it is not covered.
 *
 *     baselineBars({ step: px(4), offset: px(0), top: px(0), lines: 3 })   // [[0, 1], [4, 5], [8, 9]]
 *
 * @param most no more of them than this
 */
export function baselineBars(baseline: SolvedBaseline, most = Infinity): Bar[] {
  const { step, lines } = baseline;
  return bars({ first: firstLine(baseline), step, height: null, count: Math.min(most, lines) }).map(([from]) => [
    from,
    from + THICK,
  ]);
}

/** The same as a background image in CSS, from the custom property in which `grid.css` has the step. */
export function baselineImage(colour: string): string {
  return `repeating-linear-gradient(${colour} 0 ${THICK}px, transparent ${THICK}px var(--grid-baseline, 0px))`;
}
