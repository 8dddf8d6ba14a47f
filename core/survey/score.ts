import type { Block, EdgePlace, Edges } from './edges';
import type { Room } from './rooms';

/** Columns in px of one screen: where the first starts, the last ends, how many, and the gutter between. */
export type Lattice = { start: number; end: number; count: number; gutter: number };

/** How far an edge may lie from its line and still stand on it, in px: browsers and pictures round. */
export const ON_LINE = 0.6;

/**
 * How much better a grid explains the edges than chance does, in nats.
 *
 * Told without the grid, an edge may be at any of the screen’s px. Told with it, it is on one of `count` lines (and a px
 * beside it counts) as often as edges are, and anywhere otherwise. The gain is the difference of the two descriptions
 * (minimum description length): a count that is twice as large has to find twice as many edges per line, so that 24 columns do
 * not win by being many.
 */
export function gainOf(
  on: number,
  { total, rooms }: Pick<Edges, 'total' | 'rooms'>,
  lattice: Lattice,
  width: number,
): number {
  if (on <= 0) return 0;
  const share = Math.min(0.995, on / total);
  const spread = 2 * ON_LINE + 0.4;
  const told =
    on * Math.log((share * width) / (lattice.count * spread) + 1 - share) + (total - on) * Math.log(1 - share);
  const isBetween = areMarginsAlike(lattice, rooms);
  const factor = areMarginsAlike(lattice, rooms, 0.3) ? 1 : isBetween ? NEARLY_EVEN : UNEVEN;
  return told * factor - costOf(isBetween, width);
}

/** Grids between margins that differ are rare: they explain so much better, also where the margins differ by rounding alone. */
const [UNEVEN, NEARLY_EVEN] = [0.85, 0.95];

/** Do the margins of a grid differ by no more than rounding, on the screen or beside its panels? */
export function areMarginsAlike(
  { start, end }: Pick<Lattice, 'start' | 'end'>,
  rooms: readonly Room[],
  by = 1,
): boolean {
  return rooms.some(({ from, to }) => Math.abs(start - from - (to - end)) <= by);
}

/** What it takes to say which grid it is: one side, a count, a gutter; the other side too, where margins differ. */
function costOf(isBetween: boolean, width: number): number {
  return Math.log(width / 2) * (isBetween ? 1 : 2) + Math.log(24) + Math.log(32);
}

/** The weight of the edges that stand on a grid: starts on column starts, ends on column ends. */
export function weightOn({ starts, ends }: Pick<Edges, 'starts' | 'ends'>, lattice: Lattice): number {
  const { start, end, count, gutter } = lattice;
  const period = (end - start + gutter) / count;
  const column = period - gutter;
  return sumOn(starts, start, period, count) + sumOn(ends, start + column, period, count);
}

function sumOn(places: readonly EdgePlace[], first: number, period: number, count: number): number {
  let sum = 0;
  for (const { at, weight } of places) {
    const index = Math.round((at - first) / period);
    if (index < 0 || index >= count) continue;
    const off = Math.abs(at - first - index * period) / ON_LINE;
    // of two grids on which the same edges stand, the one that meets them better
    if (off <= 1) sum += weight * (1 - 0.6 * off * off);
  }
  return sum;
}

/** The share of the blocks, by their heights, that stand on a grid with both their sides. */
export function shareOfBlocksOn(blocks: readonly Block[], lattice: Lattice): number {
  const { start, end, count, gutter } = lattice;
  const period = (end - start + gutter) / count;
  const isOn = (at: number, first: number): boolean => {
    const index = Math.round((at - first) / period);
    return index >= 0 && index < count && Math.abs(at - first - index * period) <= ON_LINE;
  };
  let [on, all] = [0, 0];
  for (const block of blocks) {
    all += block.tall;
    if (isOn(block.start, start) && isOn(block.end, start + period - gutter)) on += block.tall;
  }
  return all === 0 ? 0 : on / all;
}
