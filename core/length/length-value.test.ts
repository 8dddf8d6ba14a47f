import { expect, test } from 'vitest';
import { lengthOf, parseLengthValue, typedText } from './length-value';
import { lengthText } from './length';

test.each([
  ['24', '24px'],
  ['1.5rem', '1.5rem'],
  ['(1440-1152)/2', { typed: '(1440-1152)/2', is: '144px' }],
  ['100/3', { typed: '100/3', is: '100/3px' }],
])('%s is kept as %j', (text, value) => {
  expect(parseLengthValue(text)).toEqual({ value });
});

test.each(['-5', 'abc', '24 px wide', '1e9'])('%s is refused', (text) => {
  expect(parseLengthValue(text).problem).toContain('“');
});

test('what a document holds reads back', () => {
  expect(lengthText(lengthOf(24))).toBe('24px');
  expect(lengthText(lengthOf({ typed: '2*12', is: '24px' }))).toBe('24px');
  expect(() => lengthOf('wide')).toThrow('is not a length');
});

test('a person sees px without the unit, and arithmetic as it was typed', () => {
  expect(typedText('24px')).toBe('24');
  expect(typedText('1.5rem')).toBe('1.5rem');
  expect(typedText({ typed: '2*12', is: '24px' })).toBe('2*12');
});
