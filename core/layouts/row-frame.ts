import { exactNumbers, repeated } from '../columns/numbers';
import { greatest, px, type Px } from '../length/px';
import { memoized } from './memoized';

/** Rows that are counted down a page, or down a section from its own top: even, from 1 on, without end. */
export type RowFrame = {
  /** Where row i begins and ends, from the top of the page. */
  head: (row: number) => Px;
  foot: (row: number) => Px;
  /** How tall so many rows are, with the gaps between them. */
  stack: (rows: number) => Px;
  /** The fewest rows that hold a height; at least one. */
  holding: (height: Px) => number;
  /** The first row that begins at or below a place. */
  from: (y: Px) => number;
};

/** What rows are made of: the first begins at `offset` below `origin`. */
export type Even = { origin: Px; offset: Px; height: Px; gap: Px };

/**
 * A frame of even rows.
 *
 *     rowFrame({ origin: 0, offset: 0, height: 20, gap: 5 }).stack(3)   // 70
 */
export function rowFrame({ origin, offset, height, gap }: Even): RowFrame {
  const step = height.add(gap);
  const first = origin.add(offset);
  const head = memoized((row: number): Px => first.add(step.mul(row - 1)));
  const counts = new WeakMap<Px, number>();
  return {
    head,
    foot: memoized((row) => head(row).add(height)),
    stack: memoized((rows) => repeated(height, gap, rows, exactNumbers)),
    holding: (tall) => {
      // blocks of one kind share their height
      const known = counts.get(tall);
      if (known !== undefined) return known;
      const count = Math.max(1, Number(tall.add(gap).div(step).ceil().valueOf()));
      counts.set(tall, count);
      return count;
    },
    from: (y) => 1 + Number(greatest(y.sub(first).div(step).ceil(), px(0)).valueOf()),
  };
}
