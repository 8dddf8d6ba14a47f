import Fraction from 'fraction.js';
import { withBreakpoint } from '../../breakpoints/breakpoints';
import { isOfColumn, isPair, isShare, isUpTo } from '../../columns/column-rule';
import { columnsAt, type SolvedColumns } from '../../columns/columns-at';
import { type ColumnQuantity, follows, letFollow } from '../../columns/let-follow';
import { parseLengthValue, typedText } from '../../length/length-value';
import { mapped, type Parsed } from '../../parsed';
import { numeral } from '../../length/present';
import { type Size, sizeText } from '../../length/size';
import { isSum, sumText } from '../../length/sum';
import type { Margin } from '../../columns/read-rule';
import { isRelation, relationText } from '../../columns/relation';
import type { Breakpoint, Columns, Spec } from '../../spec/schema';
import { choose } from '../choose';
import type { CellQuantity } from '../quantity';
import { lengthValue, type Reading, said, words, worked } from '../reading';
import { FOLLOWS, readContainer, readCount, readGutter, readMargin } from './read-columns';

const OUTER_WORDS = { none: 'none', half: 'half' } as const;
const ALIGN_WORDS = { start: 'start', centre: 'centre', end: 'end' } as const;
const WHOLE_WORDS = { no: 'keep', margins: 'margins', container: 'container' } as const;

const put = (spec: Spec, breakpoint: Breakpoint, columns: Partial<Columns>): Spec =>
  withBreakpoint(spec, { ...breakpoint, columns: { ...breakpoint.columns, ...columns } });

/** A quantity of the column equation: given, or following from the others. */
function inEquation<Id extends ColumnQuantity>(
  id: Id,
  {
    read,
    ...others
  }: Pick<CellQuantity, 'label' | 'hint' | 'kind' | 'weighs' | 'tabled'> & {
    read: (text: string) => Parsed<Columns[Id]>;
  },
): CellQuantity<Id> {
  return {
    id,
    group: 'columns',
    name: others.label,
    followed: 'the others',
    ...others,
    address: (breakpoint) => ['breakpoints', breakpoint.id, 'columns', id],
    read: (spec, breakpoint) => columnReading(breakpoint.columns, id, columnsAt(spec, breakpoint)),
    write: (spec, breakpoint, text) =>
      FOLLOWS.test(text)
        ? { value: put(spec, breakpoint, letFollow(breakpoint.columns, columnsAt(spec, breakpoint), id)) }
        : mapped(read(text.replace(/^=\s*/, '')), (value) => put(spec, breakpoint, { [id]: value })),
  };
}

/** One of a few words about the columns. */
function chosen<Id extends 'outer' | 'align' | 'whole'>(
  id: Id,
  choices: Record<Columns[Id], string>,
  others: Pick<CellQuantity, 'label' | 'hint' | 'tabled'>,
): CellQuantity<Id> {
  return {
    id,
    group: 'columns',
    name: others.label,
    kind: 'choice',
    choices: Object.values(choices),
    ...others,
    address: (breakpoint) => ['breakpoints', breakpoint.id, 'columns', id],
    read: (_, { columns }) => said(choices[columns[id]]),
    write: (spec, breakpoint, text) =>
      choose(text, choices, (choice) => ({ value: put(spec, breakpoint, { [id]: choice }) })),
    weighs: 'minor',
  };
}

/** What is measured of the columns, as a row of a table. */
const measured = (place: number, label: string, part: keyof Omit<SolvedColumns, 'count'>) => ({
  place,
  label,
  say: (spec: Spec, breakpoint: Breakpoint) => lengthValue(columnsAt(spec, breakpoint)[part] as Fraction),
});

