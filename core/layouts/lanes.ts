import type { Px } from '../length/px';
import type { Placed, SpaceAt } from './placements';
import { rowsAfter } from './placements';
import type { RowFrame } from './row-frame';

/** A lane: the row at which it begins, and how many it takes. */
export type Lane = { first: number; rows: number };

/** A block with its own height, where it has one: blocks as tall as their lanes or their section have none. */
export type Tall = { placed: Placed; height: Px | null };

/**
 * The lanes of a section, from a row on. A lane takes the fewest rows that hold its tallest block; blocks of several
 * lanes count last: where they are taller than their lanes and the space between, the last of these grows.
 */
export function layLanes(blocks: readonly Tall[], space: SpaceAt, frame: RowFrame, first: number): Lane[] {
  const rows = rowsOfLanes(blocks, frame);
  const count = rows.length;
  const spanning = blocks
    .filter(({ placed: { lanes }, height }) => lanes[0] < lanes[1] && height !== null)
    .sort((a, b) => a.placed.lanes[1] - b.placed.lanes[1]);
  for (const { placed, height } of spanning) {
    const [start, end] = placed.lanes;
    const has = rowsBetween(rows, space, start, end);
    rows[end - 1]! += Math.max(0, frame.holding(height!) - has);
  }
  let at = first + space.above;
  return rows.map((taken, index) => {
    const lane = { first: at, rows: taken };
    at += taken + (index < count - 1 ? rowsAfter(space, index) : 0);
    return lane;
  });
}

/** What the blocks of one lane take in each; a lane is one row at least. */
function rowsOfLanes(blocks: readonly Tall[], frame: RowFrame): number[] {
  const rows: number[] = [];
  for (const {
    placed: { lanes },
    height,
  } of blocks) {
    while (rows.length < lanes[1]) rows.push(1);
    if (lanes[0] !== lanes[1] || height === null) continue;
    rows[lanes[0] - 1] = Math.max(rows[lanes[0] - 1]!, frame.holding(height));
  }
  return rows;
}

/** Rows of lanes from one to another, with the space between them. */
function rowsBetween(rows: readonly number[], space: SpaceAt, start: number, end: number): number {
  let sum = 0;
  for (let lane = start; lane <= end; lane++) sum += rows[lane - 1]! + (lane < end ? rowsAfter(space, lane - 1) : 0);
  return sum;
}

/** The row after the last of the lanes and the space below them. */
export function rowAfter(lanes: readonly Lane[], space: SpaceAt, first: number): number {
  const last = lanes.at(-1);
  return (last ? last.first + last.rows : first + space.above) + space.below;
}
