import type { Parsed } from '../parsed';
import type { Layout, Spec } from '../spec/schema';
import { type Chosen, inLane, inOwnLane, isInCard } from './arrange';
import { placed, withBlocks, withLayout, withSection, withSpace } from './edit-layout';
import type { PlacedBlock } from './place-blocks';
import { rowsAfter, spaceAt } from './placements';
import type { SolvedLayout } from './solve-layout';

/** Where a block is let go: its columns, and the row at which it would begin. */
export type Drop = { columns: [number, number]; row: number };

/**
 * A block let go somewhere else on its section. On a lane that has room there, it stands beside what is in it; alone in
 * its lane, the white space above it grows or shrinks; out of a lane that it shares, it gets one of its own.
 */
export function dropBlock(
  spec: Spec,
  layout: Layout,
  solved: SolvedLayout,
  id: string,
  { columns, row }: Drop,
): Parsed<Spec> {
  const block = solved.blocks.find((each) => each.id === id);
  if (!block) return { problem: 'This block is no longer in the layout.' };
  const chosen: Chosen = { layout: layout.id, blocks: [id], breakpoint: solved.breakpoint.id };
  const moved = placedAt(spec, chosen, columns);
  if (isInCard(layout, id) || row === block.rows[0]) return { value: moved };
  const beside = solved.blocks.filter(
    ({ section, card, id: other }) => section === block.section && card === null && other !== id,
  );
  const lane = laneAt(beside, row);
  if (lane !== null && lane !== block.placed.lanes[0] && hasRoom(beside, lane, columns))
    return inLane(moved, chosen, lane);
  const shares = beside.some(
    ({ placed: { lanes } }) => lanes[0] <= block.placed.lanes[1] && lanes[1] >= block.placed.lanes[0],
  );
  if (!shares) {
    const passed = lanesPassed(beside, block, row);
    if (passed !== null) return inOwnLane(moved, chosen, passed);
    const isTop = !beside.some(({ placed: { lanes } }) => lanes[0] < block.placed.lanes[0]);
    return { value: spaced(moved, chosen, block, isTop, row - block.rows[0]) };
  }
  const [own] = block.placed.lanes;
  const inLaneRows = rowsOfLane([...beside, block], own);
  if (row < inLaneRows[0]) return inOwnLane(moved, chosen, own - 1);
  return row > inLaneRows[1] ? inOwnLane(moved, chosen, own) : { value: moved };
}

function placedAt(spec: Spec, { layout, blocks, breakpoint }: Chosen, columns: [number, number]): Spec {
  return withLayout(spec, layout, (each) =>
    withBlocks(each, blocks, (block) => placed(block, breakpoint, { columns })),
  );
}

/** The lane that takes a row. */
function laneAt(blocks: readonly PlacedBlock[], row: number): number | null {
  const lanes = [...new Set(blocks.map(({ placed: { lanes } }) => lanes[0]))];
  return (
    lanes.find((lane) => {
      const [first, last] = rowsOfLane(blocks, lane);
      return first <= row && row <= last;
    }) ?? null
  );
}

function rowsOfLane(blocks: readonly PlacedBlock[], lane: number): [number, number] {
  const here = blocks.filter(({ placed: { lanes } }) => lanes[0] === lane);
  return [Math.min(...here.map(({ rows }) => rows[0])), Math.max(...here.map(({ rows }) => rows[1]))];
}

function hasRoom(blocks: readonly PlacedBlock[], lane: number, [first, last]: [number, number]): boolean {
  return blocks.every(
    ({ placed: { lanes, columns } }) => lane < lanes[0] || lane > lanes[1] || last < columns[0] || first > columns[1],
  );
}

/** Under which lane a block comes to stand that was moved past others; null where it passed none. */
function lanesPassed(
  blocks: readonly PlacedBlock[],
  {
    placed: {
      lanes: [own],
    },
    rows,
  }: PlacedBlock,
  row: number,
): number | null {
  const firsts = [...new Set(blocks.map(({ placed: { lanes } }) => lanes[0]))].sort((a, b) => a - b);
  if (row > rows[0]) return firsts.findLast((lane) => lane > own && rowsOfLane(blocks, lane)[0] < row) ?? null;
  const above = firsts.find((lane) => lane < own && rowsOfLane(blocks, lane)[0] > row);
  return above === undefined ? null : above - 1;
}

/** More or fewer rows above a block that is alone in its lane. */
function spaced(spec: Spec, { layout, breakpoint }: Chosen, block: PlacedBlock, isTop: boolean, by: number): Spec {
  return withLayout(spec, layout, (each) =>
    withSection(each, block.section, (section) => {
      const space = spaceAt(
        spec,
        section.space,
        spec.breakpoints.find(({ id }) => id === breakpoint)!,
      );
      const lane = block.placed.lanes[0] - 2;
      const before = isTop ? space.above : rowsAfter(space, lane);
      return withSpace(section, breakpoint, isTop ? 'above' : lane, Math.max(0, before + by), space.between);
    }),
  );
}
