import { describe, expect, test } from 'vitest';
import type { QuantityId } from '../quantities/registry';
import type { Columns } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { readingOf } from './registry';
import { writeCell } from './write-cell';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const desktop = breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' }, 1440, {
  id: 'desktop',
  from: 1200,
});
const spec = specWith(phone, desktop);
const written = (quantity: QuantityId, text: string) => {
  const result = writeCell(spec, 'desktop', quantity, text);
  return result.value ? result.value.breakpoints.find(({ id }) => id === 'desktop')! : result.problem;
};

describe('what a cell takes', () => {
  test.each<[QuantityId, string, Partial<Columns>]>([
    ['gutter', '32', { gutter: '32px' }],
    ['gutter', '=32', { gutter: '32px' }],
    ['gutter', '1.5rem', { gutter: '1.5rem' }],
    ['gutter', '1/4 column', { gutter: { ofColumn: '1/4' } }],
    ['gutter', 'a quarter of a column', { gutter: { ofColumn: '1/4' } }],
    ['gutter', '0.25 of a column', { gutter: { ofColumn: '0.25' } }],
    ['gutter', '16 to 24 over 600 to 1440', { gutter: { between: ['16px', '24px'], over: [600, 1440] } }],
    ['container', 'fills', { container: 'fill' }],
    ['container', 'up to 1536', { container: { upTo: '1536px' } }],
    ['container', 'up to 2*768', { container: { upTo: { typed: '2*768', is: '1536px' } } }],
    ['container', '90%', { container: { share: '90%' } }],
    ['container', '90 % of screen', { container: { share: '90%' } }],
    ['margin', '16 | 24', { margin: { start: '16px', end: '24px' } }],
    ['margin', '16 | =', { margin: { start: '16px', end: 'auto' } }],
    ['margin', '(1440-1152)/2', { margin: { typed: '(1440-1152)/2', is: '144px' } }],
    ['count', '16', { count: 16 }],
    ['outer', 'half', { outer: 'half' }],
    ['align', 'e', { align: 'end' }],
    ['whole', 'margins', { whole: 'margins' }],
    ['gutter', '=', { gutter: 'auto', column: '74px' }],
    ['gutter', '', { gutter: 'auto', column: '74px' }],
    ['container', 'follows', { container: 'fill', margin: '144px' }],
  ])('%s: %s', (quantity, text, columns) => {
    expect(written(quantity, text)).toMatchObject({ columns });
  });

  test.each<[QuantityId, string, object]>([
    ['from', '1280', { from: 1280 }],
    ['from', '2*640', { from: 1280 }],
    ['reference', '1366 x 768', { reference: { width: 1366, height: 768 } }],
    ['reference', '1366×768', { reference: { width: 1366, height: 768 } }],
    ['name', ' Desk ', { name: 'Desk' }],
    ['notes', 'Keep the map whole.', { notes: 'Keep the map whole.' }],
  ])('%s: %s', (quantity, text, expected) => {
    expect(written(quantity, text)).toMatchObject(expected);
  });
});

describe('what it does not take, and what would be right', () => {
  test.each<[QuantityId, string, string]>([
    ['gutter', 'abc', '“abc” isn’t a length. Enter a number with px, rem, %, vw, pt, mm or in, such as 24 or 1.5rem.'],
    ['gutter', '1e9', '“1e9” isn’t a length. Write out the digits, such as 1512.'],
    ['gutter', '-5', '“-5” is below zero. Enter 0 or more.'],
    [
      'gutter',
      '0 column',
      'A gutter of 0 column isn’t possible. Enter more than 0 and at most 10, such as 1/4 column.',
    ],
    [
      'gutter',
      '1000 columns',
      'A gutter of 1000 columns isn’t possible. Enter more than 0 and at most 10, such as 1/4 column.',
    ],
    [
      'gutter',
      '16 to 24 over 1440 to 600',
      'It can’t grow over 1440 to 600. Enter the smaller width first, such as 16 to 48 over 640 to 1416.',
    ],
    [
      'margin',
      '2% to 48 over 600 to 1440',
      '2% already changes with the screen. Grow between fixed lengths, such as 16 to 48 over 640 to 1416.',
    ],
    ['count', '0', 'A grid needs at least 1 column. Enter a number from 1 to 64, such as 12.'],
    ['count', '65', '65 columns are too many; the maximum is 64.'],
    ['count', '-5', '“-5” is below one. A grid has 1 to 64 columns.'],
    ['count', '5.5', '“5.5” isn’t a count. Enter a whole number from 1 to 64, such as 12.'],
    ['count', 'abc', '“abc” isn’t a count. Enter a whole number from 1 to 64, such as 12.'],
    ['container', '120%', 'A container of 120 % isn’t possible. Enter more than 0 and at most 100 % of the screen.'],
    ['margin', '1|2|3', '“1|2|3” has more than two margins. Enter start | end, such as 16 | 24.'],
    ['from', '12.5', '“12.5” isn’t a whole number of px. Enter a width, such as 1000.'],
    ['from', '2rem', '“2rem” isn’t a whole number of px. Enter a width, such as 1000.'],
    ['reference', '1440', '“1440” isn’t a size. Enter width × height, such as 1512 × 982.'],
    ['reference', '0 × 800', '“0 × 800” isn’t a size. Enter width × height, such as 1512 × 982.'],
    ['name', ' ', 'Enter a name, such as Tablet.'],
    ['align', 'left', '“left” isn’t an option. Use start, centre, end.'],
  ])('%s: %s', (quantity, text, problem) => {
    expect(written(quantity, text)).toBe(problem);
  });
});

describe('what a cell shows', () => {
  test.each<[QuantityId, Partial<Columns>, { shown: string; follows: boolean; px?: string | null }]>([
    ['column', {}, { shown: '74', follows: true }],
    ['margin', {}, { shown: '144', follows: true }],
    ['container', { container: 'fill', margin: '100px' }, { shown: 'fills', follows: true, px: '1240' }],
    ['container', { container: { upTo: '1536px' } }, { shown: 'up to 1536', follows: false, px: '1440' }],
    ['gutter', { gutter: { ofColumn: '1/4' } }, { shown: '1/4 column', follows: false, px: '19³¹⁄₅₉' }],
    ['margin', { margin: { start: '100px', end: 'auto' } }, { shown: '100 | =', follows: true, px: '100 | 188' }],
    ['gutter', { gutter: '1.5rem' }, { shown: '1.5rem', follows: false, px: '24' }],
    ['count', {}, { shown: '12', follows: false, px: null }],
  ])('%s of %j', (quantity, columns, shown) => {
    const breakpoint = { ...desktop, columns: { ...desktop.columns, ...columns } };
    expect(readingOf(specWith(breakpoint), breakpoint, quantity)).toMatchObject(shown);
  });

  test('what it shows for editing, typed back, changes nothing', () => {
    for (const quantity of [
      'name',
      'from',
      'reference',
      'notes',
      'count',
      'container',
      'margin',
      'gutter',
      'column',
      'outer',
      'align',
      'whole',
    ] as const) {
      expect(writeCell(spec, 'desktop', quantity, readingOf(spec, desktop, quantity).text)).toEqual({ value: spec });
    }
  });
});
