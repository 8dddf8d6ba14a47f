import { type Address, type Edit, isWithin } from './edit';
import { sameJson } from './same-json';

/** What somebody’s edits come to after others were made of the same document: what is left to make, or where both meant something else. */
export type Merged = { edits: readonly Edit[]; collisions?: undefined } | { edits?: undefined; collisions: Address[] };

/**
 * Somebody’s edits of a document, carried over lists of edits that were made of it meanwhile. Edits at different addresses never collide; at the same one, or where one
 * lies within the other, they do, unless both say the same already.
 *
 *     merge([gutter of the phone 16 → 12], [[gutter of the tablet 16 → 24]])   // { edits: [gutter of the phone 16 → 12] }
 *     merge([gutter of the phone 16 → 12], [[gutter of the phone 16 → 8]])     // { collisions: [gutter of the phone] }
 */
export function merge(own: readonly Edit[], since: readonly (readonly Edit[])[]): Merged {
  const others = since.flat();
  const collisions: Address[] = [];
  const edits = own.filter((edit) => {
    const touching = others.filter(({ at }) => isWithin(at, edit.at) || isWithin(edit.at, at));
    const last = touching.at(-1);
    if (!last) return true;
    const isSaid = last.at.length === edit.at.length && sameJson(last.after, edit.after);
    if (!isSaid) collisions.push(edit.at);
    return false;
  });
  return collisions.length > 0 ? { collisions } : { edits };
}
