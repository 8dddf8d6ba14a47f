import fc from 'fast-check';
import Fraction from 'fraction.js';
import { expect, test } from 'vitest';
import { lengthOf, parseLengthValue, typedText } from './length-value';
import { lengthText } from './length';

test.each([
  ['24', '24px'],
  ['1.5rem', '1.5rem'],
  ['(1440-1152)/2', { typed: '(1440-1152)/2', is: '144px' }],
  ['100/3', { typed: '100/3', is: '100/3px' }],
  ['1,5', '1.5px'],
  ['0,75rem', '0.75rem'],
  ['1,5 + 2', { typed: '1.5 + 2', is: '3.5px' }],
  ['1/4 rem', { typed: '1/4 rem', is: '0.25rem' }],
])('%s is kept as %j', (text, value) => {
  expect(parseLengthValue(text)).toEqual({ value });
});

test.each(['-5', 'abc', '24 px wide', '1e9'])('%s is refused', (text) => {
  expect(parseLengthValue(text).problem).toContain('“');
});

test('a comma that may mark thousands is asked about', () => {
  expect(parseLengthValue('1,500').problem).toBe(
    '“1,500” could mean 1.500 or 1500. Use a point or leave out the comma.',
  );
});

test('every value is written as a text that is read as the same value', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 99_999 }), fc.integer({ min: 1, max: 99_999 }), (above, below) => {
      const amount = new Fraction(above, below);
      expect(lengthOf(lengthText({ amount, unit: 'px' })).amount.equals(amount)).toBe(true);
    }),
    { numRuns: 1000 },
  );
});

test('what a document holds reads back', () => {
  expect(lengthText(lengthOf(24))).toBe('24px');
  expect(lengthText(lengthOf({ typed: '2*12', is: '24px' }))).toBe('24px');
  expect(() => lengthOf('wide')).toThrow('isn’t a length');
});

test('a person sees px without the unit, and arithmetic as it was typed', () => {
  expect(typedText('24px')).toBe('24');
  expect(typedText('1.5rem')).toBe('1.5rem');
  expect(typedText({ typed: '2*12', is: '24px' })).toBe('2*12');
});
