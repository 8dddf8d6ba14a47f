import { shown } from '../../length/length';
import { lengthOf, type LengthValue, parseLengthValue } from '../../length/length-value';
import { readRelation, type Space } from '../../columns/relation';
import { ratioOf, typedRatio } from '../../length/ratio';
import type { Parsed } from '../../parsed';
import { twoNumbers } from './read-columns';
import { LIMITS } from '../../limits';

/** What a person types for rows and baselines, read. */

/** Nothing, or a word for it. */
export const NONE = /^(none|no|=|follows?|auto|)$/i;

export function readRowLength(text: string): Parsed<LengthValue> {
  return NONE.test(text)
    ? { problem: 'This can’t be auto. Enter a length, such as 8, or 0 for none.' }
    : parseLengthValue(text.replace(/^=\s*/, ''));
}

/** A space between or around rows: a length, or so many gutters or columns. */
export function readSpace(text: string): Parsed<Space> {
  return readRelation(text, undefined, 'A space') ?? readRowLength(text);
}

/** Width to height of fields: `4:3`, `4/3`, `1.5`; nothing is a square. */
export function readFieldRatio(text: string): Parsed<string> {
  const typed = NONE.test(text) ? '1' : text.replace(/\s*[:∶/]\s*/, '/').replace(/^(.+)\/1$/, '$1');
  const { value, problem } = typedRatio(typed);
  if (problem !== undefined || ratioOf(value).compare(0) <= 0 || ratioOf(value).compare(LIMITS.ratio) > 0)
    return {
      problem: `“${shown(text)}” isn’t a ratio of width to height. Enter one such as 1:1 or 4:3, at most ${LIMITS.ratio}:1.`,
    };
  return { value };
}

/** The space above or below rows; two numbers may be meant for both. */
export function readAboveOrBelow(text: string): Parsed<Space> {
  const pair = twoNumbers(text);
  return pair
    ? {
        problem: `“${shown(text)}” is ${pair.quotient}. Enter ${pair.first} in Above and ${pair.second} in Below; for the quotient, (${text}).`,
      }
    : readSpace(text);
}

/** A length that must be more than 0: bands of no height would never end. */
export function readHeight(text: string, what: string): Parsed<LengthValue> {
  const parsed = readRowLength(text);
  if (parsed.problem !== undefined) return parsed;
  if (lengthOf(parsed.value).amount.equals(0)) return { problem: `${what} can’t be 0. Enter more, such as 8.` };
  return parsed;
}

/** A least or greatest height; none is undefined, which a document leaves out. */
export function readBound(text: string): Parsed<LengthValue | undefined> {
  return NONE.test(text) ? { value: undefined } : readHeight(text, 'A screen');
}

export function readLines(text: string, least: number): Parsed<number> {
  const lines = /^(\d{1,4})(?:\s*(?:base)?lines?)?$/i.exec(text)?.[1];
  if (lines === undefined || Number(lines) < least || Number(lines) > LIMITS.moduleLines)
    return {
      problem: `“${shown(text)}” isn’t a number of lines. Modules are counted in baselines, such as ${least === 0 ? '1' : '6'} ${least === 0 ? 'line' : 'lines'}.`,
    };
  return { value: Number(lines) };
}

export function readRowCount(text: string): Parsed<number> {
  if (!/^\d+$/.test(text) || Number(text) < 1 || Number(text) > LIMITS.dividedRows)
    return {
      problem: `“${shown(text)}” isn’t a row count. Enter a whole number from 1 to ${LIMITS.dividedRows}, such as 6.`,
    };
  return { value: Number(text) };
}
