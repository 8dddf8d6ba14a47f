import * as z from 'zod';
import type { Parsed } from '../parsed';
import { allBlocks } from '../spec/all-blocks';
import { byWidth } from '../spec/ranges';
import { blocksSchema } from '../spec/holds-schema';
import type { Block, Breakpoint, Layout, Spec } from '../spec/schema';
import { blockOf, idsOf, sectionOf, withOwnIds, withoutParts } from './edit-layout';
import { restyled, stylesOf } from '../spec/block-kinds';
import { placementsAt, sharedColumns } from './placements';
import { putBlocks } from './put-blocks';
import { countsOfSection } from './section-grid';

/** Where a copied block stood at a breakpoint: in which of the copied lanes, and over which of how many columns. */
const stood = z.object({ lane: z.number().int().min(0), columns: z.tuple([z.number(), z.number()]), of: z.number().int().min(1) }); // prettier-ignore

/** Copied blocks as they go over the clipboard. */
const clipboard = z.object({
  'ypsiline blocks': z.literal(1),
  blocks: blocksSchema.min(1),
  /** By the breakpoint’s id, in the order of the blocks. */
  stood: z.record(z.string(), z.array(stood)),
  /** The role of each text style that they use, by its name. */
  roles: z.record(z.string(), z.string()),
});

/**
 * Blocks as a text for the clipboard, those of one section or one card, in their order; what stands in a card goes with it.
 *
 *     copiedBlocks(spec, front, ['card-1'])   // '{"ypsiline blocks":1,"blocks":[…'
 */
export function copiedBlocks(spec: Spec, layout: Layout, ids: readonly string[]): string {
  const first = ids.map((id) => blockOf(layout, id)).find((found) => found !== null);
  if (!first) return '';
  const section = sectionOf(layout, first.block.id)!;
  const around = first.card && 'card' in first.card.holds ? first.card.holds.card.blocks : section.blocks;
  const blocks = around.filter(({ id }) => ids.includes(id));
  const countAt = countsOfSection(spec, section);
  const at = (breakpoint: Breakpoint): z.infer<typeof stood>[] => {
    const placed = placementsAt(spec, around, breakpoint, countAt).filter(({ block }) => blocks.includes(block));
    const lanes = [...new Set(placed.map(({ lanes: [lane] }) => lane))].sort((a, b) => a - b);
    return placed.map(({ lanes: [lane], columns: [from, to] }) => ({ lane: lanes.indexOf(lane), columns: [from, to], of: countAt(breakpoint) })); // prettier-ignore
  };
  const used = new Set(stylesUsed(blocks));
  const roles = Object.fromEntries(
    spec.type.filter(({ name }) => used.has(name)).map(({ name, role }) => [name, role]),
  );
  // columns of a card are no share of a page’s: what comes out of one takes all of them
  const standing = first.card ? {} : Object.fromEntries(spec.breakpoints.map((each) => [each.id, at(each)]));
  return JSON.stringify({ 'ypsiline blocks': 1, blocks, stood: standing, roles } satisfies z.input<typeof clipboard>);
}

/** What came of putting copied blocks on a page: their ids, and what they are otherwise there. */
export type Pasted = { spec: Spec; ids: string[]; otherwise: string | null };

/**
 * Copied blocks on a page, right after one of its blocks: side by side as they stood, from lanes of their own on. Breakpoints that the specification does not have are
 * left out; a text style that it does not have is the first of the same role.
 */
export function pastedBlocks(spec: Spec, layoutId: string, text: string, after: string | null): Parsed<Pasted> {
  const read = readClipboard(text);
  const layout = spec.layouts.find(({ id }) => id === layoutId);
  if (!read) return { problem: 'The clipboard holds no blocks. Copy some on a layout first.' };
  if (!layout) return { problem: 'This layout no longer exists.' };
  const there = new Set(spec.breakpoints.map(({ id }) => id));
  const styles = new Map<string, string>();
  for (const [name, role] of Object.entries(read.roles)) {
    const own = spec.type.find((style) => style.name === name) ?? spec.type.find((style) => style.role === role) ?? spec.type[0]; // prettier-ignore
    if (!own) return { problem: 'These blocks hold text, and this specification has no text styles. Add one in Type rhythm.' }; // prettier-ignore
    styles.set(name, own.name);
  }
  const taken = layout.sections.flatMap(({ blocks }) => idsOf(blocks));
  const anew = withOwnIds(read.blocks, taken, (block) => ({
    ...block,
    at: Object.fromEntries(Object.entries(block.at).filter(([breakpoint]) => there.has(breakpoint))),
    holds: restyled(block.holds, (style) => styles.get(style) ?? style),
  }));
  // lanes are those of where they stood
  const made = anew.map((block) => ({ ...block, at: withoutParts(block.at, ['columns', 'lanes']) }));
  const narrowest = byWidth(spec.breakpoints)[0]!;
  const put = putBlocks(spec, layoutId, made, after === null ? null : { after }, ({ id }, count) =>
    made.map((_, index) => {
      const before = read.stood[id]?.[index] ?? read.stood[narrowest.id]?.[index];
      const columns = before && sharedColumns(before.columns, before.of, count);
      return before && columns ? { lane: before.lane, columns } : { lane: index, columns: [1, count] };
    }),
  );
  if (put.problem !== undefined) return { problem: put.problem };
  const others = [...styles].filter(([name, own]) => name !== own);
  return {
    value: {
      spec: put.value,
      ids: made.map(({ id }) => id),
      otherwise: others.length === 0 ? null : others.map(([name, own]) => `There is no text style “${name}” here; “${own}” stands in its place.`).join(' '), // prettier-ignore
    },
  };
}

function readClipboard(text: string): (Omit<z.infer<typeof clipboard>, 'blocks'> & { blocks: Block[] }) | null {
  try {
    const { data } = clipboard.safeParse(JSON.parse(text));
    return data ? { ...data, blocks: data.blocks as Block[] } : null;
  } catch {
    return null;
  }
}

/** The text styles that blocks use, those in cards too. */
function stylesUsed(blocks: readonly Block[]): string[] {
  return allBlocks(blocks).flatMap(({ holds }) => stylesOf(holds));
}
