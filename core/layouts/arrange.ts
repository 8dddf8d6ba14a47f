import { counted, inSeries } from '../length/present';
import type { Parsed } from '../parsed';
import { byWidth } from '../spec/ranges';
import type { Block, Breakpoint, Layout, Section, Spec } from '../spec/schema';
import { blockOf, placed, sectionOf, withBlocks, withLayout, withSection } from './edit-layout';
import { closingLanes } from './close-lanes';
import { countsOfSection } from './section-grid';
import { lanesBetween, type Placed, placementsAt, rowsAfter, sharedColumns, spaceAt } from './placements';

/** Which blocks of which layout, at which breakpoint. */
export type Chosen = { layout: string; blocks: readonly string[]; breakpoint: string };

type Lanes = readonly [number, number];
type Found = { layout: Layout; section: Section; breakpoint: Breakpoint; now: readonly Placed[]; count: number };

/** The blocks of the section in which the first of the chosen stands, as they are placed now. */
function found(spec: Spec, { layout: id, blocks: [first], breakpoint: at }: Chosen): Found | null {
  const layout = spec.layouts.find((each) => each.id === id);
  const breakpoint = spec.breakpoints.find((each) => each.id === at);
  const section = layout && first !== undefined ? sectionOf(layout, first) : undefined;
  if (!layout || !breakpoint || !section) return null;
  const countAt = countsOfSection(spec, section);
  return {
    layout,
    section,
    breakpoint,
    now: placementsAt(spec, section.blocks, breakpoint, countAt),
    count: countAt(breakpoint),
  };
}

const GONE: Parsed<Spec> = { problem: 'This block is no longer in the layout.' };

/**
 * Blocks side by side in equal parts of the columns, in the lane of the topmost.
 *
 *     sideBySide(spec, { layout: 'front', blocks: ['a', 'b', 'c'], breakpoint: 'tablet' })   // of 8: "8 columns don’t divide into 3 equal parts. Use 2, 4 or 8."
 */
export function sideBySide(spec: Spec, chosen: Chosen): Parsed<Spec> {
  const at = found(spec, chosen);
  if (!at) return GONE;
  const { now, count } = at;
  const picked = now.filter(({ block }) => chosen.blocks.includes(block.id));
  if (picked.length !== chosen.blocks.length)
    return {
      problem: 'Only blocks of the same section can be placed side by side. Select blocks of one section.',
    };
  if (picked.length < 2) return { problem: 'Select two or more blocks to place them side by side.' };
  if (count % picked.length !== 0) return { problem: unequal(count, picked.length) };
  const part = count / picked.length;
  const lane = Math.min(...picked.map(({ lanes }) => lanes[0]));
  const columns = new Map(
    picked.map(({ block }, index) => [block.id, [index * part + 1, (index + 1) * part] as [number, number]]),
  );
  return { value: relaned(spec, at, chosen, new Map(picked.map(({ block }) => [block.id, [lane, lane]])), columns) };
}

function unequal(count: number, parts: number): string {
  const which = Array.from({ length: count - 1 }, (_, index) => index + 2).filter((each) => count % each === 0);
  return `${counted(count, 'column')} don’t divide into ${parts} equal parts. Use ${inSeries(which.map(String), 'or')}.`;
}

/** Blocks one under the other, each over all columns in a lane of its own, from the lane of the topmost on. */
export function stacked(spec: Spec, chosen: Chosen): Parsed<Spec> {
  const at = found(spec, chosen);
  if (!at) return GONE;
  const picked = at.now.filter(({ block }) => chosen.blocks.includes(block.id));
  const first = Math.min(...picked.map(({ lanes }) => lanes[0]));
  // between two lanes there is room for as many as are stacked
  const lanes = new Map<string, Lanes>(
    picked.map(({ block }, index) => {
      const lane = first + index / (picked.length + 1);
      return [block.id, [lane, lane]];
    }),
  );
  return { value: relaned(spec, at, chosen, lanes, new Map(picked.map(({ block }) => [block.id, [1, at.count]]))) };
}

/** A block in a lane of its own, under a lane (0: above the first). */
export function inOwnLane(spec: Spec, chosen: Chosen, under: number): Parsed<Spec> {
  const at = found(spec, chosen);
  if (!at) return GONE;
  const lanes = new Map<string, Lanes>(chosen.blocks.map((id) => [id, [under + 0.5, under + 0.5]]));
  return { value: relaned(spec, at, chosen, lanes, new Map()) };
}

/** Blocks in a lane that is there, on the columns that they have; `columns` where they get others. */
export function inLane(
  spec: Spec,
  chosen: Chosen,
  lane: number,
  columns = new Map<string, [number, number]>(),
): Parsed<Spec> {
  const at = found(spec, chosen);
  if (!at) return GONE;
  return { value: relaned(spec, at, chosen, new Map(chosen.blocks.map((id) => [id, [lane, lane]])), columns) };
}

