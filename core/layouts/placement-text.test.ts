import { expect, test } from 'vitest';
import { readColumns, heightOfText, lanesOf } from './placement-text';

test.each<[string, [number, number], number, [number, number] | string]>([
  ['2–6', [1, 1], 12, [2, 6]],
  ['2-6', [1, 1], 12, [2, 6]],
  ['3', [1, 1], 12, [3, 3]],
  ['5–9.5', [1, 1], 12, [5, 9.5]],
  ['all', [4, 6], 12, [1, 12]],
  ['half', [7, 9], 12, [7, 12]],
  ['half', [9, 9], 12, [7, 12]],
  ['two thirds', [1, 1], 12, [1, 8]],
  ['a quarter', [4, 4], 12, [4, 6]],
  ['6 of 12', [1, 1], 8, [1, 4]],
  ['third', [1, 1], 10, '“third” of 10 columns is 3 1/3 columns; whole here: half, all.'],
  ['3 of 0', [1, 1], 10, 'Enter columns, such as 2–6, 6 of 12, half, two thirds or all.'],
  ['6–2', [1, 1], 12, 'Columns are counted from 1, the first before the last, such as 2–6.'],
  ['0', [1, 1], 12, 'Columns are counted from 1, the first before the last, such as 2–6.'],
  ['2–13', [1, 1], 12, 'There are 12 columns here. Enter columns from 1 to 12.'],
  ['wide', [1, 1], 12, 'Enter columns, such as 2–6, 6 of 12, half, two thirds or all.'],
])('columns %s from %j of %i', (text, now, count, meant) => {
  const { value, problem } = readColumns(text, now, count);
  expect(value ?? problem).toEqual(meant);
});

test.each<[string, unknown]>([
  ['12 rows', { rows: 12 }],
  ['12', { rows: 12 }],
  ['3 lines', { lines: 3 }],
  ['1 line', { lines: 1 }],
  ['16/9', { ratio: '16/9' }],
  ['16:9', { ratio: '16/9' }],
  ['1.85/1', { ratio: '1.85/1' }],
  ['lanes', 'lanes'],
  ['section', 'section'],
  ['0', 'A block can be 1 to 1000 rows, lines, baselines or units tall.'],
  ['0/9', 'Enter a height, such as 12 rows, 3 lines, 420 px, 16/9, lanes or section.'],
  ['tall', 'Enter a height, such as 12 rows, 3 lines, 420 px, 16/9, lanes or section.'],
])('height %s', (text, meant) => {
  const { value, problem } = heightOfText(text);
  expect(value ?? problem).toEqual(meant);
});

test.each<[string, unknown]>([
  ['2', [2, 2]],
  ['2–3', [2, 3]],
  ['0', 'Enter a lane, such as 2, or lanes, such as 2–3.'],
  ['3-2', 'Enter a lane, such as 2, or lanes, such as 2–3.'],
])('lanes %s', (text, meant) => {
  const { value, problem } = lanesOf(text);
  expect(value ?? problem).toEqual(meant);
});
