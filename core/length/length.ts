import Fraction from 'fraction.js';
import { LIMITS } from '../limits';
import type { Parsed } from '../parsed';
import { inSeries } from './present';
import { COMMON_UNITS, type Unit, unitPattern } from './units';

/** A number with a unit, held exactly. */
export type Length = { amount: Fraction; unit: Unit };

/** No screen is wider than this; a larger number is a slip of the finger. */
export const LARGEST = LIMITS.length;

const LENGTH = new RegExp(String.raw`^(\d+(?:\.\d+)?|\.\d+)(?:\/(\d+))?\s*(${unitPattern()})?$`, 'i');

/**
 * Reads one length: a decimal number (or a fraction in lowest terms, as files carry it) with a unit; a bare number is px.
 *
 *     parseLength('24')       // 24 px
 *     parseLength('1.5rem')   // 3/2 rem
 *     parseLength('257/3px')  // 257/3 px
 */
export function parseLength(text: string): Parsed<Length> {
  if (text.length > LIMITS.lengthCharacters)
    return { problem: `This length has ${text.length} characters; the maximum is ${LIMITS.lengthCharacters}.` };
  const trimmed = text.trim();
  const match = LENGTH.exec(trimmed);
  if (!match) return { problem: notALength(trimmed) };
  const [, numerator = '', denominator, unit] = match;
  if (denominator !== undefined && Number(denominator) === 0) {
    return { problem: `“${shown(trimmed)}” divides by zero. Enter a length, such as 24 or 1.5rem.` };
  }
  const tooLong = tooManyDigits(numerator, denominator);
  if (tooLong) return { problem: `“${shown(trimmed)}” ${tooLong}` };
  const length = lengthFrom(numerator, denominator, unit);
  if (length.amount.compare(LARGEST) > 0) {
    return { problem: `“${shown(trimmed)}” is wider than any screen; the maximum is 100,000.` };
  }
  return { value: length };
}

/** A length of any size and number of digits; null where the text is none. */
export function exactLength(text: string): Length | null {
  const [match, numerator = '', denominator, unit] = LENGTH.exec(text.trim()) ?? [];
  return match === undefined || Number(denominator) === 0 ? null : lengthFrom(numerator, denominator, unit);
}

function lengthFrom(numerator: string, denominator = '1', unit = 'px'): Length {
  return { amount: new Fraction(numerator).div(denominator), unit: unit.toLowerCase() as Unit };
}

/** What more digits than a document keeps are told. */
function tooManyDigits(numerator: string, denominator = '1'): string | null {
  const [whole = '', places = ''] = numerator.split('.');
  if (places.length > LIMITS.lengthPlaces)
    return `has ${places.length} decimal places; the maximum is ${LIMITS.lengthPlaces}. A fraction such as 257/3 is exact.`;
  if (whole.length + places.length > LIMITS.lengthDigits || denominator.length > LIMITS.divisorDigits)
    return `has too many digits; the maximum is ${LIMITS.lengthDigits}, and ${LIMITS.divisorDigits} in a divisor.`;
  return null;
}

/** A length as documents carry it: `"24px"`, `"1.5rem"`, `"257/3px"`. */
export function lengthText({ amount, unit }: Length): string {
  return `${decimalOrFraction(amount)}${unit}`;
}

/**
 * A decimal where that is exact and short, otherwise the fraction in lowest terms: what is written is read as the same
 * number, whatever it is.
 *
 *     decimalOrFraction(new Fraction(313, 4))      // "78.25"
 *     decimalOrFraction(new Fraction(1000, 2029))  // "1000/2029"
 */
export function decimalOrFraction(amount: Fraction): string {
  const places = decimalPlaces(amount.d);
  if (places === null || places > LIMITS.lengthPlaces) return amount.toFraction();
  const digits = ((amount.n * 10n ** BigInt(places)) / amount.d).toString().padStart(places + 1, '0');
  const whole = digits.slice(0, digits.length - places);
  return `${amount.s < 0n ? '-' : ''}${whole}${places > 0 ? `.${digits.slice(-places)}` : ''}`;
}

/** How many decimal places a denominator needs; null where no number of them is enough. */
function decimalPlaces(denominator: bigint): number | null {
  let [rest, twos, fives] = [denominator, 0, 0];
  for (; rest % 2n === 0n; rest /= 2n) twos++;
  for (; rest % 5n === 0n; rest /= 5n) fives++;
  return rest === 1n ? Math.max(twos, fives) : null;
}

function notALength(text: string): string {
  if (text === '') return 'Enter a length, such as 24, 1.5rem, 5% or 2vw.';
  if (/^[-−]/.test(text)) return `“${shown(text)}” is below zero. Enter 0 or more.`;
  if (/^\d+(\.\d+)?e[-+]?\d+$/i.test(text))
    return `“${shown(text)}” isn’t a length. Write out the digits, such as 1512.`;
  return `“${shown(text)}” isn’t a length. Enter a number with ${inSeries(COMMON_UNITS, 'or')}, such as 24 or 1.5rem.`;
}

/** Text as a message quotes it: long pastes are cut. */
export function shown(text: string): string {
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
}
