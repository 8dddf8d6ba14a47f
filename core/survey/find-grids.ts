import { type EdgePlace, type Edges, edgesOfScreens } from './edges';
import { surenessOf, type Tried } from './claim';
import { shareOfBlocksOn, gainOf, type Lattice, ON_LINE, weightOn } from './score';
import type { Screen } from './screens';

/** A grid that screens of one width may have been drawn on. */
export type FoundGrid = Lattice & {
  width: number;
  column: number;
  /** The share of the edges’ weight that stands on it. */
  explained: number;
  /** How much better it explains the edges than chance, in nats. */
  gain: number;
  /** How surely the edges stand on it and not by chance, in nats (`surenessOf`). */
  sureness: number;
  /** Is it the grid, as far as boxes can tell: surely none by chance, and no other one near it? */
  isSure: boolean;
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
/** How sure a grid has to be to be told at all: of screens that have none, two in a hundred are given one. */
const LEAST_SURE = 2.5;
/** So many of the best are held against the blocks as wholes, and so much of what a grid gains is that of its edges, whatever of blocks it explains. */
const [RANKED, OF_EDGES] = [400, 0.5];
/** So many of the best are tried half a px beside, too. */
const REFINED = 40;
/** A grid is sure that is no chance to so many nats and explains so much, where the next other one gains at most this share of it. */
const [SURE, SURE_GAIN, SURE_EXPLAINED, NEAR] = [6, 12, 0.3, 0.85];
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
  const take = (lattice: Lattice): void => {
    const on = weightOn(seen, lattice);
    const gain = gainOf(on, seen, lattice, width);
    if (gain < LEAST_GAIN || on / seen.total < LEAST_EXPLAINED) return;
    const column = columnOf(lattice);
    const key = `${lattice.count} ${Math.round(lattice.start)} ${Math.round(lattice.end)} ${Math.round(lattice.gutter)}`;
    const before = best.get(key);
    if (!before || before.gain < gain)
      best.set(key, {
        ...lattice,
        width,
        column,
        explained: on / seen.total,
        gain,
        sureness: 0,
        isSure: false,
        alsoFits: [],
      });
  };
  const byGain = (): FoundGrid[] => [...best.values()].sort((a, b) => b.gain - a.gain);
  for (const lattice of candidates(seen, width)) take(lattice);
  for (const lattice of betweenStarts(seen)) take(lattice);
  for (const grid of byGain().slice(0, REFINED)) for (const lattice of halfPxBeside(grid)) take(lattice);
  // of grids that explain about as many edges, that of the larger part of the page
  const ranked = byGain()
    .slice(0, RANKED)
    .map((grid) => ({ ...grid, gain: grid.gain * (OF_EDGES + (1 - OF_EDGES) * shareOfBlocksOn(edges.blocks, grid)) }))
    .sort((a, b) => b.gain - a.gain);
  const tried = triedOf(seen, width);
  const sure = apart(ranked, most * 4).map((grid) => ({ ...grid, sureness: surenessOf(grid, seen, width, tried) }));
  const told = sure.filter(({ sureness }) => sureness >= LEAST_SURE);
  return told.slice(0, most).map((grid, place) => ({
    ...grid,
    isSure: place === 0 && isAlone(grid, ranked) && areEndsSeen(seen, grid),
    alsoFits: fitting(grid, ranked),
  }));
}

/** A side was seen rounded to a whole px, and may lie half a px before or after it. */
function halfPxBeside(grid: Lattice): Lattice[] {
  const { count, gutter } = grid;
  const half = (at: number): number[] => [at - 0.5, at, at + 0.5];
  return half(grid.start).flatMap((start) => half(grid.end).map((end) => ({ start, end, count, gutter })));
}

/** What is tried for sides and gutters, the likeliest first. */
function triedOf({ starts, ends }: Edges, width: number): Tried {
  return { starts: sides(starts, ends, width), ends: sides(ends, starts, width), gutters: guttersOf(starts, ends) };
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

/**
 * Where little but starts is seen, as of text: columns as far apart as two starts, or a part of it, between margins that are alike. The gutter follows:
 * what so many columns and gutters are more than the container, count · period − (width − 2 · start).
 */
function* betweenStarts({ starts, rooms }: Edges): Generator<Lattice> {
  const heavy = starts.slice(0, TRIED.sides);
  for (const { from, to } of rooms) {
    for (const { at: start } of heavy) {
      const end = to - (start - from);
      if (start < from || end - start < (to - from) * 0.25) continue;
      for (const { at } of heavy) {
        if (at <= start) continue;
        for (let part = 1; part <= MOST_FOUND_COLUMNS; part++) {
          const period = (at - start) / part;
          const count = Math.round((end - start) / period + 0.12);
          if (count < 2 || count > MOST_FOUND_COLUMNS) continue;
          const gutter = Math.round(count * period - (end - start));
          if (gutter < 4 || gutter > WIDEST_GUTTER) continue;
          const lattice = { start, end, count, gutter };
          const column = columnOf(lattice);
          if (column >= LEAST_COLUMN && column >= gutter) yield lattice;
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
    if (!kept.some((other) => isSameGrid(other, grid))) kept.push(grid);
  }
  return kept;
}

/** Does no other grid come near it, but those that have its lines and more? */
function isAlone(grid: FoundGrid, ranked: readonly FoundGrid[]): boolean {
  if (grid.sureness < SURE || grid.gain < SURE_GAIN || grid.explained < SURE_EXPLAINED) return false;
  const next = ranked.find((other) => !isSameGrid(other, grid) && !isSameContainer(other, grid));
  return !next || next.gain <= NEAR * grid.gain;
}

/** Of the edges that stand on a grid, so many are ends of columns: where starts alone are seen, its gutter follows from margins that are alike, if they are. */
const ENDS = 0.15;

function areEndsSeen({ starts, ends }: Edges, grid: Lattice): boolean {
  const onEnds = weightOn({ starts: [], ends }, grid);
  return onEnds >= ENDS * (onEnds + weightOn({ starts, ends: [] }, grid));
}

/** Other counts in the same container with the same gutter that explain as many edges. */
function fitting(grid: FoundGrid, ranked: readonly FoundGrid[]): number[] {
  const same = ranked.filter(
    (other) => other.count !== grid.count && isSameContainer(other, grid) && other.explained >= grid.explained * NEARLY,
  );
  return [...new Set(same.map(({ count }) => count))].sort((a, b) => a - b);
}

/** The same lines, to a px. */
function isSameGrid(one: Lattice, other: Lattice): boolean {
  return one.count === other.count && areNear(one, other, 1.5);
}

/** The same sides and gutter: of such grids, one has the lines of the other and more. */
function isSameContainer(one: Lattice, other: Lattice): boolean {
  return areNear(one, other, 0.6);
}

function areNear(one: Lattice, other: Lattice, by: number): boolean {
  return (['start', 'end', 'gutter'] as const).every((side) => Math.abs(one[side] - other[side]) < by);
}
