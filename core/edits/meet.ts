import type { Parsed } from '../parsed';
import { applyEdits } from './apply-edits';
import { byPlace } from './by-place';
import { composed } from './compose';
import { type Address, type Edit, editOf, ORDER, turnedBack } from './edit';
import { partsOf, shapeOf } from './parts';
import { sameJson } from './same-json';
import { DOCUMENT, type Shape } from './shape';

/** What somebody did and what others did to the same; one of the two holds. */
export type Collision = { own: readonly Edit[]; theirs: readonly Edit[] };

/** What of somebody’s own is left to be made of what others made, and what collides with it. */
export type Met = { apply: Edit[]; collide: Collision[] };

/**
 * What comes of the edits that two made of one document: the law of the server, of a window and of what is kept in a browser alike. Edits at different addresses never
 * collide; at one address, or where one lies within the other, they do, unless both say the same: that is in neither list, since it is there already.
 * What came, went or was put into another order in one list belongs together: all of it is left to be made, or collides.
 *
 *     meet([gutter of the phone 16 → 12, of the desktop 24 → 32], [gutter of the phone 16 → 8])
 *     // { apply: [desktop 24 → 32], collide: [{ own: [phone 16 → 12], theirs: [phone 16 → 8] }] }
 */
export function meet(own: readonly Edit[], theirs: readonly Edit[]): Met {
  const met: Met = { apply: [], collide: [] };
  const groups = new Map(together(theirs).flatMap((group) => group.map((edit) => [edit, group])));
  const places = byPlace(theirs);
  for (const group of together(own)) {
    const touched = new Set(group.flatMap(({ at }) => places.touching(at).map((edit) => groups.get(edit)!)));
    if (touched.size === 0) met.apply.push(...group);
    else if (!group.every((edit) => places.touching(edit.at).some((their) => saysSame(edit, their))))
      met.collide.push({ own: group, theirs: [...touched].flat() });
  }
  return met;
}

/** A newer document with somebody’s own edits on top of it, but for those that collide. */
export type OnTop<T> = Met & { document: T };

/**
 * Puts somebody’s own edits on top of what others made of the same document. What collides waits, for whoever made it to choose; nothing else waits for that.
 *
 * @param gate the document as it can be kept; where what comes of them cannot be, all that is one’s own collides as one
 */
export function putOnTop<T>(
  newer: T,
  own: readonly Edit[],
  theirs: readonly Edit[],
  gate: (document: T) => Parsed<T>,
): OnTop<T> {
  const met = meet(own, theirs);
  if (met.apply.length === 0) return { ...met, document: newer };
  const made = applyEdits(newer, met.apply);
  const document = made.value === undefined ? undefined : gate(made.value).value;
  return document === undefined ? { apply: [], collide: [{ own, theirs }], document: newer } : { ...met, document };
}

/** Of two edits that touch each other: are they of one address, and say the same? */
const saysSame = (a: Edit, b: Edit): boolean => a.at.length === b.at.length && sameJson(a.after, b.after);

/** Where a breakpoint begins goes with the list: the next one begins there when one is removed. */
const isBoundary = ({ at }: Edit): boolean => at.length === 3 && at[0] === 'breakpoints' && at[2] === 'from';
const isOrderOfBreakpoints = ({ at }: Edit): boolean => at.length === 2 && at[0] === 'breakpoints';

type Group = { edits: Edit[] };

/** Edits in groups that are made together or not at all: what comes into a list or leaves it, with its order. */
function together(edits: readonly Edit[]): Edit[][] {
  const byId = new Map<string, Group>();
  const groups = new Set<Group>();
  let ofBreakpoints: Group | undefined;
  const tie = (parts: readonly Group[]): Group => {
    const [first, ...others] = parts as [Group, ...Group[]];
    for (const other of others) {
      first.edits.push(...other.edits);
      groups.delete(other);
      for (const [id, group] of byId) if (group === other) byId.set(id, first);
      if (ofBreakpoints === other) ofBreakpoints = first;
    }
    return first;
  };
  for (const edit of edits) {
    if (edit.at.at(-1) !== ORDER) continue;
    const group: Group = { edits: [edit] };
    groups.add(group);
    if (isOrderOfBreakpoints(edit)) ofBreakpoints = group;
    for (const id of comeOrGone(edit)) byId.set(id, byId.has(id) ? tie([byId.get(id)!, group]) : group);
  }
  const singles: Edit[][] = [];
  for (const edit of edits) {
    if (edit.at.at(-1) === ORDER) continue;
    const parts = new Set(edit.at.map((id) => byId.get(id)).filter((group) => group !== undefined));
    if (ofBreakpoints && isBoundary(edit)) parts.add(ofBreakpoints);
    // what belongs to two lists ties them together
    if (parts.size > 0) tie([...parts]).edits.push(edit);
    else singles.push([edit]);
  }
  return [...[...groups].map((group) => group.edits), ...singles];
}

/** What is in a list after its order was edited and was not before, or the other way round. */
function comeOrGone({ before, after }: Edit): string[] {
  const [was, is] = [before, after].map((ids) => new Set(Array.isArray(ids) ? (ids as string[]) : []));
  return [...was!].filter((id) => !is!.has(id)).concat([...is!].filter((id) => !was!.has(id)));
}

/**
 * The edits by which one’s own side of a collision holds: what others did is taken back, and one’s own made.
 *
 * @param document as it is now; it may have gone on since they met
 */
export function ownInstead(document: unknown, { own, theirs }: Collision): Edit[] {
  const back = applyEdits(document, turnedBack(theirs));
  if (back.value !== undefined && applyEdits(back.value, own).value !== undefined)
    return composed(turnedBack(theirs), own);
  // something else has come on top of theirs: then what stands there now is replaced
  return madeOf(document, own);
}

/** Edits as they are made of a document, whatever they were made of before: what stands there now is replaced. */
export function madeOf(document: unknown, edits: readonly Edit[]): Edit[] {
  return edits.map(({ at, after }) => editOf(at, valueAt(document, at), after));
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
