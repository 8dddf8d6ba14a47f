import { depthsInBlocks } from './depths';
import type { Box, Screen } from './screens';

/** A place at which edges of one kind lie, and how much they weigh together. */
export type EdgePlace = { at: number; weight: number; edges: number };

/** Where boxes start and where they end, over screens of one width; the heaviest first. */
export type Edges = { starts: EdgePlace[]; ends: EdgePlace[]; total: number; count: number };

/** Edges nearer to each other than this are one place, in px. */
const SAME = 0.26;

/** A taller edge says more, up to so many px; many short ones at one place say little more than a few. */
const TALLEST = 480;
const UNIT = 48;

/**
 * The edges of boxes along the width. An edge weighs by its height; edges at one place are seen together, and their weight
 * grows with the root of the sum, so that thirty lines of one text do not outvote a row of cards.
 */
export function edgesOfScreens(screens: readonly Screen[]): Edges {
  const weighed = screens.flatMap(({ boxes }) => weigh(boxes.filter(({ width, height }) => width > 0 && height > 0)));
  const starts = places(weighed.map(({ box: { x }, tall }) => [x, tall]));
  const ends = places(weighed.map(({ box: { x, width }, tall }) => [x + width, tall]));
  const total = [...starts, ...ends].reduce((sum, { weight }) => sum + weight, 0);
  return { starts, ends, total, count: weighed.length * 2 };
}

/** What lies in a block says so much less of the page’s grid than the block. */
const DEEPER = 0.4;

/** Boxes with how much height they count for: the deeper they stand, the less. */
function weigh(boxes: readonly Box[]): { box: Box; tall: number }[] {
  const depths = depthsInBlocks(boxes);
  return boxes.map((box, index) => ({
    box,
    tall: Math.min(box.height, TALLEST) * DEEPER ** depths[index]!,
  }));
}

function places(edges: readonly (readonly [at: number, tall: number])[]): EdgePlace[] {
  const sorted = [...edges].sort(([a], [b]) => a - b);
  const groups: { tall: number; first: number; edges: number; heaviest: number; at: number }[] = [];
  for (const [at, tall] of sorted) {
    const last = groups.at(-1);
    if (last && at - last.first <= SAME) {
      last.tall += tall;
      last.edges += 1;
      if (tall > last.heaviest) [last.heaviest, last.at] = [tall, at];
    } else groups.push({ tall, first: at, edges: 1, heaviest: tall, at });
  }
  return groups
    .map(({ at, tall, edges: count }) => ({ at, weight: Math.sqrt(tall / UNIT), edges: count }))
    .sort((a, b) => b.weight - a.weight);
}
