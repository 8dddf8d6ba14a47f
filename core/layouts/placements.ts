import Fraction from 'fraction.js';
import { oncePer } from '../length/once-per';
import { byWidth } from '../spec/ranges';
import type { Block, BlockHeight, Breakpoint, CardGrid, Holds, Leaving, Placement, Spec } from '../spec/schema';

/** Where a block stands at a breakpoint: given, or following from the next narrower one. */
export type Placed = {
  block: Block;
  columns: readonly [number, number];
  lanes: readonly [number, number];
  height: BlockHeight | 'content';
  stands: NonNullable<Placement['stands']>;
  leaves: readonly Leaving[];
  over: string | null;
  /** Are its columns given at this breakpoint? */
  given: boolean;
};

/**
 * The blocks of a section (or a card) at a breakpoint, in their order. A block that fills all columns fills them; another
 * keeps its share where it comes out in whole columns (2 of 4, 4 of 8, 6 of 12), else it takes all columns, in a lane of its own.
 *
 * @param countAt how many columns there are at a breakpoint
 */
export function placementsAt(
  spec: Spec,
  blocks: readonly Block[],
  breakpoint: Breakpoint,
  countAt: (breakpoint: Breakpoint) => number,
  known: Narrower = new Map(),
): readonly Placed[] {
  let before: Before = null;
  for (const each of upTo(spec, breakpoint)) {
    // at the breakpoint itself there may be another count, at the width that is asked for
    const isLast = each.id === breakpoint.id;
    const drawn = isLast ? undefined : known.get(each.id);
    const count = drawn?.count ?? countAt(each);
    before = drawn ?? { placed: next(blocks, each.id, count, before), count };
    if (!isLast) known.set(each.id, before);
  }
  return before?.placed ?? [];
}

/** How many whole columns a card over these columns has under it. */
export function columnsUnder([first, last]: readonly [number, number]): number {
  return Math.max(1, Math.floor(last) - Math.ceil(first) + 1);
}

/** Where a card stands: among these blocks, on as many columns as `countAt` says. */
type Around = {
  spec: Spec;
  breakpoint: Breakpoint;
  siblings: readonly Block[];
  countAt: (breakpoint: Breakpoint) => number;
};

/**
 * How many columns a card has at each breakpoint, which is what its blocks follow by: its own, or those of the page that it covers there.
 *
 * @param count how many it has at the breakpoint at which it is worked out
 */
export function countsInCard(
  { columns }: CardGrid,
  { block: card }: Placed,
  { spec, breakpoint, siblings, countAt }: Around,
  count: number,
): (breakpoint: Breakpoint) => number {
  if (columns !== 'page') return () => count;
  const known = new Map([[breakpoint.id, count]]);
  return (each) => {
    const placed = (): Placed | undefined =>
      placementsAt(spec, siblings, each, countAt).find(({ block }) => block.id === card.id);
    const own = known.get(each.id) ?? columnsUnder(placed()?.columns ?? [1, countAt(each)]);
    known.set(each.id, own);
    return own;
  };
}

type Narrower = Map<string, Before>;
const narrowerOf = oncePer((_spec: Spec, _blocks: readonly Block[]): Narrower => new Map());

/**
 * The same for blocks of a section, whose columns are those of the page: what they are at narrower breakpoints, as these are
 * drawn, is worked out once for all that follow it.
 */
export function placementsOnPage(
  spec: Spec,
  blocks: readonly Block[],
  breakpoint: Breakpoint,
  countAt: (breakpoint: Breakpoint) => number,
): readonly Placed[] {
  return placementsAt(spec, blocks, breakpoint, countAt, narrowerOf(spec, blocks));
}

const orders = new WeakMap<readonly Breakpoint[], Map<string, Breakpoint[]>>();

/** The breakpoints from the narrowest up to one. */
function upTo({ breakpoints }: Spec, breakpoint: Breakpoint): Breakpoint[] {
  const known = orders.get(breakpoints) ?? new Map<string, Breakpoint[]>();
  orders.set(breakpoints, known);
  const order =
    known.get(breakpoint.id) ??
    byWidth(breakpoints).filter(({ from, id }) => from < breakpoint.from || id === breakpoint.id);
  known.set(breakpoint.id, order);
  return order;
}

type Before = { placed: readonly Placed[]; count: number } | null;

