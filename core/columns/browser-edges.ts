import { browserEdge, type Px } from '../length/px';
import type { Breakpoint } from '../spec/schema';
import { screenEdges, type SolvedColumns } from './columns-at';

/** Down to the 1/64 px in which Chromium holds every length. */
function floor64(length: Px): Px {
  return length.mul(64).floor().div(64);
}

/**
 * Where Chromium draws the columns that `grid.css` describes. Each length (margin, inset, gutter, a given column) is
 * first rounded down to 1/64 px; columns that follow share what is left, each edge rounded down.
 * With margins and gutters in whole 64ths this is ⌊edge · 64⌋ / 64 of the exact edge.
 *
 *     browserEdges(fluid 4 columns at 391)[1]   // [109.75, 187.5]
 *
 * @returns start and end of every column, in px
 */
export function browserEdges(breakpoint: Breakpoint, solved: SolvedColumns): [number, number][] {
  const { count } = solved;
  const [marginStart, marginEnd, inset, gutter] = [
    solved.marginStart,
    solved.marginEnd,
    solved.inset,
    solved.gutter,
  ].map(floor64) as [Px, Px, Px, Px];
  const [before, after] = screenEdges(solved).map(floor64) as [Px, Px];
  const start = before.add(marginStart).add(inset);
  const shared = after
    .sub(before)
    .sub(marginStart)
    .sub(marginEnd)
    .sub(inset.mul(2))
    .sub(gutter.mul(count - 1))
    .div(count);
  const columnHeld = breakpoint.columns.column !== 'auto';
  const fixed = columnHeld || solved.overheld;
  const column = columnHeld ? floor64(solved.column) : fixed ? solved.column : shared;
  return Array.from({ length: count }, (_, index) => {
    const from = start.add(column.add(gutter).mul(index));
    return [browserEdge(from), browserEdge(from.add(column))];
  });
}
