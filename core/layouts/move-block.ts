import type { Parsed } from '../parsed';
import type { Layout, Spec } from '../spec/schema';
import { withoutBlocks } from './arrange';
import { blockOf, sectionOf, withoutParts } from './edit-layout';
import type { PlacedBlock } from './place-blocks';
import { sharedColumns } from './placements';
import { putBlocks, type PutAt } from './put-blocks';
import { countsOfSection } from './section-grid';
import type { SolvedLayout } from './solve-layout';

/** What a block is let go in: a section, or a card in one. */
export type Into = { section: string; card: string | null };

/** A place on a page, in px from its start and its top. */
export type Point = { x: number; y: number };

/**
 * What lies under a place on a page, for a block that is dragged over it: the card, unless it is one itself, else the section; below the last one, that.
 *
 *     intoAt(solved, 'text', { x: 200, y: 640 })   // { section: 'crossings', card: 'skerry' }
 */
export function intoAt({ sections, blocks }: SolvedLayout, id: string, { x, y }: Point): Into | null {
  const own = blocks.find((block) => block.id === id);
  if (!own) return null;
  const isCard = 'card' in own.placed.block.holds;
  const card = blocks.findLast(
    (block) => !isCard && block.card === null && 'card' in block.placed.block.holds && covers(block, { x, y }),
  );
  if (card) return { section: card.section, card: card.id };
  const section = sections.findLast(({ top }) => top.valueOf() <= y) ?? sections[0];
  return section ? { section: section.id, card: null } : null;
}

/** Does a block lie over a place of its page? */
export function covers({ x, y, width, height }: PlacedBlock, { x: left, y: top }: Point): boolean {
  const [across, down] = [left - x.valueOf(), top - y.valueOf()];
  return across >= 0 && down >= 0 && across <= width.valueOf() && down <= height.valueOf();
}

/** Does a block stand in this already? */
export function isIn(block: Pick<PlacedBlock, 'section' | 'card'>, { section, card }: Into): boolean {
  return block.section === section && block.card === card;
}

/**
 * A block moved into another section or card, or out of one: in a lane of its own, under what begins above the place where it is let go, on the columns nearest to where it
 * is held; at other breakpoints on the share of the columns that it had. What it leaves closes up.
 *
 * @param point where the pointer is; `start`: where the block then begins, in px from the start of the page
 */
export function moveInto(
  spec: Spec,
  layout: Layout,
  solved: SolvedLayout,
  id: string,
  { into, point, start }: { into: Into; point: Point; start: number },
): Parsed<Spec> {
  const found = blockOf(layout, id);
  const from = solved.blocks.find((block) => block.id === id);
  if (!found || !from) return { problem: 'This block is no longer in the layout.' };
  const inside = solved.blocks.filter((block) => isIn(block, into) && block.id !== id);
  // of those that begin above it, the last one down the page
  const above = inside
    .filter(({ y }) => y.valueOf() <= point.y)
    .sort((a, b) => a.placed.lanes[1] - b.placed.lanes[1])
    .at(-1);
  const at: PutAt = above ? { after: above.id } : { first: into.card ?? into.section };
  const [first, last] = from.placed.columns;
  const span = Math.ceil(last - first + 1);
  const tracks = inside[0]?.tracks ?? solved.blocks.find(({ card }) => card === null && into.card === null)?.tracks;
  const section = sectionOf(layout, id)!;
  const countBefore = countsOfSection(spec, section);
  // its height and where it stands in its lane go with it
  const gone = ['columns', 'lanes', 'leaves', 'over', ...(into.card === null ? [] : (['bleeds'] as const))] as const;
  const bare = { ...found.block, at: withoutParts(found.block.at, gone) };
  const without = withoutBlocks(spec, layout.id, [id]);
  return putBlocks(without, layout.id, [bare], at, (breakpoint, count) => {
    if (breakpoint.id === solved.breakpoint.id && tracks) {
      const wide = Math.min(span, count);
      const starts = Array.from({ length: count - wide + 1 }, (_, index) => index + 1);
      const distance = (column: number): number => Math.abs(tracks.start(column).valueOf() - start);
      const nearest = starts.reduce((best, each) => (distance(each) < distance(best) ? each : best), 1);
      return [{ lane: 0, columns: [nearest, nearest + wide - 1] }];
    }
    const given = found.card ? undefined : found.block.at[breakpoint.id]?.columns;
    const columns = given && sharedColumns(given, countBefore(breakpoint), count);
    return [{ lane: 0, columns: columns ?? [1, count] }];
  });
}
