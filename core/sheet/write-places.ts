import type { Parsed } from '../length/parsed';
import type { Spec } from '../spec/schema';
import type { Place } from './place';
import { QUANTITIES } from './quantities';
import { writeCell } from './write-cell';

/**
 * The spec after a text was typed into several cells at once: all of them take it, or, when one does not, none.
 *
 *     writePlaces(spec, [gutter of phone, gutter of tablet], () => '24')
 */
export function writePlaces(spec: Spec, places: readonly Place[], text: (place: Place) => string): Parsed<Spec> {
  const each = places.find(({ quantity }) => places.length > 1 && (quantity === 'name' || quantity === 'from'));
  if (each) return { problem: 'Each breakpoint has its own name and start; type them one by one.' };
  let written = spec;
  for (const place of places) {
    const next = writeCell(written, place.breakpoint, place.quantity, text(place));
    if (next.problem !== undefined) return places.length > 1 ? { problem: placed(spec, place, next.problem) } : next;
    written = next.value;
  }
  return { value: written };
}

function placed(spec: Spec, place: Place, problem: string): string {
  const name = spec.breakpoints.find(({ id }) => id === place.breakpoint)?.name ?? place.breakpoint;
  const label = QUANTITIES.find(({ id }) => id === place.quantity)!.label;
  return `${label}, ${name}: ${problem}`;
}
