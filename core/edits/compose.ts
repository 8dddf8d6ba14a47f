import { applyWithin } from './apply-edits';
import { byPlace, type ByPlace } from './by-place';
import { type Edit, editOf, turnedBack } from './edit';
import { sameJson } from './same-json';

/**
 * Two lists of edits as one, which does what the first and then the second would.
 *
 *     composed([gutter 24 → 32], [gutter 32 → 20])   // [gutter 24 → 20]
 *
 * @throws DoesNotApply when the second was not made for what the first leaves
 */
export function composed(first: readonly Edit[], second: readonly Edit[]): Edit[] {
  if (first.length === 0) return [...second];
  const kept = new Set(first);
  const made: Edit[] = [];
  const within = new Map<Edit, Edit[]>();
  const places = byPlace(first);
  for (const edit of second) {
    const [outer] = places.around(edit.at);
    if (outer) within.set(outer, [...(within.get(outer) ?? []), edit]);
    else made.push(overInner(edit, places, kept));
  }
  for (const [outer, edits] of within) {
    kept.delete(outer);
    made.push(editOf(outer.at, outer.before, applyWithin(outer.at, outer.after, edits)));
  }
  return [...kept, ...made].filter(({ before, after }) => !sameJson(before, after));
}

/** An edit of something of which the first list had edited parts: it then stands for those, too. */
function overInner(edit: Edit, first: ByPlace, kept: Set<Edit>): Edit {
  const inner = first.within(edit.at);
  if (inner.length === 0) return edit;
  for (const each of inner) kept.delete(each);
  return editOf(edit.at, applyWithin(edit.at, edit.before, turnedBack(inner)), edit.after);
}
