import type { Address } from '../edits/edit';
import type { Breakpoint, Spec } from '../spec/schema';
import { BASELINE } from './breakpoint/baseline';
import { COLUMNS } from './breakpoint/columns';
import { FRAME } from './breakpoint/frame';
import { ROWS } from './breakpoint/rows';
import { SCREEN } from './breakpoint/screen';
import type { CellQuantity } from './quantity';
import type { Reading } from './reading';

const ALL = [...SCREEN, ...COLUMNS, ...ROWS, ...BASELINE, ...FRAME] as const;

/** The name of a quantity of a breakpoint, in code. */
export type QuantityId = (typeof ALL)[number]['id'];

/** Every quantity of a breakpoint, in the order of the bench's sheet. */
export const QUANTITIES: readonly CellQuantity<QuantityId>[] = ALL;

const ROW_OF = new Map(QUANTITIES.map(({ id }, row) => [id, row]));

/** The row of a quantity in the sheet. */
export function rowOf(id: QuantityId): number {
  return ROW_OF.get(id)!;
}

export function quantityOf(id: QuantityId): CellQuantity<QuantityId> {
  return QUANTITIES[rowOf(id)]!;
}

/** What a quantity says at a breakpoint, worked out at its reference size. */
export function readingOf(spec: Spec, breakpoint: Breakpoint, id: QuantityId): Reading {
  return quantityOf(id).read(spec, breakpoint);
}

/** The address of a quantity at a breakpoint. */
export function addressOf(breakpoint: Breakpoint, id: QuantityId): Address {
  return quantityOf(id).address(breakpoint);
}

/** The cell of the bench's sheet that an address stands in, of a grid beside the main one that of the same breakpoint; null for what is in none. */
export function cellAt(spec: Spec, at: Address): { breakpoint: string; quantity: QuantityId } | null {
  if (at[0] === 'grids' && at.length > 4) return cellAt(spec, ['breakpoints', ...at.slice(3)]);
  if (at[0] !== 'breakpoints' || at.length < 3) return null;
  const breakpoint = spec.breakpoints.find(({ id }) => id === at[1]);
  const text = at.join('/');
  const quantity = breakpoint && QUANTITIES.find(({ address }) => address(breakpoint).join('/') === text);
  return quantity ? { breakpoint: breakpoint.id, quantity: quantity.id } : null;
}
