import type { Drop } from './drop-block';
import type { PlacedBlock } from './place-blocks';

/** Where a block comes to stand that is moved or stretched by some px of the page: on the nearest lines. */

/**
 * Moved by so much, on as many columns as before.
 *
 *     movedBy(block, 100, 0)   // { columns: [2, 7], row: 2 } where a column and its gutter are 110
 */
export function movedBy({ x, y, placed: { columns }, tracks, frame, rows }: PlacedBlock, dx: number, dy: number): Drop {
  const [first, last] = columns;
  const most = Math.max(1, tracks.count - Math.ceil(last - first));
  const start = nearest(1, most, x.valueOf() + dx, (column) => tracks.start(column).valueOf());
  const by = start - Math.floor(first);
  const step = frame.head(2).sub(frame.head(1)).valueOf();
  const row = dy === 0 ? rows[0] : Math.max(1, Math.round((y.valueOf() + dy - frame.head(1).valueOf()) / step) + 1);
  return { columns: [first + by, last + by], row };
}

/** One of its sides moved by so much. */
export function stretchedBy(block: PlacedBlock, side: 'start' | 'end', dx: number): [number, number] {
  const { x, width, placed, tracks } = block;
  const [first, last] = placed.columns;
  if (side === 'start')
    return [nearest(1, Math.floor(last), x.valueOf() + dx, (column) => tracks.start(column).valueOf()), last];
  const end = x.valueOf() + width.valueOf() + dx;
  return [first, nearest(Math.ceil(first), tracks.count, end, (column) => tracks.end(column).valueOf())];
}

/** Its foot moved by so much: how many rows it then takes. */
export function tallBy({ height, frame }: PlacedBlock, dy: number): number {
  const [one, two] = [frame.stack(1).valueOf(), frame.stack(2).valueOf()];
  return Math.max(1, Math.round((height.valueOf() + dy - one) / (two - one)) + 1);
}

function nearest(from: number, to: number, place: number, of: (line: number) => number): number {
  let best = from;
  for (let line = from; line <= to; line++) if (Math.abs(of(line) - place) < Math.abs(of(best) - place)) best = line;
  return best;
}
