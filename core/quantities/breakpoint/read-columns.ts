import Fraction from 'fraction.js';
import { numeral } from '../../length/present';
import { shown } from '../../length/length';
import { parseLengthValue } from '../../length/length-value';
import { mapped, type Parsed } from '../../parsed';
import { readSize, type Size } from '../../length/size';
import { LIMITS } from '../../limits';
import type { Columns } from '../../spec/schema';

/** What a person types for columns, read. */

/** Nothing, `=`, or the word itself: let it follow. */
export const FOLLOWS = /^(=|follows?|auto)?$/i;

export function readCount(text: string): Parsed<number> {
  if (!/^\d+$/.test(text)) {
    const below = /^[-−]/.test(text);
    return {
      problem: below
        ? `“${shown(text)}” is below one. A grid has 1 to ${LIMITS.columns} columns.`
        : `“${shown(text)}” isn’t a count. Enter a whole number from 1 to ${LIMITS.columns}, such as 12.`,
    };
  }
  const count = Number(text);
  if (count < 1)
    return { problem: `A grid needs at least 1 column. Enter a number from 1 to ${LIMITS.columns}, such as 12.` };
  if (count > LIMITS.columns)
    return { problem: `${shown(text)} columns are too many; the maximum is ${LIMITS.columns}.` };
  return { value: count };
}

export function readContainer(text: string): Parsed<Columns['container']> {
  if (/^fill?s?$/i.test(text)) return { value: 'fill' };
  const upTo = /^(?:up ?to|max(?:imum)?|≤|<=)\s*(.+)$/i.exec(text);
  if (upTo) return mapped(parseLengthValue(upTo[1]!), (width) => ({ upTo: width }));
  const share = /^(\d+(?:\.\d+)?)\s*%(?:\s+of\s+(?:the\s+)?(?:screen|viewport))?$/i.exec(text);
  if (!share) return readSize(text);
  if (Number(share[1]) === 0 || Number(share[1]) > 100)
    return {
      problem: `A container of ${share[1]} % isn’t possible. Enter more than 0 and at most 100 % of the screen.`,
    };
  return { value: { share: `${share[1]}%` } };
}

/**
 * Two numbers with a slash between them, where a pair may be meant as well as the quotient; null for anything else.
 *
 *     twoNumbers('170 / 80')   // { first: '170', second: '80', quotient: '2⅛' }
 */
export function twoNumbers(text: string): { first: string; second: string; quotient: string } | null {
  const [, first, second] = /^\s*(\d+(?:\.\d+)?)\s*\/\s*(\d+(?:\.\d+)?)\s*$/.exec(text) ?? [];
  if (first === undefined || second === undefined || Number(second) === 0) return null;
  return { first, second, quotient: numeral(new Fraction(first).div(second)) };
}

export function readMargin(text: string): Parsed<Columns['margin']> {
  const pair = twoNumbers(text);
  if (pair)
    return {
      problem: `“${shown(text)}” is ${pair.quotient}. For two margins, enter ${pair.first} | ${pair.second}; for the quotient, (${text}).`,
    };
  const sides = text.split('|');
  if (sides.length === 1) return readSize(text);
  if (sides.length > 2)
    return { problem: `“${shown(text)}” has more than two margins. Enter start | end, such as 16 | 24.` };
  const [start, end] = sides.map((side): Parsed<Size | 'auto'> =>
    FOLLOWS.test(side.trim()) ? { value: 'auto' } : readSize(side),
  );
  if (start!.problem !== undefined) return start!;
  if (end!.problem !== undefined) return end!;
  return { value: { start: start!.value, end: end!.value } };
}

const PARTS_IN_WORDS: Record<string, string> = { half: '1/2', third: '1/3', quarter: '1/4', fifth: '1/5' };

/** `1/4 column`, `0.25 of a column`, `a quarter of a column`, or any length. */
export function readGutter(typed: string): Parsed<Columns['gutter']> {
  const text = typed.replace(
    /^an?\s+(half|third|quarter|fifth)\b/i,
    (_, part: string) => PARTS_IN_WORDS[part.toLowerCase()]!,
  );
  const share = /^(\d+(?:\.\d+)?(?:\/\d+)?)\s*(?:of\s+)?(?:an?\s+)?columns?$/i.exec(text);
  if (!share) return readSize(text);
  const [numerator, denominator = '1'] = share[1]!.split('/');
  const ratio = Number(numerator) / Number(denominator);
  if (!(ratio > 0 && ratio <= LIMITS.gutterOfColumn))
    return {
      problem: `A gutter of ${share[1]} column isn’t possible. Enter more than 0 and at most ${LIMITS.gutterOfColumn}, such as 1/4 column.`,
    };
  return { value: { ofColumn: share[1]! } };
}
