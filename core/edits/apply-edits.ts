import { sameJson } from './same-json';
import { shown } from '../length/length';
import type { Parsed } from '../parsed';
import { type Address, addressText, type Edit, ORDER } from './edit';
import { inOrder, joined, type Parts, partsOf, shapeAt, shapeOf } from './parts';
import { DOCUMENT, type Shape } from './shape';

/**
 * A document after a list of edits, all of them or none. What nobody edits stays the very same. The document is not held
 * against its schema here; see `readSpec`.
 *
 *     applyEdits(spec, [{ at: ['breakpoints', 'desktop', 'columns', 'gutter'], before: '24px', after: '32px' }])
 *     // problem where the gutter is not 24px: "/breakpoints/desktop/columns/gutter is "20px" now, not "24px" as …"
 */
export function applyEdits<T>(document: T, edits: readonly Edit[]): Parsed<T> {
  try {
    return { value: applied(DOCUMENT, [], document, edits) as T };
  } catch (error) {
    if (error instanceof DoesNotApply) return { problem: error.message };
    throw error;
  }
}

/** Edits of what stands at an address, whose value is given; used to carry one edit through others. */
export function applyWithin(at: Address, value: unknown, edits: readonly Edit[]): unknown {
  return applied(shapeAt(at), at, value, edits);
}

export class DoesNotApply extends Error {}

function applied(shape: Shape | undefined, at: Address, value: unknown, edits: readonly Edit[]): unknown {
  const own = edits.find((edit) => edit.at.length === at.length);
  if (own) {
    if (edits.length > 1) throw new DoesNotApply(`Two edits change ${place(at)}, or one what lies within the other.`);
    if (!sameJson(value, own.before)) throw new DoesNotApply(otherValue(own, value));
    return own.after;
  }
  const parts = partsOf(shape, value);
  if (!parts || !shape)
    throw new DoesNotApply(`${place(edits[0]!.at)} is no place in this document: ${place(at)} is ${said(value)}.`);
  return withParts(shape, at, parts, byNextStep(edits, at.length));
}

function byNextStep(edits: readonly Edit[], depth: number): Map<string, Edit[]> {
  const steps = new Map<string, Edit[]>();
  for (const edit of edits) {
    const step = edit.at[depth]!;
    const others = steps.get(step);
    if (others) others.push(edit);
    else steps.set(step, [edit]);
  }
  return steps;
}

function withParts(shape: Shape, at: Address, parts: Parts, steps: Map<string, Edit[]>): unknown {
  const before = [...parts.keys()];
  const next: Parts = new Map(parts);
  for (const [key, edits] of steps) {
    if (shape.is === 'list' && key === ORDER) continue;
    const value = applied(shapeOf(shape, key), [...at, key], parts.get(key), edits);
    if (value === undefined) next.delete(key);
    else next.set(key, value);
  }
  const ordered = shape.is === 'list' ? reordered(at, before, next, steps.get(ORDER)) : next;
  const value = joined(shape, ordered);
  if (value === null) throw new DoesNotApply(`What is put into ${place(at)} has another id than its address says.`);
  return value;
}

/** The order of a list: as an edit says, which names everything that is in it; without one, nothing came or went. */
function reordered(at: Address, before: string[], next: Parts, edits: readonly Edit[] | undefined): Parts {
  const order = edits ? (applied(undefined, [...at, ORDER], before, edits) as string[]) : before;
  const isWhole = Array.isArray(order) && order.length === next.size && order.every((key) => next.has(key));
  if (!isWhole || new Set(order).size !== order.length)
    throw new DoesNotApply(`The order of ${place(at)} does not name everything that is in it.`);
  return edits ? inOrder(next, order) : next;
}

function otherValue({ at, before }: Edit, value: unknown): string {
  return `${place(at)} is ${said(value)} now, not ${said(before)} as this edit was made for.`;
}

function place(at: Address): string {
  return at.length === 0 ? 'the document' : shown(addressText(at));
}

function said(value: unknown): string {
  return value === undefined ? 'not there' : shown(JSON.stringify(value));
}
