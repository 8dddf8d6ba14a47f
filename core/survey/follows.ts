import { breakpointAt } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { specLines } from './lines';
import { type Off, offGrid } from './off';
import type { Screen } from './screens';

/** How far a screen follows the breakpoint of a spec that it falls into. */
export type Follows = { screen: string; width: number; breakpoint: string; off: Off };

/** Each screen against the spec’s own grid at its width. */
export function followsOf(screens: readonly Screen[], spec: Spec, tolerance?: number): Follows[] {
  return screens.map((screen) => ({
    screen: screen.name,
    width: screen.width,
    breakpoint: breakpointAt(spec, screen.width).id,
    off: offGrid(screen, specLines(spec, screen.width), tolerance),
  }));
}

/** The share of a screen’s edges that stand on the grid, 0 to 1; null where it has none. */
export function shareOn({ on, edges }: Pick<Off, 'on' | 'edges'>): number | null {
  return edges === 0 ? null : on / edges;
}
