import { expect, test } from 'vitest';
import { alignmentsOf } from './alignment';
import type { Box } from './screens';

const area = (x: number, y: number, width: number, height: number): Box => ({ x, y, width, height, name: '' });
const text = (x: number, y: number, width: number, height = 16): Box => ({ ...area(x, y, width, height), is: 'text' });

const [BOTH, START, END, NONE] = [
  { start: true, end: true },
  { start: true, end: false },
  { start: false, end: true },
  { start: false, end: false },
];

test('areas stand by both sides, also where nothing is known of any box', () => {
  expect(alignmentsOf([area(24, 0, 300, 200), area(40, 20, 90, 12)])).toEqual([BOTH, BOTH]);
});

test('words that begin at one place and end anywhere stand by their starts', () => {
  expect(alignmentsOf([text(24, 0, 310), text(24, 24, 290), text(24, 48, 120)])).toEqual([START, START, START]);
});

test('words that end at one place stand by their ends, from four of them on', () => {
  const right = [80, 120, 64, 95].map((width, row) => text(600 - width, row * 24, width));
  expect(alignmentsOf(right)).toEqual([END, END, END, END]);
  expect(alignmentsOf(right.slice(0, 3))).toEqual([START, START, START]);
});

test('a drawing with a word under its middle stands by neither side', () => {
  expect(alignmentsOf([area(100, 0, 40, 40), text(84, 52, 72)])).toEqual([NONE, NONE]);
});
