import Fraction from 'fraction.js';
import { byWidth } from '../spec/ranges';
import type { Block, BlockHeight, Breakpoint, CardGrid, Leaving, Placement, SectionSpace, Spec } from '../spec/schema';
import { contentHeight } from './height-law';

/** Where a block stands at a breakpoint: given, or following from the nearest narrower one that gives it. */
export type Placed = {
  block: Block;
  columns: readonly [number, number];
  lanes: readonly [number, number];
  height: BlockHeight | 'content';
  stands: NonNullable<Placement['stands']>;
  /** Edges off the column lines; those of a block that bleeds have no reason. */
  leaves: readonly Leaving[];
  bleeds: Bleed | null;
  over: string | null;
  /** It is not shown here, and takes no place. */
  hidden: boolean;
  /** Are its columns given at this breakpoint? */
  given: boolean;
};

type Bleed = NonNullable<Placement['bleeds']>;

/** How many columns there are at a breakpoint: those of the page, or of the card around. */
export type CountAt = (breakpoint: Breakpoint) => number;

/**
 * The blocks of a section (or a card) at a breakpoint, in their order. What is not given there follows from the nearest
 * narrower breakpoint at which it is given; what no breakpoint gives stands at the narrowest: over all columns, in a lane of its own.
 * Lines go to the same share of the columns, or to the nearest line; a block that would be left without a column takes
 * all of them, in a lane of its own.
 */
export function placementsAt(
  spec: Spec,
  blocks: readonly Block[],
  breakpoint: Breakpoint,
  countAt: CountAt,
): readonly Placed[] {
  const across = blocks.map((block) => acrossAt(spec, block, breakpoint, countAt));
  const lanes = lanesAt(blocks, across, upTo(spec, breakpoint));
  return blocks.map((block, index) => {
    const part = <Part extends keyof Placement>(of: Part) => nearest(spec, block, breakpoint, of)?.value;
    const height = part('height') ?? 'content';
    return {
      block,
      columns: across[index]!.columns,
      lanes: lanes[index]!,
      height: height === 'content' ? (contentHeight(block.holds) ?? height) : height,
      stands: part('stands') ?? 'top',
      ...leavingAt(spec, block, breakpoint),
      over: part('over') ?? null,
      hidden: part('hidden') ?? false,
      given: block.at[breakpoint.id]?.columns !== undefined,
    };
  });
}

/** A part of a placement as the nearest breakpoint says it that is not wider; with that breakpoint. */
function nearest<Part extends keyof Placement>(
  spec: Spec,
  { at }: Block,
  breakpoint: Breakpoint,
  part: Part,
): { value: NonNullable<Placement[Part]>; from: Breakpoint } | undefined {
  const order = upTo(spec, breakpoint);
  for (let place = order.length - 1; place >= 0; place--) {
    const value = at[order[place]!.id]?.[part];
    if (value !== undefined) return { value, from: order[place]! };
  }
  return undefined;
}

/** Where its edges are off the column lines: as the nearest breakpoint says it, of each edge or of both at once. */
function leavingAt(spec: Spec, block: Block, breakpoint: Breakpoint): Pick<Placed, 'leaves' | 'bleeds'> {
  const leaves = nearest(spec, block, breakpoint, 'leaves');
  const bleeds = nearest(spec, block, breakpoint, 'bleeds');
  if (!bleeds || (leaves && leaves.from.from > bleeds.from.from)) return { leaves: leaves?.value ?? [], bleeds: null };
  return { leaves: BLEEDING[bleeds.value], bleeds: bleeds.value };
}

const both = (to: Bleed): readonly Leaving[] => (['start', 'end'] as const).map((side) => ({ side, to, reason: '' }));
const BLEEDING: Record<Bleed, readonly Leaving[]> = { margin: both('margin'), screen: both('screen') };

/** Over which columns a block stands; `share`, where it begins as a share of those it was given on. */
type Across = { columns: readonly [number, number]; isAlone: boolean; share: number };

