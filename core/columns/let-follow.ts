import { lengthText } from '../length/length';
import type { LengthValue } from '../length/length-value';
import { greatest, type Px, ZERO } from '../length/px';
import type { Columns } from '../spec/schema';
import { isPair } from './column-rule';
import type { SolvedColumns } from './columns-at';

export const FOLLOWING_QUANTITIES = ['count', 'container', 'margin', 'gutter', 'column'] as const;
export type ColumnQuantity = (typeof FOLLOWING_QUANTITIES)[number];

/** Is the quantity worked out from the others? A container that fills the screen between the margins is. */
export function follows(columns: Columns, quantity: ColumnQuantity): boolean {
  if (quantity === 'container') return columns.container === 'auto' || columns.container === 'fill';
  if (quantity === 'margin')
    return isPair(columns.margin)
      ? columns.margin.start === 'auto' || columns.margin.end === 'auto'
      : columns.margin === 'auto';
  return columns[quantity] === 'auto';
}

/**
 * Lets a quantity follow from the others, and holds what followed instead at the value it has now, so that the grid
 * stays as it is at this viewport.
 *
 *     letFollow(container 1296, 12 columns, gutter 24, column 86 follows; 'gutter')   // column held at 86, gutter follows
 *
 * @param solved the columns at the viewport that is looked at
 */
export function letFollow(columns: Columns, solved: SolvedColumns, quantity: ColumnQuantity): Columns {
  const free: Columns = { ...columns, ...freed(quantity) };
  switch (quantity) {
    case 'margin':
      return follows(columns, 'container') && !allInsideHeld(free)
        ? { ...free, container: held(solved.container) }
        : free;
    case 'container': {
      if (allInsideHeld(columns)) return { ...free, container: 'auto' };
      return follows(columns, 'margin') ? { ...free, margin: heldMargins(solved) } : free;
    }
    case 'column':
      if (columns.gutter === 'auto') return holdOuter({ ...free, gutter: held(solved.gutter) }, columns, solved);
      return holdOuter(columns.count === 'auto' ? { ...free, count: solved.count } : free, columns, solved);
    case 'gutter':
      if (columns.column === 'auto') return holdOuter({ ...free, column: held(solved.column) }, columns, solved);
      return holdOuter(columns.count === 'auto' ? { ...free, count: solved.count } : free, columns, solved);
    case 'count': {
      const column = columns.column === 'auto' ? held(solved.column) : columns.column;
      const gutter = columns.gutter === 'auto' ? held(solved.gutter) : columns.gutter;
      return holdOuter({ ...free, column, gutter }, columns, solved);
    }
  }
}

function freed(quantity: ColumnQuantity): Partial<Columns> {
  return quantity === 'container' ? { container: 'fill' } : { [quantity]: 'auto' };
}

function allInsideHeld({ count, column, gutter }: Columns): boolean {
  return count !== 'auto' && column !== 'auto' && gutter !== 'auto';
}

/** When neither margin nor container was held, the columns made up the container: hold it at what they came to. */
function holdOuter(next: Columns, before: Columns, solved: SolvedColumns): Columns {
  const nothingOutside = follows(before, 'container') && follows(before, 'margin');
  return nothingOutside ? { ...next, container: held(solved.container) } : next;
}

function heldMargins({ marginStart, marginEnd }: SolvedColumns): Columns['margin'] {
  return marginStart.equals(marginEnd) ? held(marginStart) : { start: held(marginStart), end: held(marginEnd) };
}

/** A worked-out value as a given one, exact. No length is below zero: what was negative is held at 0. */
function held(value: Px): LengthValue {
  return lengthText({ amount: greatest(value, ZERO), unit: 'px' });
}
