import fc from 'fast-check';
import { expect, test } from 'vitest';
import { wholePairs } from './whole-pairs';

// common practice, no source
test('1200 in 10 whole columns', () => {
  expect(wholePairs({ container: 1200, count: 10 }).map(({ column, gutter }) => [column, gutter])).toEqual([
    [120, 0],
    [111, 10],
    [102, 20],
    [93, 30],
    [84, 40],
    [75, 50],
    [66, 60],
  ]);
});

test('with outer half-gutters the half is whole too', () => {
  expect(wholePairs({ container: 960, count: 12, outer: 'half', maxGutter: 24 })).toEqual(
    [0, 2, 4, 6, 8, 10, 12, 14, 16, 18, 20, 22, 24].map((gutter) => ({ column: 80 - gutter, gutter })),
  );
});

test('multiples of the base', () => {
  expect(wholePairs({ container: 1152, count: 12, base: 8 }).map(({ gutter }) => gutter)).toEqual([0, 24, 48]);
});

test('one column has no gutter', () =>
  expect(wholePairs({ container: 960, count: 1 })).toEqual([{ column: 960, gutter: 0 }]));
test('a prime container', () =>
  expect(
    wholePairs({ container: 1151, count: 13 }).every(({ column, gutter }) => 13 * column + 12 * gutter === 1151),
  ).toBe(true));

test('all and only the pairs that trying every column and gutter finds', () => {
  const conditions = fc.record({
    container: fc.integer({ min: 1, max: 700 }),
    count: fc.integer({ min: 2, max: 24 }),
    outer: fc.constantFrom('none' as const, 'half' as const),
    base: fc.integer({ min: 1, max: 10 }),
    maxGutter: fc.integer({ min: 0, max: 80 }),
  });
  fc.assert(
    fc.property(conditions, ({ container, count, outer, base, maxGutter }) => {
      const tried = [];
      for (let gutter = 0; gutter <= maxGutter; gutter++) {
        for (let column = Math.max(gutter, 1); column <= container; column++) {
          const sum = count * column + (outer === 'half' ? count : count - 1) * gutter;
          if (sum === container && gutter % base === 0 && (outer === 'none' || gutter % 2 === 0))
            tried.push({ column, gutter });
        }
      }
      expect(wholePairs({ container, count, outer, base, maxGutter })).toEqual(tried);
    }),
    { numRuns: 300 },
  );
});
