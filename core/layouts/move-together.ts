import type { Parsed } from '../parsed';
import type { Layout, Spec } from '../spec/schema';
import { type Chosen, toLanes } from './arrange';
import type { Drop } from './drop-block';
import { type Into, moveInto, type Point } from './move-block';
import type { PlacedBlock } from './place-blocks';
import type { SolvedLayout } from './solve-layout';

type Lanes = readonly [number, number];

/**
 * Blocks of one section moved as one of them is: by as many columns, as far as the first that reaches the edge; and under the lane that it is let go under, one under the
 * other as they stood. Those of other sections and those in cards stay.
 */
export function dropTogether(
  spec: Spec,
  layout: Layout,
  solved: SolvedLayout,
  ids: readonly string[],
  held: string,
  { columns, row }: Drop,
): Parsed<Spec> {
  const block = solved.blocks.find(({ id }) => id === held);
  if (!block) return { problem: 'This block is no longer in the layout.' };
  const beside = solved.blocks.filter(({ section, card }) => section === block.section && card === null);
  const group = beside.filter(({ id }) => ids.includes(id));
  if (block.card !== null || group.length === 0) return { problem: 'Blocks in a card are moved one at a time.' };
  const wanted = columns[0] - block.placed.columns[0];
  const by = group.reduce((most, { placed: { columns: own }, tracks }) => {
    const room = wanted < 0 ? 1 - Math.ceil(own[0]) : tracks.count - Math.ceil(own[1]);
    return wanted < 0 ? Math.max(most, Math.min(0, room)) : Math.min(most, Math.max(0, room));
  }, wanted);
  const across = new Map(
    group.map(({ id, placed: { columns: own } }) => [id, [own[0] + by, own[1] + by] as [number, number]]),
  );
  const chosen: Chosen = { layout: layout.id, blocks: group.map(({ id }) => id), breakpoint: solved.breakpoint.id };
  return { value: toLanes(spec, chosen, lanesUnder(group, beside, block, row), across) };
}

/** In which lanes blocks come to stand that are let go at a row: between two, where others are passed. */
function lanesUnder(
  group: readonly PlacedBlock[],
  beside: readonly PlacedBlock[],
  block: PlacedBlock,
  row: number,
): Map<string, Lanes> {
  const stays = new Map(group.map(({ id, placed: { lanes } }): [string, Lanes] => [id, lanes]));
  const others = beside.filter((each) => !group.includes(each));
  const top = Math.min(...group.map(({ placed: { lanes } }) => lanes[0]));
  const above = others.filter(({ rows }) => (row > block.rows[0] ? rows[0] < row : rows[0] <= row));
  const under = Math.max(0, ...above.map(({ placed: { lanes } }) => lanes[1]));
  const passed = others.some(({ placed: { lanes } }) => (under >= top ? lanes[0] > top && lanes[1] <= under : lanes[0] > under && lanes[0] < top)); // prettier-ignore
  if (!passed) return stays;
  const own = [...new Set(group.map(({ placed: { lanes } }) => lanes[0]))].sort((a, b) => a - b);
  return new Map(
    group.map(({ id, placed: { lanes } }) => {
      const lane = under + (own.indexOf(lanes[0]) + 1) / (own.length + 1);
      return [id, [lane, lane]];
    }),
  );
}

/** Blocks moved into another section or card, each in a lane of its own, in the order of reading. */
export function moveTogether(
  spec: Spec,
  layout: Layout,
  solved: SolvedLayout,
  ids: readonly string[],
  held: string,
  { into, point, start }: { into: Into; point: Point; start: number },
): Parsed<Spec> {
  const from = solved.blocks.find(({ id }) => id === held);
  if (!from) return { problem: 'This block is no longer in the layout.' };
  const isCard = solved.blocks.some(({ id, placed }) => ids.includes(id) && 'card' in placed.block.holds);
  if (into.card !== null && isCard) return { problem: 'Cards can’t be put into a card.' };
  // each is put right under what stands above: the last one first
  const order = solved.blocks.filter(({ id }) => ids.includes(id)).toReversed();
  return order.reduce<Parsed<Spec>>(
    (before, { id, x }) => {
      const now = before.value?.layouts.find((each) => each.id === layout.id);
      if (!before.value || !now) return before;
      return moveInto(before.value, now, solved, id, { into, point, start: start + x.sub(from.x).valueOf() });
    },
    { value: spec },
  );
}