/** Blocks in lanes as numbered, between two lanes where a number is broken, on other columns where some are given. */
export function toLanes(
  spec: Spec,
  chosen: Chosen,
  lanes: ReadonlyMap<string, Lanes>,
  columns: ReadonlyMap<string, [number, number]>,
): Spec {
  const at = found(spec, chosen);
  return at ? relaned(spec, at, chosen, lanes, columns) : spec;
}

/**
 * A section after some of its blocks went to other lanes: lanes that nothing stands in any more close, and each lane keeps
 * the white space above it. Only what is then another than now is given.
 */
function relaned(
  spec: Spec,
  { layout, section, breakpoint, now }: Found,
  chosen: Chosen,
  moved: ReadonlyMap<string, Lanes>,
  columns: ReadonlyMap<string, [number, number]>,
): Spec {
  const wanted = now.map(({ block, lanes }): Lanes => moved.get(block.id) ?? lanes);
  const used = [...new Set(wanted.flatMap(lanesBetween))].sort((a, b) => a - b);
  const numberOf = (lane: number): number => used.indexOf(lane) + 1;
  const space = spaceAt(spec, section.space, breakpoint);
  const between = used.slice(1).map((lane) => rowsAfter(space, Math.max(0, Math.ceil(lane) - 2)));
  const isSame = between.every((rows, lane) => rows === rowsAfter(space, lane));
  const next = withSection(layout, section.id, (each) => ({
    ...each,
    space: isSame ? each.space : { ...each.space, [breakpoint.id]: { ...each.space[breakpoint.id], between } },
    blocks: each.blocks.map((block, index) => {
      const [from, to] = wanted[index]!;
      const lanes: [number, number] = [numberOf(from), numberOf(to)];
      const own = columns.get(block.id);
      return placed(block, breakpoint.id, {
        // lanes that would follow are given too, so that nothing else moves
        lanes,
        ...(own ? { columns: own } : {}),
      });
    }),
  }));
  return withLayout(spec, chosen.layout, () => next);
}

/** Blocks placed at a breakpoint just as they are at another one, in the same share of the columns. */
export function asAt(spec: Spec, chosen: Chosen, other: string): Parsed<Spec> {
  const from = spec.breakpoints.find(({ id }) => id === other);
  const at = found(spec, chosen);
  if (!from || !at) return GONE;
  const there = new Map(
    placementsAt(spec, at.section.blocks, from, countsOfSection(spec, at.section)).map((each) => [each.block.id, each]),
  );
  const of = countsOfSection(spec, at.section)(from);
  const layout = withBlocks(at.layout, chosen.blocks, (block) => {
    const model = there.get(block.id);
    if (!model) return block;
    const {
      columns: [first, last],
      lanes,
      height,
      stands,
    } = model;
    const columns = sharedColumns([first, last], of, at.count) ?? [1, at.count];
    return placed(block, chosen.breakpoint, {
      columns,
      lanes: [lanes[0], lanes[1]],
      stands,
      ...(height === 'content' ? {} : { height }),
    });
  });
  return { value: withLayout(spec, chosen.layout, () => layout) };
}

/** Blocks that follow from a narrower breakpoint again, with everything. */
export function following(spec: Spec, { layout, blocks, breakpoint }: Chosen): Parsed<Spec> {
  const narrowest = byWidth(spec.breakpoints)[0]!.id;
  if (breakpoint === narrowest)
    return { problem: 'There’s no narrower breakpoint to follow. Place the block yourself.' };
  return {
    value: withLayout(spec, layout, (each) =>
      withBlocks(each, blocks, (block) => {
        const { [breakpoint]: _own, ...at } = block.at;
        return { ...block, at };
      }),
    ),
  };
}

/** Blocks placed at all wider breakpoints as at this one: what those give of their own goes. */
export function sameAtWider(spec: Spec, { layout, blocks, breakpoint }: Chosen): Parsed<Spec> {
  const order = byWidth(spec.breakpoints);
  const wider = new Set(order.slice(order.findIndex(({ id }) => id === breakpoint) + 1).map(({ id }) => id));
  if (wider.size === 0) return { problem: 'There’s no wider breakpoint.' };
  return {
    value: withLayout(spec, layout, (each) =>
      withBlocks(each, blocks, (block) => ({
        ...block,
        at: Object.fromEntries(Object.entries(block.at).filter(([id]) => !wider.has(id))),
      })),
    ),
  };
}

/** A layout without some blocks; lanes that are then empty close. */
export function withoutBlocks(spec: Spec, layout: string, blocks: readonly string[]): Spec {
  const without = withLayout(spec, layout, (each) => withBlocks(each, blocks, (_: Block) => null));
  return closingLanes(spec, without, layout);
}

/** Is a block in a card? Then its lanes are the card’s. */
export function isInCard(layout: Layout, block: string): boolean {
  return (blockOf(layout, block)?.card ?? null) !== null;
}
