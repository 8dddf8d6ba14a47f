import { counted, numeral } from '../length/present';
import { type Px, ZERO } from '../length/px';
import type { PlacedBlock } from './place-blocks';

/** What lies between two blocks, across and down; null where one is over or under the other, or beside it. */
export type GapBetween = { across: Px | null; down: Px | null };

/**
 * The room between the nearest edges of two blocks.
 *
 *     gapBetween(left, right).across   // 24: a gutter
 */
export function gapBetween(one: PlacedBlock, other: PlacedBlock): GapBetween {
  return {
    across: between([one.x, one.width], [other.x, other.width]),
    down: between([one.y, one.height], [other.y, other.height]),
  };
}

function between([a, long]: [Px, Px], [b, wide]: [Px, Px]): Px | null {
  const [first, second] = [b.sub(a.add(long)), a.sub(b.add(wide))];
  if (first.compare(0) >= 0) return first;
  return second.compare(0) >= 0 ? second : null;
}

/**
 * The same in words, in px, and in columns and rows where it is whole ones.
 *
 *     gapText(left, right)   // "24 px across, 56 px (3 rows) down"
 */
export function gapText(one: PlacedBlock, other: PlacedBlock): string {
  const { across, down } = gapBetween(one, other);
  const parts = [
    ...(across ? [`${numeral(across)} px${inColumns(across, one)} across`] : []),
    ...(down ? [`${numeral(down)} px${inRows(down, one)} down`] : []),
  ];
  return parts.length === 0 ? 'They overlap.' : `${parts.join(', ')} between them`;
}

/** A white space of whole columns is so many columns and one gutter more. */
function inColumns(across: Px, { tracks }: PlacedBlock): string {
  if (tracks.count < 2) return '';
  const gutter = tracks.start(2).sub(tracks.end(1));
  return wholes(across.sub(gutter), tracks.start(2).sub(tracks.start(1)), 'column');
}

/** A white space of whole rows is so many rows and one gap more. */
function inRows(down: Px, { frame, unit }: PlacedBlock): string {
  const step = frame.head(2).sub(frame.head(1));
  return wholes(down.sub(step.sub(frame.stack(1))), step, unit);
}

function wholes(room: Px, step: Px, unit: string): string {
  if (step.compare(ZERO) <= 0 || room.compare(ZERO) <= 0) return '';
  const count = room.div(step);
  return count.d === 1n ? ` (${counted(Number(count.n), unit)})` : '';
}
