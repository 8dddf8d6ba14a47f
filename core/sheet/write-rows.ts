import { lengthText, shown } from '../length/length';
import { lengthOf, parseLengthValue, type LengthValue } from '../length/length-value';
import { mapped, type Parsed } from '../length/parsed';
import { withRowRule, type RowRule } from '../rows/row-rule';
import type { Breakpoint, Rows, Spec } from '../spec/schema';
import { ROW_WORDS } from './quantities';
import type { BaselineQuantity, RowQuantity } from './row-cells';
import { choose } from './choose';

const NONE = /^(none|no|=|follows?|auto|)$/i;

/**
 * The breakpoint after a person typed a text into a cell of the rows.
 *
 *     writeRows(spec, phone, 'rowHeight', '6 lines')   // with modules
 */
export function writeRows(spec: Spec, breakpoint: Breakpoint, quantity: RowQuantity, text: string): Parsed<Breakpoint> {
  if (quantity === 'rowRule') {
    const base = lengthText(lengthOf(spec.spacing.base));
    const rule = (choice: keyof typeof ROW_WORDS): RowRule | null => (choice === 'none' ? null : choice);
    return choose(NONE.test(text) ? 'none' : text, ROW_WORDS, (choice) => ({
      value: withRowRule(breakpoint, rule(choice), base),
    }));
  }
  const { rows } = breakpoint;
  if (rows === null) return { problem: 'There are no rows here; choose a rule first: repeat, divide or modules.' };
  return mapped(writeTo(rows, quantity, text), (changed) => ({ ...breakpoint, rows: changed }));
}

function writeTo(rows: Rows, quantity: WrittenQuantity, text: string): Parsed<Rows> {
  const read = READERS[rows.rule][quantity];
  return read
    ? mapped(read(text), (some) => withoutUndefined({ ...rows, ...some }) as Rows)
    : { problem: ONLY_DIVIDED };
}

/** The same, without keys that say nothing. */
function withoutUndefined(rows: object): object {
  return Object.fromEntries(Object.entries(rows).filter(([, value]) => value !== undefined));
}

type WrittenQuantity = Exclude<RowQuantity, 'rowRule'>;
type Reader = (text: string) => Parsed<object>;

/** Reads a text as the value of a key of the rows. */
function as(key: string, read: (text: string) => Parsed<unknown>): Reader {
  return (text) => mapped(read(text), (value) => ({ [key]: value }));
}

const refused =
  (problem: string): Reader =>
  () => ({ problem });

/** What each rule takes of the quantities; what is not named here, only divided rows have. */
const READERS: Record<RowRule, Partial<Record<WrittenQuantity, Reader>>> = {
  repeat: {
    rowHeight: as('height', (text) => readHeight(text, 'A band')),
    rowGap: as('gap', readRowLength),
    rowTop: as('offset', readRowLength),
    rowCount: refused('Bands go on for as long as the page does and need no count; choose divide to share one screen.'),
    rowBottom: refused('This is what is left over; change the height, the gap or the start.'),
  },
  modules: {
    rowHeight: as('lines', (text) => readLines(text, 1)),
    rowGap: as('between', (text) => readLines(text, 0)),
    rowTop: refused('Modules start at the first baseline; change the offset of the baseline.'),
    rowCount: refused(
      'Modules go on for as long as the page does and need no count; choose divide to share one screen.',
    ),
    rowBottom: refused('This is what is left over; change the lines of a module or the baseline.'),
  },
  divide: {
    rowCount: as('count', readRowCount),
    rowGap: as('gap', readRowLength),
    rowTop: as('marginTop', readRowLength),
    rowBottom: as('marginBottom', readRowLength),
    rowLeast: as('minHeight', readBound),
    rowMost: as('maxHeight', readBound),
    rowHeight: (text) =>
      NONE.test(text)
        ? { value: {} }
        : { problem: 'A divided row follows from the screen; change the count, the gap or the margins.' },
  },
};

/** A least or greatest height; none is undefined, which a document leaves out. */
function readBound(text: string): Parsed<LengthValue | undefined> {
  return NONE.test(text) ? { value: undefined } : readHeight(text, 'A screen');
}

const ONLY_DIVIDED = 'A least and a greatest height are for rows that share one screen; choose divide first.';

/** The breakpoint after a person typed a text into a cell of the baseline. */
export function writeBaseline(breakpoint: Breakpoint, quantity: BaselineQuantity, text: string): Parsed<Breakpoint> {
  const { baseline, rows } = breakpoint;
  if (quantity === 'lines') return { problem: 'This follows from the step; change the step.' };
  if (quantity === 'step' && NONE.test(text)) {
    if (rows?.rule === 'modules')
      return { problem: 'The modules stand on this baseline; choose another rule for the rows first.' };
    return { value: { ...breakpoint, baseline: null } };
  }
  if (quantity === 'step')
    return mapped(readHeight(text, 'A baseline step'), (step) => ({
      ...breakpoint,
      baseline: { offset: '0px', ...baseline, step },
    }));
  if (baseline === null) return { problem: 'There is no baseline here; type its step first, such as 4.' };
  return mapped(readRowLength(text), (offset) => ({ ...breakpoint, baseline: { ...baseline, offset } }));
}

function readRowLength(text: string): Parsed<LengthValue> {
  return NONE.test(text)
    ? { problem: 'This is given, it does not follow; type a length such as 8, or 0 for none.' }
    : parseLengthValue(text.replace(/^=\s*/, ''));
}

/** A length that must be more than 0: bands of no height would never end. */
function readHeight(text: string, what: string): Parsed<LengthValue> {
  const parsed = readRowLength(text);
  if (parsed.problem !== undefined) return parsed;
  if (lengthOf(parsed.value).amount.equals(0))
    return { problem: `${what} of 0 is not possible; type more, such as 8.` };
  return parsed;
}

function readLines(text: string, least: number): Parsed<number> {
  const lines = /^(\d{1,4})(?:\s*(?:base)?lines?)?$/i.exec(text)?.[1];
  if (lines === undefined || Number(lines) < least || Number(lines) > 1000)
    return {
      problem: `“${shown(text)}” is not a number of lines; modules are counted in baselines, such as ${least === 0 ? '1' : '6'} ${least === 0 ? 'line' : 'lines'}.`,
    };
  return { value: Number(lines) };
}

function readRowCount(text: string): Parsed<number> {
  if (!/^\d+$/.test(text) || Number(text) < 1 || Number(text) > 500)
    return { problem: `“${shown(text)}” is not a count of rows; type a whole number from 1 to 500, such as 6.` };
  return { value: Number(text) };
}
