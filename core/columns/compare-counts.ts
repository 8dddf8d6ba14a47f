import { px, type Px } from '../length/px';
import type { Columns } from '../spec/schema';
import { spanWidth } from './columns-at';
import { guttersInside } from './solve';

export type CountedGrid = { count: number; column: Px; gutter: Px; inset: Px };

/** Spans of one width that every count has: how many columns of each. */
export type SharedSpan = { width: Px; columns: number[] };

/**
 * One container and gutter with several counts, and the span widths that all of them share.
 *
 *     compareCounts({ container: 1200, gutter: 20, outer: 'none' }, [12, 16])
 *     // shared: 285 (3 and 4 columns), 590 (6 and 8), 895 (9 and 12), 1200 (12 and 16)
 */
export function compareCounts(
  { container, gutter, outer }: { container: number; gutter: number; outer: Columns['outer'] },
  counts: number[],
): { grids: CountedGrid[]; shared: SharedSpan[] } {
  const grids = counts.map((count) => ({
    count,
    column: px(container)
      .sub(px(gutter).mul(guttersInside(count, outer)))
      .div(count),
    gutter: px(gutter),
    inset: px(outer === 'half' ? gutter : 0).div(2),
  }));
  const [first, ...others] = grids;
  const shared = spans(first!).flatMap(({ width, columns }) => {
    const same = others.map((grid) => spans(grid).find((span) => span.width.equals(width))?.columns);
    return same.every((found) => found !== undefined) ? [{ width, columns: [columns, ...(same as number[])] }] : [];
  });
  return { grids, shared };
}

function spans(grid: CountedGrid): { width: Px; columns: number }[] {
  return Array.from({ length: grid.count }, (_, index) => ({ width: spanWidth(grid, index + 1), columns: index + 1 }));
}
