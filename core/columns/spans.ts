import type Fraction from 'fraction.js';
import type { Px } from '../length/px';
import { type SolvedColumns, spanWidth } from './columns-at';

/** A span of k columns: its width in px, and as a share of the container and of the viewport (1 is all of it). */
export type Span = { columns: number; width: Px; ofContainer: Fraction; ofViewport: Fraction };

/**
 * Every span of a grid, from one column to all of them.
 *
 *     spansOf(desktop)[3]   // 4 columns: 368 px, 23/72 of the container, 23/90 of the viewport
 */
export function spansOf(solved: SolvedColumns): Span[] {
  return Array.from({ length: solved.count }, (_, index) => {
    const width = spanWidth(solved, index + 1);
    const ofContainer = solved.container.equals(0) ? solved.container : width.div(solved.container);
    return { columns: index + 1, width, ofContainer, ofViewport: width.div(solved.viewport) };
  });
}

/** A share as a percentage with at most two decimals: `31.94 %`. */
export function percent(share: Fraction): string {
  return `${Number((share.valueOf() * 100).toFixed(2))} %`;
}
