import fc from 'fast-check';
import Fraction from 'fraction.js';
import { describe, expect, test } from 'vitest';
import { evaluateArithmetic } from './arithmetic';
import { lengthText } from './length';

describe('typed arithmetic comes out exactly', () => {
  test.each([
    ['(1440-1152)/2', '144px'],
    ['1440 − 2 × 144', '1152px'],
    ['100/3', '100/3px'],
    ['2 * 1.5rem', '3rem'],
    ['1.5rem * 2', '3rem'],
    ['24px + 8', '32px'],
    ['-(8-32)', '24px'],
    ['1152px/24px', '48px'],
    ['10 - 2 - 3', '5px'],
    ['2+3*4', '14px'],
    ['0.1+0.2', '0.3px'],
    ['10 px + 5 px', '15px'],
    ['1/4 rem', '0.25rem'],
    ['1000/2029', '1000/2029px'],
  ])('%s = %s', (text, expected) => {
    const { value, problem } = evaluateArithmetic(text);
    expect(problem).toBeUndefined();
    expect(lengthText(value!)).toBe(expected);
  });

  test('sums and products of whole numbers agree with fractions', () => {
    const whole = fc.integer({ min: 1, max: 40 });
    fc.assert(
      fc.property(whole, whole, whole, whole, (a, b, c, d) => {
        const expected = new Fraction(a).mul(b).add(new Fraction(c).div(d));
        expect(evaluateArithmetic(`${a}*${b}+${c}/${d}`).value!.amount.equals(expected)).toBe(true);
      }),
    );
  });
});

describe('a sum that does not work out says why', () => {
  test.each([
    ['(1440-1152', 'Close the bracket in “(1440-1152”.'],
    ['1440-', '“1440-” isn’t complete. Write it like (1512-1296)/2.'],
    ['8)', '“8)” isn’t complete. Write it like (1512-1296)/2.'],
    ['1/(3-3)', 'You can’t divide by zero.'],
    ['1rem+4px', 'rem and px can’t be added. Use one unit.'],
    ['2px*3px', 'A length can’t be multiplied by a length. Multiply by a plain number.'],
    ['3rem/1px', 'A length can only be divided by a plain number.'],
    [
      '1/7/11/13/17/19/23/29/31',
      '1/7/11/13/17/19/23/29/31 gives a number that can’t be stored: “1/6685349671” has too many digits; the maximum is 15, and 9 in a divisor.',
    ],
    ['8-32', '8-32 equals -24. Enter 0 or more.'],
    ['400*400', '400*400 is wider than any screen; the maximum is 100,000.'],
    ['2^3', '“^3” can’t be used in a calculation. Use numbers, + − × ÷ and brackets, such as (1512-1296)/2.'],
  ])('%s', (text, problem) => {
    expect(evaluateArithmetic(text)).toEqual({ problem });
  });

  test('a sum has an end', () => {
    expect(evaluateArithmetic(`1${'+1'.repeat(300)}`).problem).toBe(
      'That sum is 601 characters long; 200 is the maximum.',
    );
  });
});
