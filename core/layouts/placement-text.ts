import Fraction from 'fraction.js';
import type { Parsed } from '../parsed';
import { counted } from '../length/present';
import { lengthOf, type LengthValue, parseLengthValue } from '../length/length-value';
import { sizeText } from '../length/size';
import { LIMITS } from '../limits';
import type { BlockHeight } from '../spec/schema';
import type { UnitName } from './row-frames';

/** How placements are written and read in cells. */

/** `2–6`, or a single one, `3`; halves with a point. */
export function columnsText([first, last]: readonly [number, number]): string {
  return first === last ? String(first) : `${first}–${last}`;
}

/**
 * `12 rows`, `12 baselines`, `6 units`, `420 px`, `2 lines`, `16/9`, `lanes`, `section`, `content`.
 *
 * @param unit what the rows of its section are
 */
export function heightText(height: BlockHeight, unit: UnitName = 'row'): string {
  if (typeof height === 'string') return height;
  if ('rows' in height) return counted(height.rows, unit);
  if ('baselines' in height) return counted(height.baselines, 'baseline');
  if ('units' in height) return counted(height.units, 'unit');
  if ('px' in height) return lengthText(height.px);
  return 'lines' in height ? counted(height.lines, 'line') : height.ratio;
}

/** `420 px`, `26rem`, as a length is typed. */
function lengthText(value: LengthValue): string {
  const text = sizeText(value);
  return /^[\d.]+$/.test(text) ? `${text} px` : text;
}

const PARTS: Record<string, Fraction> = {
  all: new Fraction(1),
  half: new Fraction(1, 2),
  third: new Fraction(1, 3),
  quarter: new Fraction(1, 4),
  'two thirds': new Fraction(2, 3),
  'three quarters': new Fraction(3, 4),
};

/**
 * Columns as a person types them: `2–6`, `3`, `6 of 12`, `half`, `two thirds`, `all`. A part keeps the column at which the
 * block begins, as far as there is room from it on.
 *
 *     readColumns('half', [7, 9], 12).value   // [7, 12]
 *     readColumns('third', [1, 4], 10).problem   // "A third of 10 columns is 3⅓; …"
 */
export function readColumns(text: string, now: readonly [number, number], count: number): Parsed<[number, number]> {
  const typed = text
    .trim()
    .toLowerCase()
    .replace(/^(a|the) /, '');
  const range = /^(\d+(?:\.5)?)(?:\s*[–-]\s*(\d+(?:\.5)?))?$/.exec(typed);
  if (range) {
    const [first, last] = [Number(range[1]), Number(range[2] ?? range[1])];
    if (first < 1 || last < first)
      return { problem: 'Columns are counted from 1, the first before the last, such as 2–6.' };
    if (first > count || last > count)
      return { problem: `There are ${counted(count, 'column')} here. Enter columns from 1 to ${count}.` };
    return { value: [first, last] };
  }
  const [, part, of] = /^(\d+) of (\d+)$/.exec(typed) ?? [];
  const share = part ? (Number(of) === 0 ? undefined : new Fraction(Number(part), Number(of))) : PARTS[typed];
  if (!share) return { problem: 'Enter columns, such as 2–6, 6 of 12, half, two thirds or all.' };
  const wide = share.mul(count);
  if (wide.d !== 1n || wide.compare(1) < 0 || wide.compare(count) > 0)
    return {
      problem: `“${text.trim()}” of ${counted(count, 'column')} is ${wide.toFraction(true)} columns; ${wholeParts(count)}`,
    };
  const columns = Number(wide.n);
  const first = Math.max(1, Math.min(Math.ceil(now[0]), count - columns + 1));
  return { value: [first, first + columns - 1] };
}

function wholeParts(count: number): string {
  const whole = Object.entries(PARTS).filter(([name, share]) => name !== 'all' && share.mul(count).d === 1n);
  return whole.length === 0
    ? 'enter columns such as 1–2.'
    : `whole here: ${whole.map(([name]) => name).join(', ')}, all.`;
}

/** Lanes as typed: `2` or `2–3`. */
export function lanesOf(text: string): Parsed<[number, number]> {
  const range = /^(\d{1,3})(?:\s*[–-]\s*(\d{1,3}))?$/.exec(text.trim());
  const [first, last] = [Number(range?.[1]), Number(range?.[2] ?? range?.[1])];
  if (!range || first < 1 || last < first) return { problem: 'Enter a lane, such as 2, or lanes, such as 2–3.' };
  if (last > LIMITS.lanes) return { problem: `A section can have up to ${LIMITS.lanes} lanes.` };
  return { value: [first, last] };
}

/** A height as typed: `12 rows` or `12`, `12 baselines`, `6 units`, `420 px`, `3 lines`, `16/9`, `content`, `lanes` (or `to the foot`), `section`. */
export function heightOfText(text: string): Parsed<BlockHeight> {
  const typed = text.trim().toLowerCase();
  if (typed === 'lanes' || typed === 'section' || typed === 'content') return { value: typed };
  if (/^(to )?the foot$/.test(typed)) return { value: 'lanes' };
  const [, count, unit] = /^(\d{1,4})\s*(rows?|lines?|baselines?|(?:base )?units?)?$/.exec(typed) ?? [];
  if (count !== undefined) {
    const number = Number(count);
    if (number < 1 || number > LIMITS.rowsInLayout)
      return { problem: `A block can be 1 to ${LIMITS.rowsInLayout} rows, lines, baselines or units tall.` };
    if (unit?.startsWith('line')) return { value: { lines: number } };
    if (unit?.startsWith('baseline')) return { value: { baselines: number } };
    return { value: unit?.includes('unit') ? { units: number } : { rows: number } };
  }
  const length = /^[\d.]+\s*[a-z]+$/.test(typed) ? parseLengthValue(typed) : undefined;
  if (length?.value !== undefined)
    return lengthOf(length.value).amount.compare(0) > 0
      ? { value: { px: length.value } }
      : { problem: 'A block is taller than 0. Enter a height, such as 420 px.' };
  const [, wide, tall] = /^(\d{1,4}(?:\.\d{1,3})?)\s*[/:×x]\s*(\d{1,4})$/.exec(typed) ?? [];
  if (wide !== undefined && Number(wide) > 0 && Number(tall) > 0) return { value: { ratio: `${wide}/${tall}` } };
  return { problem: 'Enter a height, such as 12 rows, 3 lines, 420 px, 16/9, lanes or section.' };
}

/** Rows of a white space by what they are: `6 rows`, `6 baselines`; `3, 4 rows` where they differ. */
export function rowsText(rows: readonly number[], unit: UnitName): string {
  return rows.length === 1 ? counted(rows[0]!, unit) : `${rows.join(', ')} ${unit}s`;
}

/** Rows of a white space as typed: `6`, or `6 rows`, by what is counted there. */
export function rowsOfText(text: string, unit: UnitName): Parsed<number> {
  const [, typed, named] = /^(\d{1,5})(?:\s*(row|baseline|unit)s?)?$/.exec(text.trim().toLowerCase()) ?? [];
  if (typed === undefined) return { problem: `Enter how many ${unit}s to leave empty, such as 3.` };
  if (named !== undefined && named !== unit)
    return { problem: `White space is counted in ${unit}s here. Enter a number, such as 3.` };
  const rows = Number(typed);
  return rows > LIMITS.rowsInLayout
    ? { problem: `White space has at most ${counted(LIMITS.rowsInLayout, unit)}.` }
    : { value: rows };
}
