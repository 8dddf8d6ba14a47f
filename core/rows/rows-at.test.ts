import { expect, test } from 'vitest';
import type { Rows } from '../spec/schema';
import { breakpointOf, dividedRows, specWith } from '../spec/testing';
import { baselineAt } from '../baseline/baseline-at';
import { rowEdges, rowsAt } from './rows-at';

const at = (rows: Rows, height: number, step = '4px') => {
  const breakpoint = { ...breakpointOf({}, 1440, { height }), rows, baseline: { step, offset: '0px' } };
  return rowsAt(specWith(breakpoint), breakpoint)!;
};

test('bands of 8 with gaps of 8 go on for as long as the screen does', () => {
  const rows = at({ rule: 'repeat', height: '8px', gap: '8px', offset: '0px' }, 844);
  expect(rows.count).toBe(53);
  expect(rowEdges(rows).at(-1)!.map(String)).toEqual(['832', '840']);
});

test('six rows divide one screen', () => {
  const rows = dividedRows();
  expect(at(rows, 1024).height.toFraction()).toBe('442/3');
  expect(at(rows, 300).height.toFraction()).toBe('230/3'); // held at 600
  expect(at(rows, 2000).height.toFraction()).toBe('530/3'); // held at 1200
});

test('modules are fields of baselines', () => {
  const rows = at({ rule: 'modules', lines: 4, between: 1 }, 900, '24px');
  expect([rows.count, rows.height.valueOf(), rows.gap.valueOf()]).toEqual([8, 96, 24]);
});

test.each([
  [844, 211],
  [1133, 284],
])('lines of a 4 px baseline that begin in %i: %i', (height, lines) => {
  const breakpoint = breakpointOf({}, 1440, { height });
  expect(baselineAt(specWith(breakpoint), breakpoint)!.lines).toBe(lines);
});
