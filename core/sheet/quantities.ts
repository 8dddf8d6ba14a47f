import Fraction from 'fraction.js';
import type { CellName } from '../checks/rule';
import { isGrowing, isOfColumn, isPair, isShare, isUpTo, type GrowingLength } from '../columns/column-rule';
import { columnsAt, type SolvedColumns } from '../columns/columns-at';
import { follows } from '../columns/let-follow';
import { type LengthValue, typedText } from '../length/length-value';
import { numeral } from '../length/present';
import type { Breakpoint, Columns, Spec } from '../spec/schema';

/** A row of the sheet. */
export type SheetQuantity = {
  id: CellName;
  group: 'screen' | 'columns';
  label: string;
  hint: string;
  choices?: readonly string[];
};

export const OUTER_WORDS = { none: 'none', half: 'half' } as const;
export const ALIGN_WORDS = { start: 'start', centre: 'centre', end: 'end' } as const;
export const WHOLE_WORDS = { no: 'keep', margins: 'margins', container: 'container' } as const;

export const QUANTITIES: readonly SheetQuantity[] = [
  { id: 'name', group: 'screen', label: 'Name', hint: 'Type a new name; Delete removes the breakpoint.' },
  {
    id: 'from',
    group: 'screen',
    label: 'From',
    hint: 'The viewport width at which this breakpoint starts, such as 1200.',
  },
  {
    id: 'reference',
    group: 'screen',
    label: 'Drawn at',
    hint: 'Width × height at which you draw it, such as 1440 × 1024.',
  },
  {
    id: 'notes',
    group: 'screen',
    label: 'Notes',
    hint: 'What readers should know of this breakpoint; it stands on the reading page.',
  },
  { id: 'count', group: 'columns', label: 'Count', hint: 'How many columns: 1 to 64, or = to let the count follow.' },
  {
    id: 'container',
    group: 'columns',
    label: 'Container',
    hint: 'fills, 1152, up to 1536, 90 % of screen, or = to let it follow.',
  },
  { id: 'margin', group: 'columns', label: 'Margin', hint: '32, or start and end as 16 | 24, or = to let it follow.' },
  { id: 'gutter', group: 'columns', label: 'Gutter', hint: '24, 1.5rem, 1/4 column, or = to let it follow.' },
  { id: 'column', group: 'columns', label: 'Column', hint: 'A column’s width such as 72, or = to let it follow.' },
  {
    id: 'outer',
    group: 'columns',
    label: 'Outside gutters',
    hint: 'none, or half a gutter outside the first and last column.',
    choices: Object.values(OUTER_WORDS),
  },
  {
    id: 'align',
    group: 'columns',
    label: 'Stands at',
    hint: 'Where the container stands when there is space left: start, centre, end.',
    choices: Object.values(ALIGN_WORDS),
  },
  {
    id: 'whole',
    group: 'columns',
    label: 'Fractions of px',
    hint: 'keep them, or round the columns and let the margins or the container take the difference.',
    choices: Object.values(WHOLE_WORDS),
  },
];

/** The row of a quantity in the sheet. */
export function rowOf(quantity: CellName): number {
  return QUANTITIES.findIndex(({ id }) => id === quantity);
}

/** What a cell of the sheet holds. */
export type SheetCell = {
  /** The text as a person types or edits it. */
  text: string;
  /** The text at rest; for a quantity that follows, its value. */
  shown: string;
  follows: boolean;
  /** The value in px, where the text does not say it. */
  px: string | null;
  /** The exact value in px, for hover and copy. */
  exact: Fraction | null;
};

/** The cell of a quantity at a breakpoint, solved at its reference width. */
export function cellOf(
  spec: Spec,
  breakpoint: Breakpoint,
  quantity: CellName,
  solved = columnsAt(spec, breakpoint),
): SheetCell {
  const { columns, reference } = breakpoint;
  switch (quantity) {
    case 'name':
      return said(breakpoint.name);
    case 'from':
      return said(String(breakpoint.from));
    case 'reference':
      return said(`${reference.width} × ${reference.height}`);
    case 'notes':
      return said(breakpoint.notes);
    case 'outer':
      return said(OUTER_WORDS[columns.outer]);
    case 'align':
      return said(ALIGN_WORDS[columns.align]);
    case 'whole':
      return said(WHOLE_WORDS[columns.whole]);
    case 'count':
      return columns.count === 'auto'
        ? worked(String(solved.count), new Fraction(solved.count))
        : said(String(columns.count));
    default:
      return lengthCell(columns, quantity, solved);
  }
}

function lengthCell(
  columns: Columns,
  quantity: 'container' | 'margin' | 'gutter' | 'column',
  solved: SolvedColumns,
): SheetCell {
  const value = quantity === 'margin' ? solved.marginStart : solved[quantity];
  const inPx = quantity === 'margin' ? marginPx(solved) : numeral(value);
  if (columns[quantity] === 'fill') return { text: 'fills', shown: 'fills', follows: true, px: inPx, exact: value };
  if (follows(columns, quantity) && !isPair(columns.margin)) return worked(inPx, value);
  if (quantity === 'margin' && isPair(columns.margin)) {
    const { start, end } = columns.margin;
    const text = `${start === 'auto' ? '=' : sizeText(start)} | ${end === 'auto' ? '=' : sizeText(end)}`;
    return {
      text,
      shown: text,
      follows: follows(columns, 'margin'),
      px: /^[\d.]+ \| [\d.]+$/.test(text) ? null : inPx,
      exact: value,
    };
  }
  if (follows(columns, quantity)) return worked(inPx, value);
  const text = heldText(columns, quantity);
  return { text, shown: text, follows: false, px: /^[\d.]+$/.test(text) ? null : inPx, exact: value };
}

function said(text: string): SheetCell {
  return { text, shown: text, follows: false, px: null, exact: null };
}

function worked(value: string, exact: Fraction): SheetCell {
  return { text: '=', shown: value, follows: true, px: null, exact };
}

function marginPx({ marginStart, marginEnd }: SolvedColumns): string {
  return marginStart.equals(marginEnd) ? numeral(marginStart) : `${numeral(marginStart)} | ${numeral(marginEnd)}`;
}

function heldText(columns: Columns, quantity: 'container' | 'margin' | 'gutter' | 'column'): string {
  if (quantity === 'container') {
    const { container } = columns;
    if (isUpTo(container)) return `up to ${typedText(container.upTo)}`;
    if (isShare(container)) return `${container.share.slice(0, -1)} % of screen`;
    return sizeText(container as LengthValue | GrowingLength);
  }
  if (quantity === 'gutter' && isOfColumn(columns.gutter)) return `${columns.gutter.ofColumn} column`;
  return sizeText(columns[quantity] as LengthValue | GrowingLength);
}

function sizeText(value: LengthValue | GrowingLength): string {
  if (!isGrowing(value)) return typedText(value);
  const [least, most] = value.between.map(typedText);
  return `${least} to ${most} over ${value.over[0]} to ${value.over[1]}`;
}