function acrossAt(spec: Spec, block: Block, breakpoint: Breakpoint, countAt: CountAt): Across {
  const given = nearest(spec, block, breakpoint, 'columns');
  const count = countAt(breakpoint);
  if (!given) return { columns: [1, count], isAlone: false, share: 0 };
  const of = given.from.id === breakpoint.id ? count : countAt(given.from);
  const columns = sharedColumns(given.value, of, count);
  return { columns: columns ?? [1, count], isAlone: columns === null, share: (given.value[0] - 1) / of };
}

/**
 * The same columns of another count: each of the two lines at its share of them, or at the nearest line, half up; null where no column is left.
 *
 *     sharedColumns([1, 2], 8, 10)   // [1, 3]: line 2 of 8 is line 2½ of 10
 *     sharedColumns([2, 2], 12, 4)   // null: both lines go to the first of 4
 */
export function sharedColumns(
  [first, last]: readonly [number, number],
  of: number,
  count: number,
): [number, number] | null {
  if (of === count) return [first, last];
  const lines: [number, number] = [nearestLine(first - 1, of, count) + 1, nearestLine(last, of, count)];
  return lines[0] > lines[1] ? null : lines;
}

function nearestLine(line: number, of: number, count: number): number {
  if (Number.isInteger(line)) return Math.floor((2 * line * count + of) / (2 * of));
  return new Fraction(String(line)).mul(count).div(of).add('1/2').floor().valueOf();
}

/** How many whole columns a card over these columns has under it. */
export function columnsUnder([first, last]: readonly [number, number]): number {
  return Math.max(1, Math.floor(last) - Math.ceil(first) + 1);
}

/** Where a card stands, on as many columns as `countAt` says. */
export type Around = { spec: Spec; breakpoint: Breakpoint; countAt: CountAt };

/**
 * How many columns a card has at each breakpoint, which is what its blocks follow by: its own, or those of the page that it covers there.
 *
 * @param count how many it has at the breakpoint at which it is worked out
 */