/** The blocks at one breakpoint, after those of the next narrower one. */
function next(blocks: readonly Block[], id: string, count: number, before: Before): Placed[] {
  const was = (index: number): Placed | undefined => before?.placed[index];
  const followed = blocks.map((block, index) => {
    const own = block.at[id];
    const narrow = was(index);
    const share = narrow && !own?.columns ? sameShare(narrow.columns, before!.count, count) : null;
    const isAlone = narrow !== undefined && !own?.columns && share === null;
    return { own, columns: own?.columns ?? share ?? ([1, count] as const), isAlone };
  });
  const isShifted = followed.some(({ isAlone }) => isAlone);
  const shifted =
    before && (isShifted ? shiftedLanes(before.placed, followed) : before.placed.map(({ lanes }) => lanes));
  let last = 0;
  return blocks.map((block, index) => {
    const { own, columns } = followed[index]!;
    const narrow = was(index);
    const lanes = own?.lanes ?? shifted?.[index] ?? ([last + 1, last + 1] as const);
    last = Math.max(last, lanes[1]);
    return {
      block,
      columns,
      lanes,
      height: own?.height ?? narrow?.height ?? usualHeight(block.holds),
      stands: own?.stands ?? narrow?.stands ?? 'top',
      leaves: own?.leaves ?? narrow?.leaves ?? [],
      over: own?.over ?? narrow?.over ?? null,
      given: own?.columns !== undefined,
    };
  });
}

/** The columns of the same share of another count; null where they are not whole. */
export function sameShare(
  [first, last]: readonly [number, number],
  of: number,
  count: number,
): [number, number] | null {
  if (of === count) return [first, last];
  if (first === 1 && last === of) return [1, count];
  const scale = new Fraction(count).div(of);
  const [start, end] = [scale.mul(String(first - 1)), scale.mul(String(last))];
  return start.d === 1n && end.d === 1n ? [start.valueOf() + 1, end.valueOf()] : null;
}

type Followed = { own: Placement | undefined; isAlone: boolean };

/** The lanes of the narrower breakpoint, with more of them where a block has to stand alone. */
function shiftedLanes(before: readonly Placed[], followed: readonly Followed[]): (readonly [number, number])[] {
  const lanes: (readonly [number, number])[] = before.map(({ lanes: now }) => now);
  const most = Math.max(0, ...before.map(({ lanes: [, end] }) => end));
  let added = 0;
  for (let lane = 1; lane <= most; lane++) {
    // in the order in which they stand beside one another, so that none lands under one that it stood before
    const here = before
      .flatMap(({ lanes: [start] }, index) => (start === lane && !followed[index]!.own?.lanes ? [index] : []))
      .sort((a, b) => before[a]!.columns[0] - before[b]!.columns[0] || a - b);
    const groups: number[][] = [];
    for (const index of here) {
      const last = groups.at(-1);
      const isShared = last?.every((each) => !followed[each]!.isAlone) === true;
      if (followed[index]!.isAlone || !isShared) groups.push([index]);
      else last!.push(index);
    }
    for (const [place, group] of groups.entries()) {
      for (const index of group) {
        const [start, end] = before[index]!.lanes;
        lanes[index] = [lane + added + place, Math.max(lane + added + place, end + added)];
        if (start === end) lanes[index] = [lane + added + place, lane + added + place];
      }
    }
    added += Math.max(0, groups.length - 1);
  }
  return lanes;
}

/** How tall a block is that says nothing of it. */
function usualHeight(holds: Holds): Placed['height'] {
  if ('text' in holds) return { lines: 1 };
  if ('picture' in holds) return { ratio: holds.picture };
  return 'card' in holds ? 'content' : { rows: 1 };
}

/** White space at a breakpoint, in rows; what is not given follows from the next narrower one that has it, else it is 0. */
export type SpaceAt = { above: number; between: readonly number[]; below: number };

export function spaceAt(
  spec: Spec,
  space: Readonly<
    Record<string, { above?: number | undefined; between?: number[] | undefined; below?: number | undefined }>
  >,
  breakpoint: Breakpoint,
): SpaceAt {
  const ids = upTo(spec, breakpoint)
    .map(({ id }) => id)
    .toReversed();
  const newest = <Part extends 'above' | 'between' | 'below'>(part: Part) =>
    ids.map((id) => space[id]?.[part]).find((given) => given !== undefined);
  return { above: newest('above') ?? 0, between: newest('between') ?? [], below: newest('below') ?? 0 };
}

/** Rows after a lane, counted from 0; a list that is too short goes on with its last count. */
export function rowsAfter({ between }: SpaceAt, lane: number): number {
  return between[lane] ?? between.at(-1) ?? 0;
}
