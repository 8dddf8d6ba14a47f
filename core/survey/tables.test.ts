import { describe, expect, test } from 'vitest';
import { findGrids } from './find-grids';
import type { Box } from './screens';
import { withoutTables } from './tables';

const box = (x: number, y: number, width: number, height: number, name = ''): Box => ({ x, y, width, height, name });
const rows = (
  count: number,
  pitch: number,
  columns: readonly (readonly [x: number, width: number])[],
  from = 100,
): Box[] =>
  Array.from({ length: count }, (_, row) => columns.map(([x, width]) => box(x, from + row * pitch, width, 40))).flat();

/** Departs, from, to, remarks: each as wide as what it holds. */
const UNEVEN = [
  [40, 90],
  [130, 210],
  [340, 160],
  [500, 412],
] as const;

describe('a table of data', () => {
  test('is one thing with its own sides', () => {
    expect(withoutTables(rows(6, 40, UNEVEN))).toEqual([box(40, 100, 872, 240, 'table')]);
  });

  test('of words alone is nothing: words end where they end', () => {
    const words = rows(6, 44, UNEVEN).map((cell, index) => ({
      ...cell,
      width: cell.width - 20 - 3 * (index % 7),
      height: 18,
    }));
    expect(withoutTables(words)).toEqual([]);
  });

  test('in a panel leaves the panel, and whatever is beside it', () => {
    const [panel, card] = [box(24, 60, 904, 320, 'panel'), box(960, 60, 400, 320, 'card')];
    expect(withoutTables([panel, card, ...rows(6, 40, UNEVEN)])).toEqual([panel, card]);
  });

  test('has four rows or more: three are three rows of blocks', () => {
    expect(withoutTables(rows(3, 40, UNEVEN))).toHaveLength(12);
  });
});

test('cards in even columns are no table, however many rows there are', () => {
  const cards = rows(
    8,
    64,
    [0, 1, 2, 3].map((index) => [40 + index * 220, 196] as const),
  );
  expect(withoutTables(cards)).toHaveLength(32);
  expect(findGrids([{ name: 'Cards', width: 936, height: 800, boxes: cards }])[0]).toMatchObject({
    count: 4,
    gutter: 24,
  });
});

test('rows that are further apart one time than the other are none', () => {
  const uneven = [0, 60, 170, 200, 380, 420].flatMap((y) => rows(1, 0, UNEVEN, 100 + y));
  expect(withoutTables(uneven)).toHaveLength(24);
});
