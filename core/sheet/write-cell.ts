import type { CellName } from '../checks/rule';
import { columnsAt } from '../columns/columns-at';
import { letFollow } from '../columns/let-follow';
import { parseLength, shown } from '../length/length';
import { parseLengthValue } from '../length/length-value';
import { mapped, type Parsed } from '../length/parsed';
import { readSize, type Size } from '../length/size';
import { LIMITS } from '../spec/limits';
import type { Breakpoint, Columns, Spec } from '../spec/schema';
import { nameBreakpoint, withBreakpoint } from './breakpoints';
import { choose } from './choose';
import { cellOf } from './cell-of';
import { ALIGN_WORDS, OUTER_WORDS, WHOLE_WORDS } from './quantities';
import { isBaselineQuantity, isRowQuantity } from './row-cells';
import { writeBaseline, writeRows } from './write-rows';

/**
 * The spec after a person typed a text into a cell. Nothing is changed where the text is not understood.
 *
 *     writeCell(spec, 'desktop', 'gutter', '32')
 *     writeCell(spec, 'desktop', 'container', 'up to 1696')
 *     writeCell(spec, 'desktop', 'margin', '=')            // lets the margin follow
 *     writeCell(spec, 'desktop', 'count', '65')            // problem: "65 columns are too many; …"
 */
export function writeCell(spec: Spec, breakpointId: string, quantity: CellName, text: string): Parsed<Spec> {
  const breakpoint = spec.breakpoints.find(({ id }) => id === breakpointId);
  if (!breakpoint) return { problem: 'This breakpoint is no longer in the sheet.' };
  const trimmed = text.trim();
  if (trimmed === cellOf(spec, breakpoint, quantity).text) return { value: spec };
  if (quantity === 'name') return nameBreakpoint(spec, breakpointId, trimmed);
  const written = writeTo(spec, breakpoint, quantity, trimmed);
  return written.value ? { value: withBreakpoint(spec, written.value) } : { problem: written.problem! };
}

function writeTo(
  spec: Spec,
  breakpoint: Breakpoint,
  quantity: Exclude<CellName, 'name'>,
  text: string,
): Parsed<Breakpoint> {
  const put = (columns: Partial<Columns>): Parsed<Breakpoint> => ({
    value: { ...breakpoint, columns: { ...breakpoint.columns, ...columns } },
  });
  if (isRowQuantity(quantity)) return writeRows(spec, breakpoint, quantity, text);
  if (isBaselineQuantity(quantity)) return writeBaseline(breakpoint, quantity, text);
  switch (quantity) {
    case 'from': {
      const from = readWidth(text);
      return from.problem === undefined ? { value: { ...breakpoint, from: from.value } } : from;
    }
    case 'reference': {
      const reference = readScreen(text);
      return reference.value
        ? { value: { ...breakpoint, reference: reference.value } }
        : { problem: reference.problem! };
    }
    case 'notes':
      return text.length > 5000
        ? { problem: `These notes have ${text.length} characters; the most is 5,000.` }
        : { value: { ...breakpoint, notes: text } };
    case 'outer':
      return choose(text, OUTER_WORDS, (outer) => put({ outer }));
    case 'align':
      return choose(text, ALIGN_WORDS, (align) => put({ align }));
    case 'whole':
      return choose(text, WHOLE_WORDS, (whole) => put({ whole }));
    default: {
      if (isFollow(text)) return put(letFollow(breakpoint.columns, columnsAt(spec, breakpoint), quantity));
      const columns = readColumnQuantity(quantity, text.replace(/^=\s*/, ''));
      return columns.value ? put(columns.value) : { problem: columns.problem! };
    }
  }
}

const FOLLOWS = /^(=|follows?|auto)?$/i;

/** Nothing, `=`, or the word itself. */
function isFollow(text: string): boolean {
  return FOLLOWS.test(text);
}

function readColumnQuantity(
  quantity: 'count' | 'container' | 'margin' | 'gutter' | 'column',
  text: string,
): Parsed<Partial<Columns>> {
  switch (quantity) {
    case 'count':
      return mapped(readCount(text), (count) => ({ count }));
    case 'container':
      return mapped(readContainer(text), (container) => ({ container }));
    case 'margin':
      return mapped(readMargin(text), (margin) => ({ margin }));
    case 'gutter':
      return mapped(readGutter(text), (gutter) => ({ gutter }));
    case 'column':
      return mapped(parseLengthValue(text), (column) => ({ column }));
  }
}

