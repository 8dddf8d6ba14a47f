import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../spec/testing';
import { applyEdits } from '../../edits/apply-edits';
import { findingsOf } from '../run';
import { reports } from '../testing';
import { sumComesOut } from './sum-comes-out';

test('a drawing 2 px wider than the screen', () => {
  const spec = specWith(breakpointOf({ margin: '144px', container: '1152px', gutter: '24px' }, 1442));
  expect(reports(sumComesOut, spec)).toEqual([
    {
      message:
        '144 + 12 × 74 + 11 × 24 + 144 = 1440, but the viewport is 1,442 px: 2 px short. One value too many is set.',
      mends: ['Set the container to auto: 1154', 'Set the margin to auto: 145'],
    },
  ]);
});

test('more than one quantity too many', () => {
  const spec = specWith(breakpointOf({ margin: '100px', container: '1152px', gutter: '24px', column: '72px' }, 1440));
  expect(reports(sumComesOut, spec)[0]!.message).toMatch(/112 px short. Too many values are set.$/);
  expect(reports(sumComesOut, spec)[0]!.mends).toContain('Set the container and the margin to auto: 1128 and 156');
});

test('each mend makes the sum come out', () => {
  const spec = specWith(breakpointOf({ margin: '100px', container: '1152px', gutter: '24px', column: '72px' }, 1440));
  const { mends } = findingsOf(spec).find(({ rule }) => rule === sumComesOut.id)!;
  expect(mends.length).toBeGreaterThan(0);
  for (const { edits } of mends) expect(reports(sumComesOut, applyEdits(spec, edits).value!)).toEqual([]);
});

test.each([
  [{ gutter: 'auto' as const }, 'Set the column or the gutter to divide the container of 1,440 px.'],
  [
    { count: 'auto' as const, gutter: '24px' },
    'The count can be auto only when column and gutter are set. Set both, or a count such as 12.',
  ],
  [{ margin: 'auto' as const, gutter: '24px' }, 'Set the margin or the container to divide the viewport of 1,440 px.'],
])('%j leaves too much open', (columns, message) => {
  expect(reports(sumComesOut, specWith(breakpointOf(columns)))).toEqual([{ message, mends: [] }]);
});

test('a sum that comes out is no finding', () => {
  expect(reports(sumComesOut, specWith(breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' })))).toEqual(
    [],
  );
});
