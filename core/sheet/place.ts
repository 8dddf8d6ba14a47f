import type { CellQuantity } from '../quantities/quantity';
import { QUANTITIES, type QuantityId } from '../quantities/registry';
import { breakpointAt, byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';

/** The rows of a sheet: quantities of breakpoints, which stand across. */
export type Rows<Id extends string> = readonly CellQuantity<Id>[];

/** A cell of a sheet by what it holds; it stays the same cell when breakpoints come, go or move. */
export type Place<Id extends string = QuantityId> = { breakpoint: string; quantity: Id };

/** A rectangle of a sheet, by row of quantities and column of breakpoints; both ends included. */
export type SheetRange = { top: number; left: number; bottom: number; right: number };

/** One text for a cell, for maps. */
export function placeKey({ breakpoint, quantity }: Place<string>): string {
  return `${breakpoint} ${quantity}`;
}

function indexOf<Id extends string>(rows: Rows<Id>, id: Id): number {
  return rows.findIndex((row) => row.id === id);
}

function idsAcross(spec: Spec): string[] {
  return byWidth(spec.breakpoints).map(({ id }) => id);
}

/** The rectangle between two cells, as the sheet shows it now. */
export function rangeBetween<Id extends string = QuantityId>(
  spec: Spec,
  a: Place<Id>,
  b: Place<Id>,
  rows: Rows<Id> = QUANTITIES as Rows<never>,
): SheetRange {
  const ids = idsAcross(spec);
  const down = [indexOf(rows, a.quantity), indexOf(rows, b.quantity)];
  const across = [a, b].map(({ breakpoint }) => Math.max(0, ids.indexOf(breakpoint)));
  return {
    top: Math.min(...down),
    bottom: Math.max(...down),
    left: Math.min(...across),
    right: Math.max(...across),
  };
}

/** Every cell of a rectangle, row by row. */
export function placesIn<Id extends string = QuantityId>(
  spec: Spec,
  { top, bottom, left, right }: SheetRange,
  rows: Rows<Id> = QUANTITIES as Rows<never>,
): Place<Id>[] {
  const ids = idsAcross(spec).slice(left, right + 1);
  return rows.slice(top, bottom + 1).flatMap(({ id: quantity }) => ids.map((breakpoint) => ({ breakpoint, quantity })));
}

/** The cell so many rows down and columns across, kept inside the sheet. */
export function placeBeside<Id extends string = QuantityId>(
  spec: Spec,
  { breakpoint, quantity }: Place<Id>,
  down: number,
  across: number,
  rows: Rows<Id> = QUANTITIES as Rows<never>,
): Place<Id> {
  const ids = idsAcross(spec);
  const kept = (index: number, length: number): number => Math.min(length - 1, Math.max(0, index));
  return {
    breakpoint: ids[kept(ids.indexOf(breakpoint) + across, ids.length)]!,
    quantity: rows[kept(indexOf(rows, quantity) + down, rows.length)]!.id,
  };
}

/**
 * The breakpoint that has taken the place of one: itself where it is still there; the one that starts where it did,
 * which was renamed; else the one that applies there now.
 *
 *     successor(before, after, 'tablet')   // 'phone', when the tablet is removed
 */
export function successor(before: Spec, after: Spec, id: string): string {
  if (after.breakpoints.some((breakpoint) => breakpoint.id === id)) return id;
  const was = before.breakpoints.find((breakpoint) => breakpoint.id === id);
  const renamed = after.breakpoints.find(
    ({ from, id: other }) => from === was?.from && !before.breakpoints.some((known) => known.id === other),
  );
  return (renamed ?? breakpointAt(after, was?.from ?? 0)).id;
}
