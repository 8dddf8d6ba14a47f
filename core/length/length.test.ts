import { describe, expect, test } from 'vitest';
import { lengthText, parseLength } from './length';

describe('a length is a number with a unit', () => {
  test.each([
    ['24', '24px'],
    [' 24px ', '24px'],
    ['1.5rem', '1.5rem'],
    ['.5in', '0.5in'],
    ['12.5%', '12.5%'],
    ['2VW', '2vw'],
    ['18pt', '18pt'],
    ['12mm', '12mm'],
    ['257/3', '257/3px'],
    ['514/6px', '257/3px'],
    ['0', '0px'],
    ['100000', '100000px'],
  ])('%s is %s', (text, expected) => {
    expect(lengthText(parseLength(text).value!)).toBe(expected);
  });
});

describe('what is no length is refused with what would be right', () => {
  test.each([
    ['', 'Enter a length, such as 24, 1.5rem, 5% or 2vw.'],
    ['abc', '“abc” isn’t a length. Enter a number with px, rem, %, vw, pt, mm or in, such as 24 or 1.5rem.'],
    ['24em', '“24em” isn’t a length. Enter a number with px, rem, %, vw, pt, mm or in, such as 24 or 1.5rem.'],
    ['1e9', '“1e9” isn’t a length. Write out the digits, such as 1512.'],
    ['-5', '“-5” is below zero. Enter 0 or more.'],
    ['−5', '“−5” is below zero. Enter 0 or more.'],
    ['100001', '“100001” is wider than any screen; the maximum is 100,000.'],
    ['0.1234567', '“0.1234567” has 7 decimal places; the maximum is 6. A fraction such as 257/3 is exact.'],
    ['1e-7', '“1e-7” isn’t a length. Write out the digits, such as 1512.'],
    ['12345678901234567/3', '“12345678901234567/3” has too many digits; the maximum is 15, and 9 in a divisor.'],
    ['1/0', '“1/0” divides by zero. Enter a length, such as 24 or 1.5rem.'],
  ])('%s', (text, problem) => {
    expect(parseLength(text)).toEqual({ problem });
  });

  test('a long paste is quoted in part', () => {
    expect(parseLength('x'.repeat(2_000_000)).problem).toBe('This length has 2000000 characters; the maximum is 80.');
  });
});
