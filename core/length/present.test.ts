import { describe, expect, test } from 'vitest';
import { decimal, numeral, spoken } from './present';
import { browserEdge, isMultipleOf, px, roundHalfUp } from './px';

describe('numbers as people read them', () => {
  test.each([
    ['74', '74'],
    ['313/4', '78¼'],
    ['257/3', '85⅔'],
    ['1108/13', '85³⁄₁₃'],
    ['1/2', '½'],
    ['-5/2', '−2½'],
    ['12345', '12345'],
    ['1000/129', '≈7.75'],
  ])('%s is written %s', (value, expected) => expect(numeral(px(value))).toBe(expected));

  test('a sentence marks thousands', () => {
    expect(spoken(px(1164))).toBe('1,164');
    expect(spoken(px('3001/2'))).toBe('1,500½');
  });

  test.each([
    ['257/3', '85.6667'],
    ['313/4', '78.25'],
    ['74', '74'],
  ])('%s is copied as %s', (value, expected) => expect(decimal(px(value))).toBe(expected));
});

describe('rounding', () => {
  test.each([
    ['145/2', '73'],
    ['-1/2', '0'],
    ['217/3', '72'],
  ])('%s rounds half up to %s', (value, expected) => expect(roundHalfUp(px(value)).toFraction()).toBe(expected));

  // seen in Chromium: the edge 201⅔ is drawn at 201.65625
  test('a browser draws an edge at the 1/64 px below it', () => expect(browserEdge(px('605/3'))).toBe(201.65625));

  test('multiples', () => {
    expect(isMultipleOf(px(24), px(8))).toBe(true);
    expect(isMultipleOf(px(20), px(8))).toBe(false);
  });
});
