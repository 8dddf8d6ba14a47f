import { LIMITS } from '../limits';
import { idOf } from '../spec/slug';
import { allBlocks } from '../spec/all-blocks';
import type { Block, Layout, Placement, Section, Spec } from '../spec/schema';

/** Changes of trial layouts, as new documents. What is not there is left as it is. */

/** A spec with one layout changed. */
export function withLayout(spec: Spec, id: string, change: (layout: Layout) => Layout): Spec {
  return { ...spec, layouts: spec.layouts.map((layout) => (layout.id === id ? change(layout) : layout)) };
}

/** A layout with one section changed. */
export function withSection(layout: Layout, id: string, change: (section: Section) => Section): Layout {
  return { ...layout, sections: layout.sections.map((section) => (section.id === id ? change(section) : section)) };
}

/** A layout with some of its blocks changed, or, for null, without them; blocks in cards too. */
export function withBlocks(layout: Layout, ids: readonly string[], change: (block: Block) => Block | null): Layout {
  const wanted = new Set(ids);
  // what stays as it is stays the same object: whatever was worked out of it is known
  const changed = (blocks: readonly Block[]): readonly Block[] => {
    const next = blocks.flatMap((block) => {
      const own = wanted.has(block.id) ? change(block) : block;
      if (own === null) return [];
      if (!('card' in own.holds)) return [own];
      const { card } = own.holds;
      const inside = changed(card.blocks);
      return inside === card.blocks ? [own] : [{ ...own, holds: { card: { ...card, blocks: [...inside] } } }];
    });
    return next.length === blocks.length && next.every((block, index) => block === blocks[index]) ? blocks : next;
  };
  return {
    ...layout,
    sections: layout.sections.map((section) => {
      const blocks = changed(section.blocks);
      return blocks === section.blocks ? section : { ...section, blocks: [...blocks] };
    }),
  };
}

/** A part of a placement that is undefined follows from the next narrower breakpoint again. */
export type PlacementChange = { [Part in keyof Placement]?: Placement[Part] | undefined };

/** A block placed otherwise at a breakpoint; a placement that says nothing is gone. */
export function placed(block: Block, breakpoint: string, change: PlacementChange): Block {
  const { [breakpoint]: before = {}, ...others } = block.at;
  const parts = Object.entries({ ...before, ...change }).filter(([, part]) => part !== undefined);
  const next = Object.fromEntries(parts) as Placement;
  return { ...block, at: parts.length === 0 ? others : { ...others, [breakpoint]: next } };
}

/** Placements without some of their parts; what then says nothing is gone. */
export function withoutParts(at: Block['at'], parts: readonly (keyof Placement)[]): Block['at'] {
  const gone = new Set<string>(parts);
  const left = Object.entries(at).map(
    ([id, placement]) => [id, Object.entries(placement).filter(([part]) => !gone.has(part))] as const,
  );
  return Object.fromEntries(left.filter(([, own]) => own.length > 0).map(([id, own]) => [id, Object.fromEntries(own)]));
}

/** Where white space is: above the first lane, after a lane (counted from 0), or below the last. */
export type Gap = 'above' | 'below' | number;

/** A count of rows at a breakpoint; `between` is the whole list that stands there now. */
export function withSpace<S extends Pick<Section, 'space'>>(
  of: S,
  breakpoint: string,
  gap: Gap,
  rows: number,
  between: readonly number[],
): S {
  const before = of.space[breakpoint] ?? {};
  const change = typeof gap === 'string' ? { [gap]: rows } : { between: withCount(between, gap, rows) };
  return { ...of, space: { ...of.space, [breakpoint]: { ...before, ...change } } };
}

/** A list in which one count is another; what went on with it after goes on with what it was. */
function withCount(between: readonly number[], at: number, rows: number): number[] {
  const length = Math.min(LIMITS.lanes, Math.max(between.length, at + 2));
  return Array.from({ length }, (_, lane) => (lane === at ? rows : (between[lane] ?? between.at(-1) ?? 0)));
}

/** The ids that a layout has given out to blocks. */
export function idsOf(blocks: readonly Block[]): string[] {
  return allBlocks(blocks).map(({ id }) => id);
}

/**
 * Blocks as new ones of a layout: with ids that no other has, those in cards too, and changed each.
 *
 * @param taken the ids that are given out; it grows by the new ones
 */
export function withOwnIds(
  blocks: readonly Block[],
  taken: string[],
  change: (block: Block) => Block = (block) => block,
): Block[] {
  return blocks.map((block) => {
    const id = idOf('block', block.name, taken);
    taken.push(id);
    const own = { ...change(block), id };
    if (!('card' in own.holds)) return own;
    const { card } = own.holds;
    return { ...own, holds: { card: { ...card, blocks: withOwnIds(card.blocks, taken, change) } } };
  });
}

/** Why a layout takes no more of some blocks, those in cards counted; null where it does. */
export function blocksProblem({ sections }: Layout, more: readonly Block[]): string | null {
  const count = idsOf(sections.flatMap(({ blocks }) => blocks)).length + idsOf(more).length;
  return count > LIMITS.blocks ? `A layout can have up to ${LIMITS.blocks} blocks. Remove some first.` : null;
}

/** A section at the foot of a layout, with its id. */
export function addSection(layout: Layout, name: string): { layout: Layout; id: string } {
  const id = idOf(
    'section',
    name,
    layout.sections.map((section) => section.id),
  );
  const section: Section = { id, name, tall: 'content', space: {}, blocks: [] };
  return { id, layout: { ...layout, sections: [...layout.sections, section] } };
}

/** The section in which a block stands, itself or in a card. */
export function sectionOf(layout: Layout, block: string): Section | undefined {
  return layout.sections.find(({ blocks }) => idsOf(blocks).includes(block));
}

/** A block by its id, with the card that it stands in. */
export function blockOf(layout: Layout, id: string): { block: Block; card: Block | null } | null {
  const found = (blocks: readonly Block[], card: Block | null): { block: Block; card: Block | null } | null => {
    for (const block of blocks) {
      if (block.id === id) return { block, card };
      const inner = 'card' in block.holds ? found(block.holds.card.blocks, block) : null;
      if (inner) return inner;
    }
    return null;
  };
  return found(
    layout.sections.flatMap(({ blocks }) => blocks),
    null,
  );
}

const addresses = new WeakMap<Layout, Map<string, string[]>>();

/** Where a block stands in the document: under its section, and the cards around it. */
export function blockAddress(layout: Layout, id: string): string[] {
  const known = addresses.get(layout) ?? addressesOf(layout);
  addresses.set(layout, known);
  return known.get(id) ?? ['layouts', layout.id];
}

function addressesOf(layout: Layout): Map<string, string[]> {
  const found = new Map<string, string[]>();
  const under = (blocks: readonly Block[], at: string[]): void => {
    for (const { id, holds } of blocks) {
      const own = [...at, 'blocks', id];
      found.set(id, own);
      if ('card' in holds) under(holds.card.blocks, [...own, 'holds', 'card']);
    }
  };
  for (const { id, blocks } of layout.sections) under(blocks, ['layouts', layout.id, 'sections', id]);
  return found;
}
