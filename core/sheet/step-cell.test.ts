import { expect, test } from 'vitest';
import type { QuantityId } from '../quantities/registry';
import type { Columns } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { readingOf } from '../quantities/registry';
import { stepCell } from './step-cell';

test.each<[QuantityId, Partial<Columns>, 1 | -1, boolean, string]>([
  ['gutter', { gutter: '24px' }, 1, false, '32'],
  ['gutter', { gutter: '24px' }, -1, false, '16'],
  ['gutter', { gutter: '24px' }, 1, true, '28'],
  ['gutter', { gutter: '4px' }, -1, false, '0'],
  ['gutter', { gutter: '1.5rem' }, 1, false, '2rem'],
  ['margin', { margin: '5%' }, 1, false, '6%'],
  ['count', { count: 12 }, -1, false, '11'],
  ['container', { container: { upTo: '1536px' } }, -1, false, 'up to 1528'],
  ['outer', { outer: 'none' }, 1, false, 'half'],
  ['outer', { outer: 'half' }, 1, false, 'half'],
])('%s of %j, %i step', (quantity, columns, direction, half, text) => {
  const spec = specWith(breakpointOf(columns));
  const stepped = stepCell(spec, 'screen', quantity, direction, half).value!;
  expect(readingOf(stepped, stepped.breakpoints[0]!, quantity).text).toBe(text);
});

test('what follows is not stepped', () => {
  expect(stepCell(specWith(breakpointOf({})), 'screen', 'column', 1, false).problem).toBe(
    'This is auto. Enter a value to set it.',
  );
});

test('a count stays between 1 and 64', () => {
  expect(stepCell(specWith(breakpointOf({ count: 64 })), 'screen', 'count', 1, false).problem).toBe(
    '65 columns are too many; the maximum is 64.',
  );
});

test('arithmetic is typed anew, not stepped', () => {
  const spec = specWith(breakpointOf({ margin: { typed: '2*72', is: '144px' } }));
  expect(stepCell(spec, 'screen', 'margin', 1, false).problem).toBe(
    'Only single numbers can be stepped. Enter the new value.',
  );
});
