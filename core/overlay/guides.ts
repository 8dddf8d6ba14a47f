import { exactNumbers } from '../columns/numbers';
import { parseLength } from '../length/length';
import { type Px, px } from '../length/px';
import { toPx } from '../length/resolve';
import { wholeScreenOf } from '../spec/ranges';
import { guidePlace } from './guide-place';
import type { Breakpoint, Guide, Spec } from '../spec/schema';

/** A line by hand and where it lies: from the screen's start (`x`), or from the page's top (`y`). */
export type SolvedGuide = { name: string; axis: Guide['axis']; at: Px };

/**
 * The guides of a breakpoint on a screen. Bars and panels do not move them; a percentage is of the whole screen.
 *
 *     guidesAt(spec, desktop)[0]   // { name: 'fold', axis: 'y', at: 720 }
 */
export function guidesAt(
  spec: Spec,
  breakpoint: Breakpoint,
  width: Px | number = breakpoint.reference.width,
  height: Px | number = breakpoint.reference.height,
): SolvedGuide[] {
  const screen = wholeScreenOf(spec, breakpoint, width, height);
  return (breakpoint.guides ?? []).map(({ name, axis, at, from }) => {
    const along = axis === 'x' ? 'width' : 'height';
    const length = (text: string): Px => toPx(parseLength(text).value!, screen, along);
    return { name, axis, at: guidePlace({ at, from }, px(screen[along]), length, exactNumbers) };
  });
}

/** A guide in words: `y 720 from the top`, `x 12.5% from the end`. */
export function guideText({ axis, at, from }: Guide): string {
  const edges = {
    start: axis === 'x' ? 'the start' : 'the top',
    end: axis === 'x' ? 'the end' : 'the foot',
    centre: 'the centre',
  };
  return `${axis} ${at.replace(/px$/, '')} from ${edges[from]}`;
}
