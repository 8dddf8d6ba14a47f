import type { Parsed } from '../parsed';
import { byWidth } from '../spec/ranges';
import type { Block, Breakpoint, Holds, Section, Spec } from '../spec/schema';
import { toLanes } from './arrange';
import { addSection, blockOf, blocksProblem, sectionOf, withBlocks, withLayout, withSection } from './edit-layout';
import { placementsAt } from './placements';
import { countsOfSection } from './section-grid';

/** Where blocks that are put on a page would stand among themselves at a breakpoint of so many columns: in which of their lanes, from 0 on, and over which columns. */
export type Wanted = (breakpoint: Breakpoint, count: number) => { lane: number; columns: [number, number] }[];

/** Where something is put: after a block, before all that a section or a card holds, or, for null, at the end of the last section. */
export type PutAt = { after: string } | { first: string } | null;

/**
 * Blocks put on a page, in lanes of their own: right after another block, in its section or its card, or at the beginning of one. What is there stays on its columns, in the
 * same order. Ids are to be free.
 */
export function putBlocks(
  spec: Spec,
  layoutId: string,
  made: readonly Block[],
  at: PutAt,
  wanted: Wanted,
): Parsed<Spec> {
  const layout = spec.layouts.find(({ id }) => id === layoutId);
  if (!layout) return { problem: 'This layout no longer exists.' };
  const page = layout.sections.length > 0 ? layout : addSection(layout, 'Section').layout;
  const tooMany = blocksProblem(page, made);
  if (tooMany !== null) return { problem: tooMany };
  const after = at !== null && 'after' in at ? at.after : null;
  const near = after === null ? null : blockOf(page, after);
  const first = at !== null && 'first' in at ? at.first : null;
  const card = near?.card ?? (first === null ? null : (blockOf(page, first)?.block ?? null));
  // cards hold no cards
  if (card && !made.some(({ holds }) => 'card' in holds)) {
    const order = byWidth(spec.breakpoints);
    const inside = withBlocks(page, [card.id], (own) => ({
      ...own,
      holds: made.reduceRight((holds, block) => holding(holds, near?.block.id ?? null, block, order), own.holds),
    }));
    return { value: withLayout(spec, layoutId, () => inside) };
  }
  const beside = card ?? near?.block ?? null;
  const section =
    (beside && sectionOf(page, beside.id)) ?? page.sections.find(({ id }) => id === first) ?? page.sections.at(-1)!;
  const place = beside
    ? section.blocks.findIndex(({ id }) => id === beside.id) + 1
    : first === null
      ? section.blocks.length
      : 0;
  const put = withSection(page, section.id, (each) => ({ ...each, blocks: each.blocks.toSpliced(place, 0, ...made) }));
  const there = withLayout(spec, layoutId, () => put);
  const on = {
    layout: layoutId,
    section,
    ids: made.map(({ id }) => id),
    after: beside?.id ?? null,
    isFirst: place === 0,
  };
  return { value: placedIn(there, on, wanted) };
}

/** What a card holds with one more after one of its blocks, or before all of them, in a lane of its own: lanes that come later make room. */
function holding(holds: Holds, after: string | null, made: Block, order: readonly Breakpoint[]): Holds {
  if (!('card' in holds)) return holds;
  const { blocks } = holds.card;
  const place = blocks.findIndex(({ id }) => id === after);
  let under = blocks[place]?.at[order[0]!.id]?.lanes?.[1] ?? place + 1;
  const own: Block['at'] = { ...made.at };
  let others = blocks;
  for (const { id } of order) {
    if (!blocks.some(({ at }) => at[id]?.lanes)) continue;
    under = blocks[place]?.at[id]?.lanes?.[1] ?? under;
    own[id] = { ...own[id], lanes: [under + 1, under + 1] };
    others = others.map((block) => {
      const lanes = block.at[id]?.lanes;
      if (!lanes) return block;
      const next = lanes.map((lane) => lane + (lane > under ? 1 : 0)) as [number, number];
      return { ...block, at: { ...block.at, [id]: { ...block.at[id], lanes: next } } };
    });
  }
  return { card: { ...holds.card, blocks: others.toSpliced(place + 1, 0, { ...made, at: own }) } };
}

type On = {
  layout: string;
  /** The section as it was before. */
  section: Section;
  ids: readonly string[];
  after: string | null;
  isFirst: boolean;
};

/** New blocks of a section placed at every breakpoint, in lanes of their own under that of another, or under all. Only what would not follow by itself is given. */
function placedIn(spec: Spec, { layout, section: before, ids, after, isFirst }: On, wanted: Wanted): Spec {
  return byWidth(spec.breakpoints).reduce((now, breakpoint) => {
    const countAt = countsOfSection(now, before);
    const places = wanted(breakpoint, countAt(breakpoint));
    const was = placementsAt(spec, before.blocks, breakpoint, countAt);
    const last = Math.max(0, ...was.map(({ lanes }) => lanes[1]));
    const under = isFirst ? 0 : (was.find(({ block }) => block.id === after)?.lanes[1] ?? last);
    const more = Math.max(...places.map(({ lane }) => lane)) + 1;
    const section = now.layouts.find(({ id }) => id === layout)!.sections.find(({ id }) => id === before.id)!;
    const isMeant = placementsAt(now, section.blocks, breakpoint, countAt).every(({ block, lanes, columns }) => {
      const own = places[ids.indexOf(block.id)];
      if (own) {
        const lane = under + 1 + own.lane;
        return lanes.every((each) => each === lane) && columns.every((each, side) => each === own.columns[side]);
      }
      const model = was.find((each) => each.block.id === block.id)!;
      return lanes.every((lane, side) => lane === model.lanes[side]! + (model.lanes[side]! > under ? more : 0));
    });
    if (isMeant) return now;
    // between the lane above and the next there is room for all
    const lanes = new Map<string, readonly [number, number]>(was.map(({ block, lanes: own }) => [block.id, own]));
    for (const [index, id] of ids.entries()) {
      const lane = under + (places[index]!.lane + 1) / (more + 1);
      lanes.set(id, [lane, lane]);
    }
    const columns = new Map(ids.map((id, index) => [id, places[index]!.columns]));
    return toLanes(now, { layout, blocks: ids, breakpoint: breakpoint.id }, lanes, columns);
  }, spec);
}
