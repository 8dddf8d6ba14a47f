import { type Alignment, alignmentsOf } from './alignment';
import { depthsInBlocks, isAround } from './depths';
import { panelsOf, type Room, roomsOf } from './rooms';
import type { Box, Screen } from './screens';
import { withoutTables } from './tables';

/** A place at which edges of one kind lie, and how much they weigh together. */
export type EdgePlace = { at: number; weight: number; edges: number };

/** Where boxes start and where they end, over screens of one width; the heaviest first. */
export type Edges = {
  starts: EdgePlace[];
  ends: EdgePlace[];
  total: number;
  count: number;
  rooms: Room[];
  blocks: Block[];
};

/** A block that is laid out on the page: its two edges, and how much it counts for. */
export type Block = { start: number; end: number; tall: number };

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
  const weighed = screens.flatMap((screen) => weigh(laidOut(screen)).filter(({ box }) => !isFullBleed(box, screen)));
  const starts = places(weighed.filter(({ by }) => by.start).map(({ box: { x }, tall }) => [x, tall]));
  const ends = places(weighed.filter(({ by }) => by.end).map(({ box: { x, width }, tall }) => [x + width, tall]));
  const total = [...starts, ...ends].reduce((sum, { weight }) => sum + weight, 0);
  const blocks = weighed
    .filter(({ depth, by }) => depth === 0 && by.start && by.end)
    .map(({ box: { x, width }, tall }) => ({ start: x, end: x + width, tall }));
  return { starts, ends, total, blocks, count: weighed.length * 2, rooms: roomsOf(screens) };
}

/** Boxes that say something of the page’s columns: tables of data are one thing each, and what stands in a panel at the side is the panel’s. */
function laidOut(screen: Screen): Box[] {
  const panels = panelsOf(screen);
  const isInPanel = (box: Box): boolean => panels.some((panel) => panel !== box && isAround(panel, box));
  const seen = screen.boxes.filter((box) => box.width > 0 && box.height > 0 && !isInPanel(box));
  return withoutTables(seen);
}

/** A band from one side of the screen to the other stands on no column. */
function isFullBleed({ x, width }: Box, screen: Screen): boolean {
  return x <= SAME && x + width >= screen.width - SAME;
}

/** What lies in a block says so much less of the page’s grid than the block. */
const DEEPER = 0.2;

/** Boxes with how much height they count for: the deeper they stand, the less. */
function weigh(boxes: readonly Box[]): { box: Box; by: Alignment; depth: number; tall: number }[] {
  const depths = depthsInBlocks(boxes);
  const alignments = alignmentsOf(boxes);
  return boxes.map((box, index) => ({
    box,
    by: alignments[index]!,
    depth: depths[index]!,
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
