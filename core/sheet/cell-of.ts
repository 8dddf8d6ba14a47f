import Fraction from 'fraction.js';
import type { CellName } from '../checks/rule';
import { isOfColumn, isPair, isShare, isUpTo } from '../columns/column-rule';
import { columnsAt, type SolvedColumns } from '../columns/columns-at';
import { follows } from '../columns/let-follow';
import { typedText } from '../length/length-value';
import { type Size, sizeText } from '../length/size';
import { numeral } from '../length/present';
import type { Breakpoint, Columns, Spec } from '../spec/schema';
import { ALIGN_WORDS, OUTER_WORDS, WHOLE_WORDS } from './quantities';
import { baselineCell, isBaselineQuantity, isRowQuantity, rowCell } from './row-cells';
import { said, type SheetCell, worked } from './sheet-cell';

/** The cell of a quantity at a breakpoint, solved at its reference width. */
export function cellOf(spec: Spec, breakpoint: Breakpoint, quantity: CellName): SheetCell {
  const { columns, reference } = breakpoint;
  if (isRowQuantity(quantity)) return rowCell(spec, breakpoint, quantity);
  if (isBaselineQuantity(quantity)) return baselineCell(spec, breakpoint, quantity);
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
      return columns.count === 'auto' ? countCell(spec, breakpoint) : said(String(columns.count));
    default:
      return lengthCell(columns, quantity, columnsAt(spec, breakpoint));
  }
}

function countCell(spec: Spec, breakpoint: Breakpoint): SheetCell {
  const { count } = columnsAt(spec, breakpoint);
  return worked(String(count), new Fraction(count));
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

function marginPx({ marginStart, marginEnd }: SolvedColumns): string {
  return marginStart.equals(marginEnd) ? numeral(marginStart) : `${numeral(marginStart)} | ${numeral(marginEnd)}`;
}

function heldText(columns: Columns, quantity: 'container' | 'margin' | 'gutter' | 'column'): string {
  if (quantity === 'container') {
    const { container } = columns;
    if (isUpTo(container)) return `up to ${typedText(container.upTo)}`;
    if (isShare(container)) return `${container.share.slice(0, -1)} % of screen`;
    return sizeText(container as Size);
  }
  if (quantity === 'gutter' && isOfColumn(columns.gutter)) return `${columns.gutter.ofColumn} column`;
  return sizeText(columns[quantity] as Size);
}
