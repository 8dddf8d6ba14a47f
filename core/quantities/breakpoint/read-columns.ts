import Fraction from 'fraction.js';
import { numeral } from '../../length/present';
import { shown } from '../../length/length';
import { parseLengthValue } from '../../length/length-value';
import { mapped, type Parsed } from '../../parsed';
import { readSize, type Size } from '../../length/size';
import { type LengthSum, readSum } from '../../length/sum';
import type { Margin } from '../../columns/read-rule';
import { readRelation } from '../../columns/relation';
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

/** `90%`, `90 % of screen`, `90% up to 1232`, `min(90%, 1232px)`. */
const SHARE =
  /^(?:(\d+(?:\.\d+)?)\s*%(?:\s+of\s+(?:the\s+)?(?:screen|viewport))?(\s*,?\s*(?:up ?to|max(?:imum)?|≤|<=)\s*(.+))?|min\(\s*(\d+(?:\.\d+)?)\s*%\s*,\s*([^,]+)\))$/i;

export function readContainer(text: string): Parsed<Columns['container']> {
  if (/^fill?s?$/i.test(text)) return { value: 'fill' };
  const upTo = /^(?:up ?to|max(?:imum)?|≤|<=)\s*(.+)$/i.exec(text);
  if (upTo) return mapped(parseLengthValue(upTo[1]!), (width) => ({ upTo: width }));
  const share = SHARE.exec(text);
  if (!share) return readAcross(text);
  const [, ofScreen, , upToOne, ofMin, upToTwo] = share;
  const percent = ofScreen ?? ofMin!;
  if (Number(percent) === 0 || Number(percent) > 100)
    return {
      problem: `A container of ${percent} % isn’t possible. Enter more than 0 and at most 100 % of the screen.`,
    };
  const most = upToOne ?? upToTwo;
  if (most === undefined) return { value: { share: `${percent}%` } };
  return mapped(parseLengthValue(most), (upTo) => ({ share: `${percent}%`, upTo }));
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
  if (sides.length === 1) return readSide(text);
  if (sides.length > 2)
    return { problem: `“${shown(text)}” has more than two margins. Enter start | end, such as 16 | 24.` };
  const [start, end] = sides.map((side): Parsed<Margin> =>
    FOLLOWS.test(side.trim()) ? { value: 'auto' } : readSide(side),
  );
  if (start!.problem !== undefined) return start!;
  if (end!.problem !== undefined) return end!;
  return { value: { start: start!.value, end: end!.value } };
}

/** `1/4 column`, `25% column`, `a quarter of a column`, or any length. */
export function readGutter(text: string): Parsed<Columns['gutter']> {
  const relation = readRelation(text, LIMITS.gutterOfColumn, 'A gutter');
  if (!relation) return readSize(text);
  if (relation.problem !== undefined) return relation;
  return 'ofColumn' in relation.value
    ? { value: relation.value }
    : {
        problem:
          'A gutter can’t be measured in gutters. Enter a length, such as 24, or a share of a column, such as 1/4 column.',
      };
}

/** A length across: a sum, one that grows, or any other. */
function readAcross(text: string): Parsed<Size | LengthSum> {
  return readSum(text) ?? readSize(text);
}

/** One side’s margin: so many gutters or columns, or a length. */
function readSide(text: string): Parsed<Exclude<Margin, 'auto'>> {
  return readRelation(text, undefined, 'A margin') ?? readSum(text, { mayBeSafe: true }) ?? readSize(text);
}
