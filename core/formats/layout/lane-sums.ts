import { solvedLanes } from '../../layouts/lanes';
import { rowsAfter, type Placed, type SpaceAt } from '../../layouts/placements';
import { cssNumbers, type CssSum, NO_SUM, roundedUp } from '../grid-css/css-numbers';
import { type RowUnit, times } from './ground-sums';

/** A block with its own height as a sum; null where it takes what its lanes or its section are tall. */
export type TallSum = { placed: Placed; height: CssSum | null };

/** A row of the grid: a lane, or the white space before, between or after lanes. */
export type Track = { lane: number | null; size: CssSum };

/** The lanes of a section, each as rows and the gap after them, together from head to head. */
export function laneSums(blocks: readonly TallSum[], space: SpaceAt, unit: RowUnit): CssSum[] {
  const step = cssNumbers.add(unit.height, unit.gap);
  return solvedLanes(blocks, space, {
    ...cssNumbers,
    rows: (count) => times(step, count),
    holding: (height) => roundedUp(cssNumbers.add(height, unit.gap), step),
  });
}

/**
 * The rows of a section’s grid, from its top to its end.
 *
 * @param offset from its top to the head of its first row
 * @param foot does it end with the foot of its last row? Else where the next would begin.
 */
export function tracksOf(
  lanes: readonly CssSum[],
  space: SpaceAt,
  unit: RowUnit,
  offset: CssSum,
  foot: boolean,
): Track[] {
  const { add, sub } = cssNumbers;
  const step = add(unit.height, unit.gap);
  const rows = (count: number): CssSum => times(step, count);
  const ends = foot ? NO_SUM : unit.gap;
  const above = add(offset, rows(space.above));
  // white space alone is one row: from the top to the end
  if (lanes.length === 0) return [{ lane: null, size: sub(add(above, rows(space.below)), foot ? unit.gap : NO_SUM) }];
  const tracks: Track[] = [{ lane: null, size: above }];
  for (const [index, lane] of lanes.entries()) {
    if (space.gone.has(index + 1)) continue;
    tracks.push({ lane: index + 1, size: sub(lane, unit.gap) });
    const isLast = index === lanes.length - 1;
    const after = isLast ? space.below : rowsAfter(space, index);
    // white space goes from a foot to a head; at the end of a page, from a foot to a foot
    tracks.push({ lane: null, size: add(rows(after), isLast ? ends : unit.gap) });
  }
  // what is nothing at every width is no row
  return tracks.filter(({ lane, size }) => lane !== null || size.terms.size > 0);
}