export function countsInCard(
  { columns }: CardGrid,
  { block: card }: Placed,
  { spec, breakpoint, countAt }: Around,
  count: number,
): CountAt {
  if (columns !== 'page') return () => count;
  const known = new Map([[breakpoint.id, count]]);
  return (each) => {
    const own = known.get(each.id) ?? columnsUnder(acrossAt(spec, card, each, countAt).columns);
    known.set(each.id, own);
    return own;
  };
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

type Lanes = readonly [number, number];

/**
 * The lanes of blocks at the last of some breakpoints: given there, or at the nearest narrower one; where a block has to
 * stand alone, there are more of them.
 */
function lanesAt(blocks: readonly Block[], across: readonly Across[], order: readonly Breakpoint[]): readonly Lanes[] {
  const narrowest = order[0]!.id;
  let last = 0;
  const start = blocks.map(({ at }): Lanes => {
    const lanes = at[narrowest]?.lanes ?? ([last + 1, last + 1] as const);
    last = Math.max(last, lanes[1]);
    return lanes;
  });
  const wideFirst = order.toReversed();
  const lanes = blocks.map(
    ({ at }, index) => wideFirst.map(({ id }) => at[id]?.lanes).find((given) => given !== undefined) ?? start[index]!,
  );
  const own = order.at(-1)!.id;
  const placed = blocks.map(({ at }, index) => ({
    lanes: lanes[index]!,
    ...across[index]!,
    isFixed: at[own]?.lanes !== undefined,
  }));
  return placed.some(({ isAlone }) => isAlone) ? shiftedLanes(placed) : lanes;
}

/** More lanes where a block has to stand alone; what is fixed stays in its own. */
function shiftedLanes(placed: readonly (Across & { lanes: Lanes; isFixed: boolean })[]): Lanes[] {
  const lanes = placed.map(({ lanes: now }) => now);
  const most = Math.max(0, ...lanes.map(([, end]) => end));
  let added = 0;
  for (let lane = 1; lane <= most; lane++) {
    // in the order in which they stand beside one another, so that none lands under one that it stood before
    const here = placed
      .flatMap(({ lanes: [start], isFixed }, index) => (start === lane && !isFixed ? [index] : []))
      .sort((a, b) => placed[a]!.share - placed[b]!.share || a - b);
    const groups: number[][] = [];
    for (const index of here) {
      const last = groups.at(-1);
      const isShared = last?.every((each) => !placed[each]!.isAlone) === true;
      if (placed[index]!.isAlone || !isShared) groups.push([index]);
      else last!.push(index);
    }
    for (const [place, group] of groups.entries()) {
      for (const index of group) {
        const [start, end] = placed[index]!.lanes;
        lanes[index] = [lane + added + place, Math.max(lane + added + place, end + added)];
        if (start === end) lanes[index] = [lane + added + place, lane + added + place];
      }
    }
    added += Math.max(0, groups.length - 1);
  }
  return lanes;
}

/**
 * White space at a breakpoint, in rows; what is not given follows from the next narrower one that has it, else it is 0. In lanes that are `gone` nothing stands that is
 * shown: they take no rows, and each lane keeps the white space above it.
 */
export type SpaceAt = { above: number; between: readonly number[]; below: number; gone: ReadonlySet<number> };

/** White space between the sections of a layout, and whether something stands over this one. */
export type BetweenSections = { between: Readonly<Record<string, number>> | undefined; isFirst: boolean };

const NONE: ReadonlySet<number> = new Set();

/**
 * White space as breakpoints give it. The nearest counts: where a layout says what is between its sections, a section says nothing nearer, that is below it, and nothing above the next.
 */
export function spaceAt(
  spec: Spec,
  space: Readonly<Record<string, SectionSpace>>,
  breakpoint: Breakpoint,
  { between: all = {}, isFirst }: BetweenSections = { between: undefined, isFirst: true },
): SpaceAt {
  const ids = upTo(spec, breakpoint)
    .map(({ id }) => id)
    .toReversed();
  const nearestOf = (own: (id: string) => number | undefined, shared: (id: string) => number | undefined): number =>
    ids.map((id) => own(id) ?? shared(id)).find((given) => given !== undefined) ?? 0;
  return {
    above: nearestOf(
      (id) => space[id]?.above,
      (id) => (isFirst || all[id] === undefined ? undefined : 0),
    ),
    between: ids.map((id) => space[id]?.between).find((given) => given !== undefined) ?? [],
    below: nearestOf(
      (id) => space[id]?.below,
      (id) => all[id],
    ),
    gone: NONE,
  };
}

/** What is shown of blocks at a breakpoint, and the white space between: lanes in which all is hidden are gone. */
export function shownAt(placed: readonly Placed[], space: SpaceAt): { placed: readonly Placed[]; space: SpaceAt } {
  if (!placed.some(({ hidden }) => hidden)) return { placed, space };
  const shown = placed.filter(({ hidden }) => !hidden);
  const gone = new Set(placed.flatMap(({ hidden, lanes }) => (hidden ? lanesBetween(lanes) : [])));
  for (const { lanes } of shown) for (const lane of lanesBetween(lanes)) gone.delete(lane);
  return { placed: shown, space: { ...space, gone } };
}

/** Every lane from one to another; a broken one, between two, is itself alone. */
export function lanesBetween([first, last]: Lanes): number[] {
  return Array.from({ length: last - first + 1 }, (_, index) => first + index);
}

/** Which count of `between` stands after a lane, both counted from 0: that above the next lane in which something is shown. */
export function gapAfter({ gone }: SpaceAt, lane: number): number {
  let gap = lane;
  while (gone.has(gap + 2)) gap++;
  return gap;
}

/** Rows after a lane, counted from 0, where another comes after it; a list that is too short goes on with its last count. */
export function rowsAfter(space: SpaceAt, lane: number): number {
  const { between, gone } = space;
  return gone.has(lane + 1) ? 0 : (between[gapAfter(space, lane)] ?? between.at(-1) ?? 0);
}
