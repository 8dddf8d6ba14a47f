import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../spec/testing';
import { corners } from './corners';
import { sweepWidths } from './sweep';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const capped = breakpointOf({ margin: '48px', container: { upTo: '1536px' }, gutter: '32px' }, 1920, {
  id: 'wide',
  from: 1200,
});

test('a line with a jump and a bend is six points', () => {
  const { from, container } = sweepWidths(specWith(phone, capped), 240, 3840);
  expect(corners(from, container)).toEqual([
    { width: 240, value: 208 },
    { width: 1199, value: 1167 },
    { width: 1200, value: 1104 },
    { width: 1632, value: 1536 },
    { width: 3840, value: 1536 },
  ]);
});

test('steps are thinned and keep their least and greatest', () => {
  const rounded = breakpointOf({ margin: '16px', gutter: '16px', whole: 'container' });
  const { from, container } = sweepWidths(specWith(rounded), 240, 3840);
  const points = corners(from, container, 300);
  expect(points.length).toBeLessThanOrEqual(302);
  expect(Math.max(...points.map(({ value }) => value))).toBe(Math.max(...container));
  expect(points.map(({ width }) => width)).toEqual(points.map(({ width }) => width).toSorted((a, b) => a - b));
});