function readWidth(text: string): Parsed<number> {
  const parsed = parseLengthValue(text);
  if (parsed.problem !== undefined) return parsed;
  const { value: length } = parseLength(String(typeof parsed.value === 'object' ? parsed.value.is : parsed.value));
  if (!length || length.unit !== 'px' || length.amount.d !== 1n)
    return { problem: `“${shown(text)}” is not a whole number of px; type a width such as 1000.` };
  if (length.amount.compare(LIMITS.from) > 0)
    return {
      problem: `No breakpoint starts at ${length.amount.valueOf()}; the most is ${LIMITS.from.toLocaleString('en')}.`,
    };
  return { value: length.amount.valueOf() };
}

const SCREEN = /^(\d+(?:\.\d+)?)(?:\s*px)?\s*(?:[x×*,;/]|\s)\s*(\d+(?:\.\d+)?)(?:\s*px)?$/i;

function readScreen(text: string): Parsed<Breakpoint['reference']> {
  const match = SCREEN.exec(text);
  const [width, height] = [Number(match?.[1]), Number(match?.[2])];
  if (!match || width === 0 || height === 0)
    return { problem: `“${shown(text)}” is not a size; type width × height, such as 1512 × 982.` };
  const { least, most, places } = LIMITS.screen;
  if (Math.max(width, height) > most)
    return { problem: `“${shown(text)}” is larger than any screen; the most is ${most.toLocaleString('en')}.` };
  if (
    Math.min(width, height) < least ||
    [match[1]!, match[2]!].some((side) => (side.split('.')[1] ?? '').length > places)
  )
    return { problem: `“${shown(text)}” is not a size; type width × height in px, such as 1512 × 982.` };
  return { value: { width, height } };
}

function readCount(text: string): Parsed<number> {
  if (!/^\d+$/.test(text)) {
    const below = /^[-−]/.test(text);
    return {
      problem: below
        ? `“${shown(text)}” is below one; a grid has 1 to 64 columns.`
        : `“${shown(text)}” is not a count; type a whole number from 1 to 64, such as 12.`,
    };
  }
  const count = Number(text);
  if (count < 1) return { problem: 'A grid has at least 1 column; type a number from 1 to 64, such as 12.' };
  if (count > 64) return { problem: `${shown(text)} columns are too many; the most is 64.` };
  return { value: count };
}

function readContainer(text: string): Parsed<Columns['container']> {
  if (/^fill?s?$/i.test(text)) return { value: 'fill' };
  const upTo = /^(?:up ?to|max(?:imum)?|≤|<=)\s*(.+)$/i.exec(text);
  if (upTo) return mapped(parseLengthValue(upTo[1]!), (width) => ({ upTo: width }));
  const share = /^(\d+(?:\.\d+)?)\s*%(?:\s+of\s+(?:the\s+)?(?:screen|viewport))?$/i.exec(text);
  if (!share) return readSize(text);
  if (Number(share[1]) === 0 || Number(share[1]) > 100)
    return {
      problem: `A container of ${share[1]} % is not possible; type more than 0 and at most 100 % of the screen.`,
    };
  return { value: { share: `${share[1]}%` } };
}

function readMargin(text: string): Parsed<Columns['margin']> {
  const sides = text.split('|');
  if (sides.length === 1) return readSize(text);
  if (sides.length > 2)
    return { problem: `“${shown(text)}” names more than two margins; type start | end, such as 16 | 24.` };
  const [start, end] = sides.map((side): Parsed<Size | 'auto'> =>
    isFollow(side.trim()) ? { value: 'auto' } : readSize(side),
  );
  if (start!.problem !== undefined) return start!;
  if (end!.problem !== undefined) return end!;
  return { value: { start: start!.value, end: end!.value } };
}

const PARTS_IN_WORDS: Record<string, string> = { half: '1/2', third: '1/3', quarter: '1/4', fifth: '1/5' };

/** `1/4 column`, `0.25 of a column`, `a quarter of a column`, or any length. */
function readGutter(typed: string): Parsed<Columns['gutter']> {
  const text = typed.replace(
    /^an?\s+(half|third|quarter|fifth)\b/i,
    (_, part: string) => PARTS_IN_WORDS[part.toLowerCase()]!,
  );
  const share = /^(\d+(?:\.\d+)?(?:\/\d+)?)\s*(?:of\s+)?(?:an?\s+)?columns?$/i.exec(text);
  if (!share) return readSize(text);
  const [numerator, denominator = '1'] = share[1]!.split('/');
  const ratio = Number(numerator) / Number(denominator);
  if (!(ratio > 0 && ratio <= 10))
    return {
      problem: `A gutter of ${share[1]} column is not possible; type more than 0 and at most 10, such as 1/4 column.`,
    };
  return { value: { ofColumn: share[1]! } };
}
