import { expect, test } from 'vitest';
import { findGrids } from './find-grids';
import { roomsOf } from './rooms';
import type { Box } from './screens';

const box = (x: number, y: number, width: number, height: number): Box => ({ x, y, width, height, name: '' });

test('a panel at a side leaves the rest of the width, where margins may be even too', () => {
  const [panel, bar] = [box(0, 0, 240, 900), box(0, 0, 1240, 64)];
  // the first column has nothing in it
  const cards = [0, 200, 400, 600].flatMap((y) => [1, 2, 3].map((index) => box(272 + index * 240, 100 + y, 216, 160)));
  const screen = { name: 'Panel', width: 1240, height: 900, boxes: [panel, bar, ...cards] };
  expect(roomsOf([screen])).toContainEqual({ from: 240, to: 1240 });
  expect(findGrids([screen])[0]).toMatchObject({ start: 272, end: 1208, count: 4, gutter: 24 });
});

test('a low box at the side is no panel', () => {
  const boxes = [box(0, 0, 240, 400)];
  expect(roomsOf([{ name: 'Low', width: 1240, height: 900, boxes }])).toEqual([{ from: 0, to: 1240 }]);
});
