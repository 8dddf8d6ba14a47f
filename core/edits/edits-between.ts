import { sameJson } from './same-json';
import { type Address, type Edit, editOf, ORDER } from './edit';
import { isSameKind, partsOf, shapeAt, shapeOf } from './parts';
import type { Shape } from './shape';

/**
 * The edits that turn one document into another, in the order of the second; none where they say the same.
 *
 *     editsBetween(spec, wider)   // [{ at: ['breakpoints', 'desktop', 'columns', 'gutter'], before: '24px', after: '32px' }]
 */
export function editsBetween(before: unknown, after: unknown): Edit[] {
  return editsWithin([], before, after);
}

/** The edits that turn what stands at an address into something else. */
export function editsWithin(at: Address, before: unknown, after: unknown): Edit[] {
  const edits: Edit[] = [];
  collect(shapeAt(at), at, before, after, edits);
  return edits;
}

function collect(shape: Shape | undefined, at: Address, before: unknown, after: unknown, edits: Edit[]): void {
  // parts that nobody touched are the very same
  if (before === after) return;
  const [was, is] = [partsOf(shape, before), partsOf(shape, after)];
  if (!was || !is || !isSameKind(shape, before, after)) {
    if (!sameJson(before, after)) edits.push(editOf(at, before, after));
    return;
  }
  for (const [key, part] of is) {
    if (was.has(key)) collect(shapeOf(shape!, key), [...at, key], was.get(key), part, edits);
    else edits.push(editOf([...at, key], undefined, part));
  }
  for (const [key, part] of was) if (!is.has(key)) edits.push(editOf([...at, key], part, undefined));
  if (shape!.is !== 'list') return;
  collect(undefined, [...at, ORDER], [...was.keys()], [...is.keys()], edits);
}
