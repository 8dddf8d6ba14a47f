import type { Box, Screen } from './screens';

/** A distance down the pages, and how often it occurs. */
export type Distance = { px: number; times: number };

/** The unit down the pages: tops and feet lie on its multiples, from an offset on. */
export type Verticals = {
  /** Null where no unit explains them better than chance. */
  unit: number | null;
  offset: number;
  /** The share of tops and feet that stand on it. */
  explained: number;
  /** White space between a box and the next below it, the most frequent first. */
  distances: Distance[];
};

const WIDEST_UNIT = 64;
/** A unit’s edges are counted on half px, with those half a px beside: so wide together. */
const SPREAD = 1.5;
/** Boxes that touch are apart by less than this. */
const ON = 0.6;
const MOST_DISTANCES = 24;
/** What a unit has to gain over chance, in nats. */
const LEAST_GAIN = 4;

/**
 * The base unit, or the period of rows or baselines, that tops and feet stand on.
 *
 * Each unit from 2 px on is tried at the offset that most of them share, and weighed against chance as grids are: a unit
 * twice as large has to find half as many by chance, so that 16 wins over 8 where everything stands on 16.
 */
export function verticalsOf(screens: readonly Screen[]): Verticals {
  const boxes = screens.flatMap((screen) => screen.boxes).filter(({ width, height }) => width > 0 && height > 0);
  const edges = boxes.flatMap(({ y, height }) => [y, y + height]);
  let best = { unit: 0, offset: 0, on: 0, gain: LEAST_GAIN };
  for (let unit = 2; unit <= WIDEST_UNIT; unit++) {
    const { offset, on } = sharedOffset(edges, unit);
    const gain = gainOf(on, edges.length, unit);
    if (gain > best.gain) best = { unit, offset, on, gain };
  }
  return {
    unit: best.unit || null,
    offset: best.offset,
    explained: edges.length === 0 ? 0 : best.on / edges.length,
    distances: distancesOf(screens),
  };
}

/** The offset below a unit on which most edges lie, to half a px. */
function sharedOffset(edges: readonly number[], unit: number): { offset: number; on: number } {
  const bins = new Array<number>(unit * 2).fill(0);
  for (const edge of edges) bins[Math.round(modulo(edge, unit) * 2) % bins.length]!++;
  let best = { offset: 0, on: -1 };
  for (let bin = 0; bin < bins.length; bin++) {
    // what was rounded lies half a px beside
    const on = bins[bin]! + bins[(bin + 1) % bins.length]! + bins[(bin + bins.length - 1) % bins.length]!;
    const isBetter = on > best.on || (on === best.on && bins[bin]! > bins[best.offset * 2]!);
    if (isBetter) best = { offset: bin / 2, on };
  }
  return best;
}

function modulo(value: number, unit: number): number {
  return value - Math.floor(value / unit) * unit;
}

/** In nats, less what it takes to say unit and offset. */
function gainOf(on: number, total: number, unit: number): number {
  const share = Math.min(0.995, on / total);
  if (on <= 0) return 0;
  const told = on * Math.log((share * unit) / SPREAD + 1 - share) + (total - on) * Math.log(1 - share);
  return told - Math.log(WIDEST_UNIT) - Math.log(unit * 2);
}

/** From each box to the nearest below it that lies over it in the width. */
function distancesOf(screens: readonly Screen[]): Distance[] {
  const times = new Map<number, number>();
  for (const { boxes } of screens) {
    const byTop = [...boxes].filter(({ height }) => height > 0).sort((a, b) => a.y - b.y);
    for (const [index, box] of byTop.entries()) {
      const below = nextBelow(byTop, index, box);
      if (below === null) continue;
      const px = Math.round((below - box.y - box.height) * 2) / 2;
      times.set(px, (times.get(px) ?? 0) + 1);
    }
  }
  return [...times]
    .map(([px, count]) => ({ px, times: count }))
    .sort((a, b) => b.times - a.times || a.px - b.px)
    .slice(0, MOST_DISTANCES);
}

/** So many boxes further down are looked at for the next one. */
const LOOKED_AT = 400;

function nextBelow(byTop: readonly Box[], index: number, { x, y, width, height }: Box): number | null {
  const foot = y + height;
  for (const next of byTop.slice(index + 1, index + 1 + LOOKED_AT)) {
    if (next.y >= foot - ON && next.x < x + width && x < next.x + next.width) return next.y;
  }
  return null;
}
