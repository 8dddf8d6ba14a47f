import { expect, test } from 'vitest';
import { spanOf } from './lines';
import { longhands } from './longhands';
import { Style } from './style';
import { templateCount } from './tracks';

const styled = (property: string, value: string): Style => {
  const style = new Style();
  for (const [name, said] of longhands(property, value)) style.set(name, said);
  return style;
};

test.each([
  // CSS Grid Layout 2, 8.3 and 8.4
  ['grid-column', '4 / 7', [4, 6]],
  ['grid-column', '7/4', [4, 6]],
  ['grid-column', '5', [5, 5]],
  ['grid-column', '5 / 5', [5, 5]],
  ['grid-column', '2 / span 3', [2, 4]],
  ['grid-column', 'span 2 / 6', [4, 5]],
  ['grid-column', '1 / -1', [1, 12]],
  ['grid-column', 'span 3 / -1', [10, 12]],
  ['grid-area', '1 / 4 / 3 / 7', [4, 6]],
  ['grid-area', '1 / 4', [4, 4]],
] as const)('%s: %s of 12 columns', (property, value, span) =>
  expect(spanOf(styled(property, value), 'column', 12)).toEqual(span),
);

test.each([
  ['grid-column', 'auto', 'the browser finds its columns by itself'],
  ['grid-column', 'span 4', 'the browser finds its columns by itself'],
  ['grid-column', 'content', 'the line “content” is a name'],
  ['grid-column', '1 / wide-end 2', 'the line “wide-end 2” is a name'],
  ['grid-column', '-20 / 2', 'it stands before the first column'],
] as const)('%s: %s is not known', (property, value, why) =>
  expect(spanOf(styled(property, value), 'column', 12)).toMatchObject({ why }),
);

test('lines from the end want a count', () =>
  expect(spanOf(styled('grid-column', '1 / -1'), 'column', null)).toMatchObject({
    why: 'line -1 is counted from the end, and how many tracks there are isn’t known',
  }));

test.each([
  ['[full-start] 16px repeat(12, [col-start] minmax(0, 1fr)) 16px [full-end]', 14],
  ['repeat(calc(2 * 3), 1fr)', 6],
  ['1fr 2fr', 2],
  ['repeat(auto-fill, 200px)', null],
  ['subgrid', null],
  ['none', null],
  [undefined, null],
])('tracks of %s: %s', (template, count) => expect(templateCount(template)).toBe(count));
