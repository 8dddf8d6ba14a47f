import type { EdgePlace, Edges } from './edges';
import { areMarginsAlike, type Lattice, ON_LINE } from './score';

/** What a grid takes from the edges to be said at all: a side, the other one where the margins differ, and its gutter. */
const TAKEN = { even: 2, uneven: 3 };
/** So many of the heaviest places are asked, one number after the other. */
const ASKED = [4, 5, 6, 8, 10, 12, 16, 20, 26, 34, 48, 70, 100];

/** Boxes that touch are panes and cells more often than columns without a gutter: so much surer those have to be. */
const WITHOUT_GUTTER = 5;

/** What was tried for the sides and the gutter of a grid, the likeliest first. */
export type Tried = { starts: readonly number[]; ends: readonly number[]; gutters: readonly number[] };

/**
 * How surely edges stand on a grid and not by chance, in nats: how unlikely it is that as many of the heaviest places would be on its lines, if each were anywhere, and whoever looks
 * had to say which of those that were `tried` it is. However often boxes stand at one place, it is one place: thirty rows of a table, or paragraphs of a document, tell no
 * more than one. The bound on the tail of a binomial is Chernoff's.
 *
 *     surenessOf(lattice, edges, 1512, { starts: [108], ends: [1404], gutters: [24] })   // 21.4
 */
export function surenessOf(
  lattice: Lattice,
  { starts, ends, rooms }: Pick<Edges, 'starts' | 'ends' | 'rooms'>,
  width: number,
  tried: Tried,
): number {
  const isBetween = areMarginsAlike(lattice, rooms);
  const taken = isBetween ? TAKEN.even : TAKEN.uneven;
  const places = [
    ...starts.map((place) => ({ ...place, isOn: isOnLine(place, lattice, 0) })),
    ...ends.map((place) => ({ ...place, isOn: isOnLine(place, lattice, columnOf(lattice)) })),
  ].sort((a, b) => b.weight - a.weight);
  const chance = Math.min(0.9, (lattice.count * (2 * ON_LINE + 0.4)) / width);
  let most = 0;
  for (const asked of ASKED.filter(
    (each) => each <= places.length || each === ASKED.find((one) => one >= places.length),
  )) {
    const heaviest = places.slice(0, asked);
    const on = heaviest.filter(({ isOn }) => isOn).length - taken;
    const share = on / (heaviest.length - taken);
    if (on > 0 && share > chance) most = Math.max(most, (heaviest.length - taken) * divergence(share, chance));
  }
  const bare = lattice.gutter < 1 ? WITHOUT_GUTTER : 0;
  const between = saying(tried.gutters, lattice.gutter) + placeCost(lattice.count - 2);
  const [first, last] = [saying(tried.starts, lattice.start), saying(tried.ends, lattice.end)];
  if (!isBetween) return most - bare - first - last - between - Math.log(2);
  // between margins that are alike, a second start says as much as count and gutter
  const cheapest = Math.min(between, secondStart(lattice, tried.starts));
  return most - bare - Math.min(first, last) - cheapest - 2 * Math.log(2);
}

/** What it takes to say a grid by its second start: which one it is, and how many columns from the first. */
function secondStart({ start, end, count, gutter }: Lattice, starts: readonly number[]): number {
  const period = (end - start + gutter) / count;
  const said = starts.map((at, place) => {
    const columns = Math.round((at - start) / period);
    const isOn = columns >= 1 && columns < count && Math.abs(at - start - columns * period) <= ON_LINE;
    return isOn ? placeCost(place) + placeCost(columns - 1) : Infinity;
  });
  return Math.min(...said);
}

/** What it takes to say one of a list, the likelier the less, in nats. */
function saying(list: readonly number[], value: number): number {
  const place = list.findIndex((each) => Math.abs(each - value) <= 0.75);
  return placeCost(place < 0 ? list.length : place);
}

/** A code in which the shares of all places add up to one: 1/2, 1/6, 1/12, … */
const placeCost = (place: number): number => Math.log((place + 1) * (place + 2));

function columnOf({ start, end, count, gutter }: Lattice): number {
  return (end - start + gutter) / count - gutter;
}

function isOnLine({ at }: EdgePlace, lattice: Lattice, by: number): boolean {
  const period = columnOf(lattice) + lattice.gutter;
  const first = lattice.start + by;
  const index = Math.round((at - first) / period);
  return index >= 0 && index < lattice.count && Math.abs(at - first - index * period) <= ON_LINE;
}

/** How far one share lies from another (Kullback and Leibler), in nats. */
function divergence(share: number, chance: number): number {
  const part = (a: number, b: number): number => (a === 0 ? 0 : a * Math.log(a / b));
  return part(share, chance) + part(1 - share, 1 - chance);
}
