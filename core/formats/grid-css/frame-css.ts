import { FRAME_SIDES } from '../../spec/frame';
import { idOf } from '../../spec/slug';
import type { Breakpoint, Spec } from '../../spec/schema';
import { cssText } from './css-numbers';
import { frameSums, guideSums } from './css-reader';

/** Does any breakpoint have bars or panels? */
export function hasFrame({ breakpoints }: Spec): boolean {
  return breakpoints.some(({ frame }) => frame !== undefined);
}

/** A class that keeps clear of bars and panels, in which the grid stands; null where no breakpoint has any. */
export function frameCss(spec: Spec): string | null {
  if (!hasFrame(spec)) return null;
  return `/* What is fixed at the screen's sides: put .grid-frame on the element that keeps clear of it, around everything on the grid. */
.grid-frame {
  box-sizing: border-box;
  padding-block: var(--frame-top) var(--frame-bottom);
  padding-inline: var(--frame-start) var(--frame-end);
}`;
}

/** Where a range's guides lie: custom properties by name without `--guide-`, from the screen's start or the page's top. */
export function linesByHand(spec: Spec, breakpoint: Breakpoint): Record<string, string> {
  const named: Record<string, string> = {};
  for (const { name, at } of guideSums(spec, breakpoint)) named[idOf('guide', name, Object.keys(named))] = cssText(at);
  return named;
}

/** How thick a range’s bars and panels are: custom properties by name without `--frame-`; none where no breakpoint has any. */
export function frameProperties(spec: Spec, breakpoint: Breakpoint): Record<string, string> {
  if (!hasFrame(spec)) return {};
  const sums = frameSums(spec, breakpoint);
  return Object.fromEntries(FRAME_SIDES.map((side) => [side, cssText(sums[side])]));
}
