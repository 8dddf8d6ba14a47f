import { describe, expect, test } from 'vitest';
import { causesOf, causeText, offGrid } from './off';
import type { Box } from './screens';

// columns of 81 between margins of 20, gutters of 16
const LINES = { starts: [20, 117, 214, 311], ends: [101, 198, 295, 392], width: 412 };
const box = (x: number, width: number, y: number, more: Partial<Box> = {}): Box => ({
  x,
  y,
  width,
  height: 40,
  name: `${x}/${y}`,
  ...more,
});
const off = (boxes: Box[], tolerance?: number) =>
  offGrid({ name: 'Home', width: 412, height: 900, boxes }, LINES, tolerance);

describe('what is off a grid', () => {
  test('slips are told from what leaves the grid on purpose', () => {
    const found = off([box(20, 81, 0), box(117, 84, 0), box(0, 412, 100), box(60, 200, 200)]);
    expect(found.slips.map(({ side, at, nearest, by }) => ({ side, at, nearest, by }))).toEqual([
      { side: 'end', at: 201, nearest: 198, by: 3 },
    ]);
    expect(found.leaving.map(({ at }) => at)).toEqual([0, 412, 60, 260]);
    expect([found.on, found.edges]).toEqual([3, 8]);
    expect(causesOf(found.slips).map(causeText)).toEqual(['1 box ends 3 px late']);
    expect(off([box(117, 84, 0)], 3).slips).toEqual([]);
  });

  test('of words in a picture only the side at which they are aligned is held', () => {
    const lines = [78, 83, 74, 90, 86].map((width, index) => box(117, width, index * 60, { is: 'text' }));
    expect(off(lines)).toMatchObject({ slips: [], leaving: [], on: 5, edges: 5 });
    // the same as areas have two sides each
    expect(off(lines.map(({ is: _, ...area }) => area)).edges).toBe(10);
    const late = lines.map((line) => ({ ...line, x: line.x + 2 }));
    expect(causesOf(off(late).slips).map(causeText)).toEqual(['5 boxes start 2 px late']);
  });

  test('a card’s own parts are not held against the page’s grid', () => {
    expect(off([box(20, 81, 0), { ...box(28, 60, 4), height: 20 }]).edges).toBe(2);
  });
});
