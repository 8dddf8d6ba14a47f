import Fraction from 'fraction.js';
import type { Parsed } from './parsed';

export const UNITS = ['px', 'rem', '%', 'vw', 'pt', 'mm', 'in'] as const;
export type Unit = (typeof UNITS)[number];

/** A number with a unit, held exactly. */
export type Length = { amount: Fraction; unit: Unit };

/** No screen is wider than this; a larger number is a slip of the finger. */
export const LARGEST = 100_000;

const LENGTH = /^(\d+(?:\.\d+)?|\.\d+)(?:\/(\d+))?\s*(px|rem|%|vw|pt|mm|in)?$/i;

/**
 * Reads one length: a decimal number (or a fraction in lowest terms, as files carry it) with a unit; a bare number is px.
 *
 *     parseLength('24')       // 24 px
 *     parseLength('1.5rem')   // 3/2 rem
 *     parseLength('257/3px')  // 257/3 px
 */
export function parseLength(text: string): Parsed<Length> {
  const trimmed = text.trim();
  const match = LENGTH.exec(trimmed);
  if (!match) return { problem: notALength(trimmed) };
  const [, numerator = '', denominator, unit] = match;
  if (denominator !== undefined && Number(denominator) === 0) {
    return { problem: `“${shown(trimmed)}” divides by zero; type a length such as 24 or 1.5rem.` };
  }
  const amount = new Fraction(numerator).div(denominator ?? 1);
  if (amount.compare(LARGEST) > 0) {
    return { problem: `“${shown(trimmed)}” is more than any screen; the most is 100,000.` };
  }
  return { value: { amount, unit: (unit?.toLowerCase() as Unit | undefined) ?? 'px' } };
}

/** A length as documents carry it: `"24px"`, `"1.5rem"`, `"257/3px"`. */
export function lengthText({ amount, unit }: Length): string {
  return `${decimalOrFraction(amount)}${unit}`;
}

/** A decimal where that is exact, otherwise the fraction in lowest terms. */
export function decimalOrFraction(amount: Fraction): string {
  const decimal = amount.toString();
  return decimal.includes('(') ? amount.toFraction() : decimal;
}

function notALength(text: string): string {
  if (text === '') return 'Type a length such as 24, 1.5rem, 5% or 2vw.';
  if (/^[-−]/.test(text)) return `“${shown(text)}” is below zero; a length here is 0 or more.`;
  if (/^\d+(\.\d+)?e\d+$/i.test(text)) return `“${shown(text)}” is not a length; write the digits out, such as 1440.`;
  return `“${shown(text)}” is not a length; type a number with px, rem, %, vw, pt, mm or in, such as 24 or 1.5rem.`;
}

/** Text as a message quotes it: long pastes are cut. */
export function shown(text: string): string {
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
}
