import { expect, test } from 'vitest';
import { surenessOf } from './claim';

const place = (at: number, weight = 1) => ({ at, weight, edges: 1 });
const rooms = [{ from: 0, to: 1248 }];
const tried = { starts: [24, 126], ends: [1224, 306], gutters: [24, 126, 0] };
const grid = { start: 24, end: 1224, count: 12, gutter: 24 };

test('what stands on lines that were not chosen for it makes a grid sure; how often it stands there does not', () => {
  const on = {
    starts: [24, 126, 330, 738].map((at) => place(at)),
    ends: [306, 510, 714, 1224].map((at) => place(at)),
    rooms,
  };
  const often = { ...on, starts: on.starts.map((each) => ({ ...each, weight: 40, edges: 900 })) };
  expect(surenessOf(grid, on, 1248, tried)).toBeGreaterThan(6);
  expect(surenessOf(grid, often, 1248, tried)).toBeCloseTo(surenessOf(grid, on, 1248, tried));
});

test('two sides tell of no grid, since whoever looks takes them for its sides', () => {
  expect(
    surenessOf(grid, { starts: [place(24, 30)], ends: [place(1224, 30), place(900), place(777)], rooms }, 1248, tried),
  ).toBeLessThan(0);
});

test('lines by chance: one of ten places on one of twelve lines is none', () => {
  const strewn = [61, 126, 407, 499, 833].map((at) => place(at));
  const ends = [222, 395, 641, 1004, 1187].map((at) => place(at));
  expect(surenessOf(grid, { starts: strewn, ends, rooms }, 1248, tried)).toBeLessThan(0);
});
