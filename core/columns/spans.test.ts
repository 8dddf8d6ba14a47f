import { describe, expect, test } from 'vitest';
import { solvedColumns } from '../spec/testing';
import { compareCounts } from './compare-counts';
import { percent, spansOf } from './spans';

test('spans as px, and as shares of container and viewport', () => {
  const spans = spansOf(solvedColumns(1440, { margin: 'auto', container: '1152px', gutter: '24px' }));
  expect(spans).toHaveLength(12);
  expect([spans[3]!.width.valueOf(), percent(spans[3]!.ofContainer), percent(spans[3]!.ofViewport)]).toEqual([
    368,
    '31.94 %',
    '25.56 %',
  ]);
  expect(percent(spans[11]!.ofContainer)).toBe('100 %');
});

describe('counts on one container', () => {
  const shared = (counts: number[], outer: 'none' | 'half' = 'none') =>
    compareCounts({ container: 1200, gutter: 20, outer }, counts).shared.map(({ width, columns }) => [
      width.valueOf(),
      ...columns,
    ]);

  test('12 against 16 share every quarter', () => {
    expect(shared([12, 16])).toEqual([
      [285, 3, 4],
      [590, 6, 8],
      [895, 9, 12],
      [1200, 12, 16],
    ]);
  });
  test('three counts share what all three have', () => {
    expect(shared([6, 12, 18]).map(([, ...columns]) => columns)).toEqual(
      [1, 2, 3, 4, 5, 6].map((k) => [k, 2 * k, 3 * k]),
    );
  });
  test('counts without a common divisor share the whole alone', () => {
    expect(shared([5, 12])).toEqual([[1200, 5, 12]]);
    expect(shared([5, 12], 'half')).toEqual([[1180, 5, 12]]);
  });
});
