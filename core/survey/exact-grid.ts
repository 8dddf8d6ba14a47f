import { numeral } from '../length/present';
import { type Px, px } from '../length/px';
import type { FoundGrid } from './find-grids';
import { plainPx } from './take';

type Lattice = Pick<FoundGrid, 'width' | 'start' | 'end' | 'count' | 'gutter'>;

/** A found grid as it would stand in a sheet: measured lengths as a designer writes them, and the column that follows. */
export function exactGrid({ width, start, end, count, gutter }: Lattice) {
  const plain = (length: number): Px => px(plainPx(length).slice(0, -2));
  const [first, last, between] = [plain(start), plain(width - end), plain(gutter)];
  const container = px(width).sub(first).sub(last);
  const column = container.sub(between.mul(count - 1)).div(count);
  return { marginStart: first, marginEnd: last, gutter: between, container, column };
}

/**
 * The sum of a found grid over the width.
 *
 *     foundSum({ width: 1512, start: 108, end: 1404, count: 12, gutter: 24 })   // "108 + 12 × 86 + 11 × 24 + 108"
 */
export function foundSum(grid: Lattice): string {
  const { marginStart, marginEnd, gutter, column } = exactGrid(grid);
  const inside = [`${grid.count} × ${numeral(column)}`, `${grid.count - 1} × ${numeral(gutter)}`];
  return [numeral(marginStart), ...inside, numeral(marginEnd)].join(' + ');
}
