import { expect, test } from 'vitest';
import type { Block, Spec } from '../spec/schema';
import { fittedLines } from './fit-lines';
import { solveLayout } from './solve-layout';
import { layoutOf, practicePage } from './testing';

const text = (id: string, at: Block['at']): Block => ({ id, name: id, holds: { text: 'body', words: 'x' }, at });
const layout = layoutOf([
  text('a', { phone: { height: { lines: 4 } }, desktop: { height: { lines: 4 } } }),
  text('b', { phone: { height: { rows: 6 } } }),
  text('c', {}),
]);
const spec: Spec = { ...practicePage, layouts: [layout] };
const heights = (of: Spec, width: number) =>
  solveLayout(of, of.layouts[0]!, width).blocks.map(({ placed: { height } }) => height);

test('lines are as many as are needed at each breakpoint, and given where they would not follow', () => {
  const lines = (a: number, b: number, c: number) => new Map(Object.entries({ a, b, c }));
  const needed = new Map([
    ['phone', lines(3, 5, 2)],
    ['tablet', lines(3, 5, 1)],
    ['desktop', lines(2, 5, 1)],
  ]);
  const fitted = fittedLines(spec, 'front', needed);
  expect(heights(fitted, 390)).toEqual([{ lines: 3 }, { rows: 6 }, { lines: 2 }]);
  expect(heights(fitted, 744)).toEqual([{ lines: 3 }, { rows: 6 }, { lines: 1 }]);
  expect(heights(fitted, 1440)).toEqual([{ lines: 2 }, { rows: 6 }, { lines: 1 }]);
  const [a, , c] = fitted.layouts[0]!.sections[0]!.blocks;
  expect(Object.keys(a!.at)).toEqual(['phone', 'desktop']);
  expect(Object.keys(c!.at)).toEqual(['phone', 'tablet']);
  expect(fittedLines(fitted, 'front', needed)).toBe(fitted);
});