/** The columns of a breakpoint. */
export const COLUMNS = [
  inEquation('count', {
    label: 'Count',
    kind: 'count',
    hint: '1 to 64 columns, or = for auto.',
    read: readCount,
    weighs: 'major',
    tabled: [
      { place: 3, label: 'Columns', say: (spec, breakpoint) => words(String(columnsAt(spec, breakpoint).count)) },
    ],
  }),
  inEquation('container', {
    label: 'Container',
    kind: 'length',
    hint: 'fills, 1296, up to 1696, 75 % of screen, 90% up to 1232, 100% - 40, or = for auto.',
    read: readContainer,
    weighs: 'minor',
    tabled: [measured(5, 'Container', 'container')],
  }),
  inEquation('margin', {
    label: 'Margin',
    kind: 'length',
    hint: '32, start and end as 16 | 24, 2 gutters, 50vw - 600, or = for auto.',
    read: readMargin,
    weighs: 'minor',
    tabled: [measured(4, 'Start margin', 'marginStart'), measured(6, 'End margin', 'marginEnd')],
  }),
  inEquation('gutter', {
    label: 'Gutter',
    kind: 'length',
    hint: '24, 1.5rem, 1/4 column, 25% column, or = for auto.',
    read: readGutter,
    weighs: 'minor',
    tabled: [measured(7, 'Gutter', 'gutter')],
  }),
  inEquation('column', {
    label: 'Column',
    kind: 'length',
    hint: 'Column width, such as 72, or = for auto.',
    read: parseLengthValue,
    weighs: 'minor',
    tabled: [measured(9, 'Column', 'column')],
  }),
  chosen('outer', OUTER_WORDS, {
    label: 'Edges',
    hint: 'none, or half a gutter outside the first and last column.',
    tabled: [
      { ...measured(8, 'Half gutter outside', 'inset'), isFor: (spec) => spec.breakpoints.some(hasInset(spec)) },
    ],
  }),
  chosen('align', ALIGN_WORDS, {
    label: 'Alignment',
    hint: 'Where the container sits when there’s space left: start, centre or end.',
  }),
  chosen('whole', WHOLE_WORDS, {
    label: 'Rounding',
    hint: 'keep fractions, or round columns and let margins or the container take the difference.',
  }),
] as const;

const hasInset =
  (spec: Spec) =>
  (breakpoint: Breakpoint): boolean =>
    !columnsAt(spec, breakpoint).inset.equals(0);

function columnReading(columns: Columns, quantity: ColumnQuantity, solved: SolvedColumns): Reading {
  if (quantity === 'count')
    return columns.count === 'auto'
      ? worked(String(solved.count), new Fraction(solved.count))
      : said(String(columns.count));
  const exact = quantity === 'margin' ? solved.marginStart : solved[quantity];
  const inPx = quantity === 'margin' ? marginPx(solved) : numeral(exact);
  if (columns[quantity] === 'fill') return { text: 'fills', shown: 'fills', follows: true, px: inPx, exact };
  if (quantity === 'margin' && isPair(columns.margin)) return pairReading(columns.margin, columns, inPx, exact);
  if (follows(columns, quantity)) return worked(inPx, exact);
  const text = heldText(columns, quantity);
  return { ...inNumbers(text, inPx), exact };
}

/** A given length with its px, where the text says something else; a plain number that is not drawn is overruled. */
function inNumbers(text: string, inPx: string): Omit<Reading, 'exact'> {
  const isNumber = /^[\d.]+( \| [\d.]+)?$/.test(text);
  const overruled = isNumber && text !== inPx && text !== `${inPx} | ${inPx}`;
  return {
    text,
    shown: text,
    follows: false,
    px: isNumber && !overruled ? null : inPx,
    ...(overruled && { overruled }),
  };
}

function pairReading(
  { start, end }: { start: Margin; end: Margin },
  columns: Columns,
  inPx: string,
  exact: Fraction,
): Reading {
  const text = [start, end].map((side) => (side === 'auto' ? '=' : marginText(side))).join(' | ');
  return { ...inNumbers(text, inPx), follows: follows(columns, 'margin'), exact };
}

function marginPx({ marginStart, marginEnd }: SolvedColumns): string {
  return marginStart.equals(marginEnd) ? numeral(marginStart) : `${numeral(marginStart)} | ${numeral(marginEnd)}`;
}

function heldText(columns: Columns, quantity: Exclude<ColumnQuantity, 'count'>): string {
  const { container, gutter } = columns;
  if (quantity === 'container') {
    if (isUpTo(container)) return `up to ${typedText(container.upTo)}`;
    if (isShare(container))
      return container.upTo === undefined
        ? `${container.share.slice(0, -1)} % of screen`
        : `${container.share} up to ${typedText(container.upTo)}`;
  }
  return quantity === 'gutter' && isOfColumn(gutter)
    ? relationText(gutter)
    : marginText(columns[quantity] as Exclude<Margin, 'auto'>);
}

/** A margin, or another length across, as a person types it. */
function marginText(value: Exclude<Margin, 'auto'>): string {
  if (isRelation(value)) return relationText(value);
  return isSum(value) ? sumText(value) : sizeText(value as Size);
}
