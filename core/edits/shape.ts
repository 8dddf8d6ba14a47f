import { BLOCK_KINDS } from '../spec/block-kinds';

/**
 * How a document is taken apart: what of it has an address of its own. Whatever is not named here is changed as a whole
 * (a length, a font, a size of a screen).
 */
export type Shape = Fields | List;

/** An object: the shapes of its fields by name, or of every field. */
export type Fields = {
  is: 'fields';
  of?: Record<string, Shape>;
  each?: Shape;
  /** What kind of object it is; another kind is another object, and is changed as a whole. */
  kind?: (value: Record<string, unknown>) => unknown;
};

/** A list in which each thing has an id. */
export type List = { is: 'list'; id: (value: Record<string, unknown>) => unknown; each: Fields };

const fields = (of: Record<string, Shape> = {}): Fields => ({ is: 'fields', of });
const record = (each?: Shape): Fields => ({ is: 'fields', ...(each && { each }) });
const list = (id: string, each: Fields): List => ({ is: 'list', id: (value) => value[id], each });

/** What a block holds is told by its kind: another kind is another thing. */
const holds: Fields = { is: 'fields', of: {}, kind: (value) => BLOCK_KINDS.find((kind) => Object.hasOwn(value, kind)) };
const block = fields({ holds, at: record(fields()) });
// cards hold blocks, which may hold cards
holds.of!.card = fields({ space: record(fields()), blocks: list('id', block) });
const section = fields({ space: record(fields()), blocks: list('id', block) });

/** Columns, rows and baseline, of a breakpoint or of what a grid gives there. */
const parts: Record<string, Shape> = {
  columns: fields(),
  rows: { is: 'fields', kind: ({ rule }) => rule },
  baseline: fields(),
};

/** The shape of a spec document. */
export const DOCUMENT: Fields = fields({
  spacing: fields({ steps: list('name', fields()) }),
  breakpoints: list('id', fields({ ...parts, frame: record(), guides: list('name', fields()) })),
  grids: list('id', fields({ at: record(fields(parts)) })),
  type: list('name', fields({ at: record(fields()) })),
  layouts: list('id', fields({ sections: list('id', section), between: record() })),
  waivers: { is: 'list', id: waiverId, each: fields() },
  mesh: record(),
  overlays: record(),
  rules: record(fields({ thresholds: record() })),
});

/** A waiver is what it accepts: rule, breakpoint and numbers, of which a short text is made; without numbers it is none. */
function waiverId({ rule, breakpoint, grid: of, values }: Record<string, unknown>): string | undefined {
  if (typeof values !== 'object' || values === null) return undefined;
  const numbers = Object.entries(values).sort(([a], [b]) => (a < b ? -1 : 1));
  const inGrid = of === undefined ? '' : ` ${String(of)}`;
  return `${String(rule)} ${String(breakpoint ?? '')}${inGrid} ${mark(JSON.stringify(numbers))}`;
}

/** A mark of 53 bits of a text, by which few texts are mistaken for each other (two 32-bit multiplicative hashes, mixed). */
function mark(text: string): string {
  let [a, b] = [0xdeadbeef, 0x41c6ce57];
  for (let index = 0; index < text.length; index++) {
    const code = text.charCodeAt(index);
    a = Math.imul(a ^ code, 2654435761);
    b = Math.imul(b ^ code, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36);
}
