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
        '144 + 12 × 74 + 11 × 24 + 144 = 1440, but the viewport is 1,442 px: 2 px too few. One quantity too many is given.',
      mends: ['Let the container follow: 1154', 'Let the margin follow: 145'],
    },
  ]);
});

test('more than one quantity too many', () => {
  const spec = specWith(breakpointOf({ margin: '100px', container: '1152px', gutter: '24px', column: '72px' }, 1440));
  expect(reports(sumComesOut, spec)[0]!.message).toMatch(/112 px too few. More than one quantity too many is given.$/);
  expect(reports(sumComesOut, spec)[0]!.mends).toContain('Let the container and the margin follow: 1128 and 156');
});

test('each mend makes the sum come out', () => {
  const spec = specWith(breakpointOf({ margin: '100px', container: '1152px', gutter: '24px', column: '72px' }, 1440));
  const { mends } = findingsOf(spec).find(({ rule }) => rule === sumComesOut.id)!;
  expect(mends.length).toBeGreaterThan(0);
  for (const { edits } of mends) expect(reports(sumComesOut, applyEdits(spec, edits).value!)).toEqual([]);
});

test.each([
  [
    { gutter: 'auto' as const },
    'Neither the column nor the gutter is given; one of them must be, to divide the container of 1,440 px.',
  ],
  [
    { count: 'auto' as const, gutter: '24px' },
    'The count can follow only when column and gutter are given; give them, or a count such as 12.',
  ],
  [
    { margin: 'auto' as const, gutter: '24px' },
    'Neither the margin nor the container is given; one of them must be, to divide the viewport of 1,440 px.',
  ],
])('%j leaves too much open', (columns, message) => {
  expect(reports(sumComesOut, specWith(breakpointOf(columns)))).toEqual([{ message, mends: [] }]);
});

test('a sum that comes out is no finding', () => {
  expect(reports(sumComesOut, specWith(breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' })))).toEqual(
    [],
  );
});
