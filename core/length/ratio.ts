import Fraction from 'fraction.js';
import type { Parsed } from '../parsed';

/**
 * A ratio as documents carry it: a number, or a fraction whose numerator may have decimals.
 *
 *     ratioOf('3/2')     // 3/2
 *     ratioOf('1.5/2')   // 3/4
 */
export function ratioOf(text: string): Fraction {
  const [numerator, divisor = '1'] = text.split('/');
  return new Fraction(numerator!).div(divisor);
}

/** A ratio's digits: no more than a document keeps. */
export const RATIO = /^(\d{1,6}(?:\.\d{1,6})?)(?:\/([1-9]\d{0,5}))?$/;

/**
 * Reads a ratio as it is typed, and keeps it so.
 *
 *     typedRatio('1/4')   // "1/4"
 */
export function typedRatio(text: string): Parsed<string> {
  return RATIO.test(text) ? { value: text } : { problem: `“${text.slice(0, 40)}” isn’t a ratio, such as 1/4 or 1.5.` };
}
