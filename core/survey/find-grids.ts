import { type EdgePlace, type Edges, edgesOfScreens } from './edges';
import { gainOf, type Lattice, ON_LINE, weightOn } from './score';
import type { Screen } from './screens';

/** A grid that screens of one width may have been drawn on. */
export type FoundGrid = Lattice & {
  width: number;
  column: number;
  /** The share of the edges’ weight that stands on it. */
  explained: number;
  /** How much better it explains the edges than chance, in nats. */
  gain: number;
  /** Counts that the same edges fit as well; the screens do not tell which of them was meant. */
  alsoFits: number[];
};

export const MOST_FOUND_COLUMNS = 24;

/** So many of the heaviest places are tried as the ends of a container, so many distances as gutters. */
const TRIED = { sides: 11, gutters: 14, places: 140 };
const WIDEST_GUTTER = 160;
const LEAST_COLUMN = 8;

/** What a grid has to gain over chance to be one: measured on random boxes, which have none. */
const LEAST_GAIN = 6;
const LEAST_EXPLAINED = 0.15;
/** Grids that explain nearly as much are named beside the best. */
const NEARLY = 0.985;

/**
 * The grids on which screens of one width may have been drawn, the best first; none where no grid explains the boxes better
 * than chance.
 *
 *     findGrids([screen])[0]   // { count: 12, gutter: 24, start: 108, end: 1404, column: 86, explained: 0.9, … }
 */
export function findGrids(screens: readonly Screen[], most = 6): FoundGrid[] {
  const width = screens[0]?.width ?? 0;
  const edges = edgesOfScreens(screens);
  if (edges.starts.length === 0 || !(width > 0)) return [];
  const seen: Edges = {
    ...edges,
    starts: edges.starts.slice(0, TRIED.places),
    ends: edges.ends.slice(0, TRIED.places),
  };
  const best = new Map<string, FoundGrid>();
  for (const lattice of candidates(seen, width)) {
    const on = weightOn(seen, lattice);
    const gain = gainOf(on, seen.total, lattice, width);
    if (gain < LEAST_GAIN || on / seen.total < LEAST_EXPLAINED) continue;
    const column = columnOf(lattice);
    const key = `${lattice.count} ${Math.round(lattice.start)} ${Math.round(lattice.end)} ${Math.round(lattice.gutter)}`;
    const before = best.get(key);
    if (!before || before.gain < gain)
      best.set(key, { ...lattice, width, column, explained: on / seen.total, gain, alsoFits: [] });
  }
  const ranked = [...best.values()].sort((a, b) => b.gain - a.gain);
  const told = apart(ranked, most * 4);
  return told.slice(0, most).map((grid) => ({ ...grid, alsoFits: fitting(grid, ranked) }));
}

function columnOf({ start, end, count, gutter }: Lattice): number {
  return (end - start + gutter) / count - gutter;
}

/** Every container between heavy places, every count, every gutter that occurs. */
function* candidates({ starts, ends }: Edges, width: number): Generator<Lattice> {
  const [lefts, rights] = [sides(starts, ends, width), sides(ends, starts, width)];
  const gutters = guttersOf(starts, ends);
  for (const start of lefts) {
    for (const end of rights) {
      if (end - start < width * 0.25) continue;
      for (let count = 2; count <= MOST_FOUND_COLUMNS; count++) {
        for (const gutter of gutters) {
          const lattice = { start, end, count, gutter };
          const column = columnOf(lattice);
          if (column >= LEAST_COLUMN && column >= gutter / 2) yield lattice;
        }
      }
    }
  }
}

/** The heaviest places of one kind, and those that mirror the heaviest of the other. */
function sides(own: readonly EdgePlace[], other: readonly EdgePlace[], width: number): number[] {
  const found: number[] = [];
  const take = (at: number): void => {
    if (at >= -ON_LINE && at <= width + ON_LINE && !found.some((each) => Math.abs(each - at) < 0.3)) found.push(at);
  };
  for (const { at } of own.slice(0, TRIED.sides)) take(at);
  for (const { at } of other.slice(0, 4)) take(width - at);
  return found;
}

/** The distances from an end to a next start that occur most. */
function guttersOf(starts: readonly EdgePlace[], ends: readonly EdgePlace[]): number[] {
  const weights = new Map<number, number>();
  for (const end of ends.slice(0, 60)) {
    for (const start of starts.slice(0, 60)) {
      const gap = Math.round((start.at - end.at) * 4) / 4;
      if (gap < 0 || gap > WIDEST_GUTTER) continue;
      weights.set(gap, (weights.get(gap) ?? 0) + Math.min(start.weight, end.weight));
    }
  }
  const frequent = [...weights].sort(([, a], [, b]) => b - a).map(([gap]) => gap);
  const gutters: number[] = [];
  for (const gap of frequent) {
    if (gutters.length >= TRIED.gutters) break;
    if (!gutters.some((each) => Math.abs(each - gap) < 0.5)) gutters.push(gap);
  }
  if (!gutters.includes(0)) gutters.push(0);
  return gutters;
}

/** Grids that are told apart: of those whose lines are the same to a px, the best. */
function apart(ranked: readonly FoundGrid[], most: number): FoundGrid[] {
  const kept: FoundGrid[] = [];
  for (const grid of ranked) {
    if (kept.length >= most) break;
    const isSame = kept.some(
      (other) =>
        other.count === grid.count &&
        Math.abs(other.start - grid.start) < 1.5 &&
        Math.abs(other.end - grid.end) < 1.5 &&
        Math.abs(other.gutter - grid.gutter) < 1.5,
    );
    if (!isSame) kept.push(grid);
  }
  return kept;
}

/** Other counts in the same container with the same gutter that explain as many edges. */
function fitting(grid: FoundGrid, ranked: readonly FoundGrid[]): number[] {
  const same = ranked.filter(
    (other) =>
      other.count !== grid.count &&
      Math.abs(other.start - grid.start) < 0.6 &&
      Math.abs(other.end - grid.end) < 0.6 &&
      Math.abs(other.gutter - grid.gutter) < 0.6 &&
      other.explained >= grid.explained * NEARLY,
  );
  return [...new Set(same.map(({ count }) => count))].sort((a, b) => a - b);
}
