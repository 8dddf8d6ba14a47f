import { nameBreakpoint, startAt, withBreakpoint } from '../../breakpoints/breakpoints';
import { parseLength, shown } from '../../length/length';
import { parseLengthValue } from '../../length/length-value';
import { mapped, type Parsed } from '../../parsed';
import { LIMITS } from '../../limits';
import { measureOf } from '../../spec/measure';
import { rangeText } from '../../spec/ranges';
import type { Breakpoint } from '../../spec/schema';
import type { CellQuantity } from '../quantity';
import { said, words } from '../reading';

const size = ({ reference }: Breakpoint): string => `${reference.width} × ${reference.height}`;

/** The screen that a breakpoint is for. */
export const SCREEN = [
  {
    id: 'name',
    group: 'screen',
    label: 'Name',
    name: 'Name',
    kind: 'words',
    hint: 'Rename the breakpoint. Delete removes it.',
    isOwn: true,
    address: ({ id }) => ['breakpoints', id, 'name'],
    read: (_, { name }) => said(name),
    write: (spec, { id }, text) => nameBreakpoint(spec, id, text),
    weighs: 'patch',
  },
  {
    id: 'from',
    group: 'screen',
    label: 'From width',
    name: 'From width',
    kind: 'length',
    hint: 'The viewport width at which this breakpoint starts, such as 1200.',
    isOwn: true,
    address: ({ id }) => ['breakpoints', id, 'from'],
    read: (_, { from }) => said(String(from)),
    write: (spec, breakpoint, text) => {
      const { value: from, problem } = readWidth(text);
      return problem === undefined ? startAt(spec, breakpoint, from) : { problem };
    },
    weighs: 'minor',
    tabled: [
      {
        place: 1,
        label: 'Viewports',
        isFor: (spec) => measureOf(spec) === 'viewport',
        say: (spec, breakpoint) => words(rangeText(spec, breakpoint)),
      },
      {
        place: 1,
        label: 'Container widths',
        isFor: (spec) => measureOf(spec) === 'container',
        say: (spec, breakpoint) => words(rangeText(spec, breakpoint)),
      },
    ],
  },
  {
    id: 'reference',
    group: 'screen',
    label: 'Design size',
    name: 'Design size',
    kind: 'length',
    hint: 'Width × height of your design, such as 1512 × 982.',
    address: ({ id }) => ['breakpoints', id, 'reference'],
    read: (_, breakpoint) => said(size(breakpoint)),
    write: (spec, breakpoint, text) =>
      mapped(readScreen(text), (reference) => withBreakpoint(spec, { ...breakpoint, reference })),
    weighs: 'patch',
    tabled: [{ place: 2, label: 'Design size', say: (_, breakpoint) => words(size(breakpoint)) }],
  },
  {
    id: 'notes',
    group: 'screen',
    label: 'Notes',
    name: 'Notes',
    kind: 'words',
    hint: 'Notes for readers, shown on the reading page.',
    emptied: '',
    longest: LIMITS.notes,
    address: ({ id }) => ['breakpoints', id, 'notes'],
    read: (_, { notes }) => said(notes),
    write: (spec, breakpoint, text) =>
      text.length > LIMITS.notes
        ? {
            problem: `These notes have ${text.length} characters; the maximum is ${LIMITS.notes.toLocaleString('en')}.`,
          }
        : { value: withBreakpoint(spec, { ...breakpoint, notes: text }) },
    weighs: 'patch',
  },
] as const satisfies readonly CellQuantity[];

/** A viewport width in whole px, as it is typed. */
export function readWidth(text: string): Parsed<number> {
  const parsed = parseLengthValue(text);
  if (parsed.problem !== undefined) return parsed;
  const { value: length } = parseLength(String(typeof parsed.value === 'object' ? parsed.value.is : parsed.value));
  if (!length || length.unit !== 'px' || length.amount.d !== 1n)
    return { problem: `“${shown(text)}” isn’t a whole number of px. Enter a width, such as 1000.` };
  if (length.amount.compare(LIMITS.from) > 0)
    return {
      problem: `A breakpoint can’t start at ${length.amount.valueOf()}; the maximum is ${LIMITS.from.toLocaleString('en')}.`,
    };
  return { value: length.amount.valueOf() };
}

const SIZE = /^(\d+(?:\.\d+)?)(?:\s*px)?\s*(?:[x×*,;/]|\s)\s*(\d+(?:\.\d+)?)(?:\s*px)?$/i;

/** A size as it is typed, such as `1512 × 982`. */
export function readScreen(text: string): Parsed<Breakpoint['reference']> {
  const match = SIZE.exec(text);
  const [width, height] = [Number(match?.[1]), Number(match?.[2])];
  if (!match || width === 0 || height === 0)
    return { problem: `“${shown(text)}” isn’t a size. Enter width × height, such as 1512 × 982.` };
  const { least, most, places } = LIMITS.screen;
  if (Math.max(width, height) > most)
    return { problem: `“${shown(text)}” is larger than any screen; the maximum is ${most.toLocaleString('en')}.` };
  if (
    Math.min(width, height) < least ||
    [match[1]!, match[2]!].some((side) => (side.split('.')[1] ?? '').length > places)
  )
    return { problem: `“${shown(text)}” isn’t a size. Enter width × height in px, such as 1512 × 982.` };
  return { value: { width, height } };
}
