import { expect, test } from 'vitest';
import { rulerTicks } from './ruler-ticks';

test.each([
  [1, 10, 50],
  [0.33, 20, 200],
  [4, 2, 20],
  [16, 1, 5],
])('at %f px of the window for each of the page: a tick every %i, a number every %i', (scale, fine, numbered) => {
  const ticks = rulerTicks(0, 1000, scale);
  expect(ticks[1]!.at - ticks[0]!.at).toBe(fine);
  const numbers = ticks.filter(({ isNumbered }) => isNumbered).map(({ at }) => at);
  expect(numbers.slice(0, 2)).toEqual([0, numbered]);
});

test('ticks go on to the left of the page, and stop at the end', () => {
  const ticks = rulerTicks(-25, 100, 1).map(({ at }) => at);
  expect([ticks[0], ticks.at(-1)]).toEqual([-20, 100]);
});
