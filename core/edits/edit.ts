/**
 * Where something stands in a document: keys of objects, and of lists the ids of what they hold, never positions.
 *
 *     ['breakpoints', 'desktop', 'columns', 'gutter']
 *
 * The order of a list stands at `ORDER` under the list, as the ids in their order.
 */
export type Address = readonly string[];

/** Under the address of a list: the ids of what it holds, in their order. No id begins like this. */
export const ORDER = '#order';

/**
 * One change of a document, as a value. What is added has no `before`, what is removed no `after`; both are JSON.
 *
 *     { at: ['breakpoints', 'desktop', 'columns', 'gutter'], before: '24px', after: '32px' }
 *
 * A list of edits is one change: all of them are made of the same document, or none. No address in it lies within another.
 */
export type Edit = { at: Address; before?: unknown; after?: unknown };

/** A change of a document: what it was, in words, and its edits. */
export type Change = { label: string; edits: readonly Edit[] };

/** An address as one text, for maps and for people who read files: a JSON Pointer (RFC 6901). */
export function addressText(at: Address): string {
  return at.map((part) => `/${part.replaceAll('~', '~0').replaceAll('/', '~1')}`).join('');
}

/** Is the first address the second, or within it? */
export function isWithin(inner: Address, outer: Address): boolean {
  return inner.length >= outer.length && outer.every((part, index) => inner[index] === part);
}

/** An edit of what was, and of what is to be; undefined for what is not there. */
export function editOf(at: Address, before: unknown, after: unknown): Edit {
  return { at, ...(before === undefined ? {} : { before }), ...(after === undefined ? {} : { after }) };
}

/** The edits that undo a list of them. */
export function turnedBack(edits: readonly Edit[]): Edit[] {
  return edits.map(({ at, before, after }) => editOf(at, after, before));
}
