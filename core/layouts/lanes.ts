import type { Px } from '../length/px';
import type { Placed, SpaceAt } from './placements';
import { rowsAfter } from './placements';
import type { RowFrame } from './row-frame';

/** A lane: the row at which it begins, and how many it takes. */
export type Lane = { first: number; rows: number };

/** A block with its own height, where it has one: blocks as tall as their lanes or their section have none. */
export type Tall = { placed: Placed; height: Px | null };

/** What rows are counted in: whole ones for the sheet, or lengths of rows with the gap after each for the style sheet. */
export type RowCount<Height, T> = {
  rows: (count: number) => T;
  /** The fewest rows that hold a height; at least one. */
  holding: (height: Height) => T;
  add: (a: T, b: T) => T;
  sub: (a: T, b: T) => T;
  greatest: (a: T, b: T) => T;
};

/**
 * What each lane of a section takes, the law of the sheet and of `layout.css` alike: the fewest rows that hold its tallest block; blocks of several
 * lanes count last: where they are taller than their lanes and the space between, the last of these grows.
 */
export function solvedLanes<Height, T>(
  blocks: readonly { placed: Placed; height: Height | null }[],
  space: SpaceAt,
  { rows, holding, add, sub, greatest }: RowCount<Height, T>,
): T[] {
  const own = blocks.filter(({ height }) => height !== null) as { placed: Placed; height: Height }[];
  const isAlone = ({ placed: { lanes } }: { placed: Placed }): boolean => lanes[0] === lanes[1];
  const count = Math.max(0, ...blocks.map(({ placed }) => placed.lanes[1]));
  const lanes = Array.from({ length: count }, (_, index) => rows(space.gone.has(index + 1) ? 0 : 1));
  for (const { placed, height } of own.filter(isAlone)) {
    const index = placed.lanes[0] - 1;
    lanes[index] = greatest(lanes[index]!, holding(height));
  }
  const spanning = own.filter((each) => !isAlone(each)).sort((a, b) => a.placed.lanes[1] - b.placed.lanes[1]);
  for (const { placed, height } of spanning) {
    const [start, end] = placed.lanes;
    const others = lanes.slice(start - 1, end - 1);
    const has = others.reduce(
      (sum, lane, index) => add(sum, add(lane, rows(rowsAfter(space, start - 1 + index)))),
      rows(0),
    );
    lanes[end - 1] = greatest(lanes[end - 1]!, sub(holding(height), has));
  }
  return lanes;
}

/** The lanes of a section in whole rows, from a row on. */
export function layLanes(blocks: readonly Tall[], space: SpaceAt, frame: RowFrame, first: number): Lane[] {
  const lanes = solvedLanes(blocks, space, { ...WHOLE_ROWS, holding: frame.holding });
  let at = first + space.above;
  return lanes.map((rows, index) => {
    const lane = { first: at, rows };
    at += rows + (index < lanes.length - 1 ? rowsAfter(space, index) : 0);
    return lane;
  });
}

const WHOLE_ROWS = {
  rows: (count: number): number => count,
  add: (a: number, b: number): number => a + b,
  sub: (a: number, b: number): number => a - b,
  greatest: (a: number, b: number): number => Math.max(a, b),
};

/** The row after the last of the lanes and the space below them. */
export function rowAfter(lanes: readonly Lane[], space: SpaceAt, first: number): number {
  const last = lanes.at(-1);
  return (last ? last.first + last.rows : first + space.above) + space.below;
}
