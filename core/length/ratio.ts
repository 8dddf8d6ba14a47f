import Fraction from 'fraction.js';

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
