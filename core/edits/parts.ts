import type { Address } from './edit';
import { DOCUMENT, type Fields, type List, type Shape } from './shape';

/** The parts of a value by the next step of their address, in their order; null for what is changed as a whole. */
export type Parts = Map<string, unknown>;

type Plain = Record<string, unknown>;

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The shape of a part. */
export function shapeOf(shape: Shape, key: string): Shape | undefined {
  if (shape.is === 'list') return shape.each;
  return Object.hasOwn(shape.of ?? {}, key) ? shape.of![key] : shape.each;
}

/** The shape of what stands at an address of a document. */
export function shapeAt(at: Address): Shape | undefined {
  return at.reduce<Shape | undefined>((outer, key) => outer && shapeOf(outer, key), DOCUMENT);
}

/**
 * A value taken apart: an object by its keys, a list by the ids in it. A second thing of one id is `id~2`. A list with
 * something in it that has no id is changed as a whole.
 */
export function partsOf(shape: Shape | undefined, value: unknown): Parts | null {
  if (shape?.is === 'fields') return isPlain(value) ? fieldParts(value) : null;
  return shape?.is === 'list' && Array.isArray(value) ? listParts(shape, value) : null;
}

function fieldParts(value: Plain): Parts {
  return new Map(Object.entries(value).filter(([, part]) => part !== undefined));
}

function listParts({ id }: List, value: unknown[]): Parts | null {
  const parts: Parts = new Map();
  for (const part of value) {
    const own = isPlain(part) ? id(part) : undefined;
    if (typeof own !== 'string') return null;
    // an id may look like anything, save like the place of the order
    const wanted = own.startsWith('#') ? `#${own}` : own;
    let key = wanted;
    for (let number = 2; parts.has(key); number++) key = `${wanted}~${number}`;
    parts.set(key, part);
  }
  return parts;
}

/** Are two values parts of one kind, so that one becomes the other part by part? */
export function isSameKind(shape: Shape | undefined, a: unknown, b: unknown): boolean {
  const kind = (shape as Fields | undefined)?.kind;
  return kind === undefined || kind(a as Plain) === kind(b as Plain);
}

/** A value put together again; null where a list holds something under another id than its own. */
export function joined(shape: Shape, parts: Parts): unknown {
  if (shape.is === 'fields') return Object.fromEntries(parts);
  const value = [...parts.values()];
  const ids = listParts(shape, value)?.keys();
  return ids && [...ids].join('\n') === [...parts.keys()].join('\n') ? value : null;
}

/** The parts of a list in another order. */
export function inOrder(parts: Parts, order: readonly string[]): Parts {
  return new Map(order.map((key) => [key, parts.get(key)]));
}
