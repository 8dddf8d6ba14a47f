import { guttersInside } from '../columns/solve';
import type { Columns } from '../spec/schema';

export type PairConditions = {
  container: number;
  count: number;
  outer?: Columns['outer'];
  /** Gutters are multiples of this. */
  base?: number;
  maxGutter?: number;
};

export type WholePair = { column: number; gutter: number };

/**
 * All pairs of column and gutter that are whole px and fill a container, from gutter 0 up to the column's width,
 * ascending by gutter. With outer half-gutters the half is whole too.
 *
 *     wholePairs({ container: 1200, count: 10 })
 *     // (120, 0) (111, 10) (102, 20) (93, 30) (84, 40) (75, 50) (66, 60)
 */
export function wholePairs({
  container,
  count,
  outer = 'none',
  base = 1,
  maxGutter = Infinity,
}: PairConditions): WholePair[] {
  const pairs: WholePair[] = [];
  const step = outer === 'half' && base % 2 === 1 ? base * 2 : base;
  eachWholePair({ container, count, outer, step, widest: maxGutter }, (column, gutter) =>
    pairs.push({ column, gutter }),
  );
  return pairs;
}

/** What is divided: a container into so many columns, with gutters in steps up to the widest. */
export type Divided = { container: number; count: number; outer: Columns['outer']; step: number; widest: number };

/** Every way to fill a container with whole columns, gutters ascending; gutters are no wider than columns. */
export function eachWholePair(
  { container, count, outer, step, widest }: Divided,
  found: (column: number, gutter: number) => void,
): void {
  const gutters = guttersInside(count, outer);
  for (let gutter = 0; gutter <= widest; gutter += step) {
    const left = container - gutters * gutter;
    if (left <= 0 || left < gutter * count) break;
    if (left % count === 0) found(left / count, gutter);
    if (gutters === 0) break;
  }
}
