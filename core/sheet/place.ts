import type { CellName } from '../checks/rule';
import { breakpointAt, byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { QUANTITIES, rowOf } from './quantities';
import type { SheetRange } from './clipboard';

/** A cell of the sheet by what it holds; it stays the same cell when breakpoints come, go or move. */
export type Place = { breakpoint: string; quantity: CellName };

/** One text for a cell, for maps. */
export function placeKey({ breakpoint, quantity }: Place): string {
  return `${breakpoint} ${quantity}`;
}

/** The rectangle between two cells, as the sheet shows it now. */
export function rangeBetween(spec: Spec, a: Place, b: Place): SheetRange {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const [rows, columns] = [
    [rowOf(a.quantity), rowOf(b.quantity)],
    [Math.max(0, ids.indexOf(a.breakpoint)), Math.max(0, ids.indexOf(b.breakpoint))],
  ] as const;
  return {
    top: Math.min(...rows),
    bottom: Math.max(...rows),
    left: Math.min(...columns),
    right: Math.max(...columns),
  };
}

/** Every cell of a rectangle, row by row. */
export function placesIn(spec: Spec, { top, bottom, left, right }: SheetRange): Place[] {
  const breakpoints = byWidth(spec.breakpoints).slice(left, right + 1);
  return QUANTITIES.slice(top, bottom + 1).flatMap(({ id: quantity }) =>
    breakpoints.map(({ id: breakpoint }) => ({ breakpoint, quantity })),
  );
}

/** The cell so many rows down and columns across, kept inside the sheet. */
export function placeBeside(spec: Spec, { breakpoint, quantity }: Place, down: number, across: number): Place {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const kept = (index: number, length: number): number => Math.min(length - 1, Math.max(0, index));
  return {
    breakpoint: ids[kept(ids.indexOf(breakpoint) + across, ids.length)]!,
    quantity: QUANTITIES[kept(rowOf(quantity) + down, QUANTITIES.length)]!.id,
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
