import type { Parsed } from '../length/parsed';
import { applyEdits } from './apply-edits';
import { type Address, type Edit, editOf, isWithin, ORDER, turnedBack } from './edit';
import { editsBetween } from './edits-between';
import { partsOf, shapeOf } from './parts';
import { sameJson } from './same-json';
import { DOCUMENT, type Shape } from './shape';

/** What somebody did and what others did to the same; one of the two holds. */
export type Collision = { own: readonly Edit[]; theirs: readonly Edit[] };

/** A newer document with somebody’s own changes on top of it, but for those that collide. */
export type Met<T> = { document: T; collisions: Collision[] };

/**
 * Puts what somebody changed of a document on top of what others made of it. What collides waits, for whoever changed it to choose; nothing else waits for that.
 * What came, went or was put into another order in one list belongs together: all of it is on top, or none.
 *
 *     meet(base, gutter of the phone 12 and of the desktop 32, gutter of the phone 8)
 *     // document: 8 and 32; collisions: [{ own: [16 → 12], theirs: [16 → 8] }]
 *
 * @param isKept can this document be kept? Where what comes of it cannot, all that is one’s own collides as one
 */
export function meet<T>(base: T, mine: T, newer: T, isKept: (document: T) => boolean): Met<T> {
  const [own, theirs] = [together(editsBetween(base, mine)), together(editsBetween(base, newer))];
  const [free, collisions] = parted(own, theirs);
  if (free.length === 0) return { document: newer, collisions };
  const { value } = applyEdits(newer, free);
  if (value !== undefined && isKept(value)) return { document: value, collisions };
  return { document: newer, collisions: [{ own: own.flat(), theirs: theirs.flat() }] };
}

/** One’s own edits that nobody else touched, and those that meet others’; what both did alike is in neither. */
function parted(own: readonly Edit[][], theirs: readonly Edit[][]): [Edit[], Collision[]] {
  const free: Edit[] = [];
  const collisions: Collision[] = [];
  for (const group of own) {
    const met = theirs.filter((each) => each.some((their) => group.some((edit) => touches(edit, their))));
    if (met.length === 0) free.push(...group);
    else if (!group.every((edit) => met.flat().some((their) => says(edit, their))))
      collisions.push({ own: group, theirs: met.flat() });
  }
  return [free, collisions];
}

const touches = (a: Edit, b: Edit): boolean => isWithin(a.at, b.at) || isWithin(b.at, a.at);
const says = (a: Edit, b: Edit): boolean => a.at.length === b.at.length && touches(a, b) && sameJson(a.after, b.after);

/** Where a breakpoint begins goes with the list: the next one begins there when one is removed. */
const isBoundaryIn = (order: Edit, { at }: Edit): boolean =>
  order.at.length === 2 &&
  order.at[0] === 'breakpoints' &&
  at[0] === 'breakpoints' &&
  at.length === 3 &&
  at[2] === 'from';

/** Edits in groups that are made together or not at all: what comes into a list or leaves it, with its order. */
function together(edits: readonly Edit[]): Edit[][] {
  let groups: { edits: Edit[]; ids: string[] }[] = [];
  for (const edit of edits) {
    if (edit.at.at(-1) !== ORDER) continue;
    const [was, is] = [edit.before as string[], edit.after as string[]];
    const ids = [...was.filter((id) => !is.includes(id)), ...is.filter((id) => !was.includes(id))];
    groups.push({ edits: [edit], ids });
  }
  const singles: Edit[][] = [];
  for (const edit of edits) {
    if (edit.at.at(-1) === ORDER) continue;
    const [first, ...others] = groups.filter(
      ({ edits: [order], ids }) => ids.some((id) => edit.at.includes(id)) || isBoundaryIn(order!, edit),
    );
    if (!first) singles.push([edit]);
    else {
      // what belongs to two lists ties them together
      first.edits.push(edit, ...others.flatMap((each) => each.edits));
      first.ids.push(...others.flatMap((each) => each.ids));
      groups = groups.filter((each) => !others.includes(each));
    }
  }
  return [...groups.map((group) => group.edits), ...singles];
}

/**
 * The document in which one’s own side of a collision holds: what others did is taken back, and one’s own made.
 *
 * @param document as it is now; it may have gone on since they met
 */
export function takeOwn<T>(document: T, { own, theirs }: Collision): Parsed<T> {
  const back = applyEdits(document, turnedBack(theirs));
  const whole = back.value === undefined ? back : applyEdits(back.value, own);
  if (whole.value !== undefined) return whole;
  // something else has come on top of theirs: then what stands there now is replaced
  return applyEdits(
    document,
    own.map(({ at, after }) => editOf(at, valueAt(document, at), after)),
  );
}

/** What stands at an address; undefined where nothing does. */
export function valueAt(document: unknown, at: Address): unknown {
  let [shape, value]: [Shape | undefined, unknown] = [DOCUMENT, document];
  for (const key of at) {
    const parts = partsOf(shape, value);
    if (!parts) return undefined;
    if (shape!.is === 'list' && key === ORDER) return [...parts.keys()];
    [shape, value] = [shapeOf(shape!, key), parts.get(key)];
  }
  return value;
}
