import type { Parsed } from '../parsed';
import { QUANTITIES, type QuantityId } from '../quantities/registry';
import { writeQuantity } from '../quantities/write-quantity';
import type { Spec } from '../spec/schema';
import type { Place, Rows } from './place';

/**
 * The spec after a text was typed into several cells at once: all of them take it, or, when one does not, none.
 *
 *     writePlaces(spec, [gutter of phone, gutter of tablet], () => '24')
 */
export function writePlaces<Id extends string = QuantityId>(
  spec: Spec,
  places: readonly Place<Id>[],
  text: (place: Place<Id>) => string,
  rows: Rows<Id> = QUANTITIES as Rows<never>,
): Parsed<Spec> {
  const quantityOf = ({ quantity }: Place<Id>) => rows.find(({ id }) => id === quantity)!;
  if (places.length > 1 && places.some((place) => quantityOf(place).isOwn))
    return { problem: 'Each breakpoint has its own name and start. Enter them one by one.' };
  let written = spec;
  for (const place of places) {
    const next = writeQuantity(written, quantityOf(place), place.breakpoint, text(place));
    if (next.problem !== undefined)
      return places.length > 1 ? { problem: `${placeName(spec, rows, place)}: ${next.problem}` } : next;
    written = next.value;
  }
  return { value: written };
}

/** What deleting puts into a cell. */
export function emptied<Id extends string>(rows: Rows<Id>, { quantity }: Place<Id>): string {
  return rows.find(({ id }) => id === quantity)!.emptied ?? '=';
}

/** A cell in words: `Gutter, Desktop`. */
export function placeName<Id extends string>(
  spec: Spec,
  rows: Rows<Id>,
  { breakpoint: id, quantity }: Place<Id>,
): string {
  const name = spec.breakpoints.find((breakpoint) => breakpoint.id === id)?.name ?? id;
  return `${rows.find((row) => row.id === quantity)!.label}, ${name}`;
}
