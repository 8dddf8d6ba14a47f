import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../spec/testing';
import { reports } from '../testing';
import { baseMultiple } from './base-multiple';

const twenty = breakpointOf({ margin: '20px', gutter: '16px' });

test('half steps may be taken where they are allowed', () => {
  expect(reports(baseMultiple, specWith(twenty))).toEqual([]);
});

test('and may not where they are not', () => {
  const spec = specWith(twenty);
  expect(reports(baseMultiple, { ...spec, spacing: { ...spec.spacing, halfSteps: false } })).toEqual([
    {
      message: 'The margin of 20 px is not a multiple of 8 px; 16 and 24 are.',
      mends: ['Make the margin 16', 'Make the margin 24'],
    },
  ]);
});

test('every given length is looked at, in px', () => {
  const spec = specWith(
    breakpointOf({ margin: { start: '15px', end: '1rem' }, gutter: '1.1rem', container: { upTo: '1201px' } }),
  );
  expect(reports(baseMultiple, spec).map(({ message }) => message)).toEqual([
    'The start margin of 15 px is not a multiple of 8 px or half of it; 12 and 16 are.',
    'The gutter of 17⅗ px is not a multiple of 8 px or half of it; 16 and 20 are.',
    'The greatest container of 1201 px is not a multiple of 8 px or half of it; 1200 and 1204 are.',
  ]);
});

test('what moves with the screen is left out', () => {
  const spec = specWith(breakpointOf({ margin: '5%', gutter: { ofColumn: '1/3' }, container: { share: '77%' } }));
  expect(reports(baseMultiple, spec)).toEqual([]);
});
