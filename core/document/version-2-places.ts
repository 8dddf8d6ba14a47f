import Fraction from 'fraction.js';
import { type Placed } from '../layouts/placements';
import { type PlacingLaw } from '../layouts/places';
import { byWidth } from '../spec/ranges';
import type { Block, Placement } from '../spec/schema';

/**
 * Where blocks stood across the page in documents of version 2: what a breakpoint did not give followed the next narrower one, also
 * where that followed itself, in whole shares of the columns, else over all of them. Kept for ever, for the upgrade.
 */
export const VERSION_2: PlacingLaw = {
  placementsAt: (spec, blocks, breakpoint, countAt) => {
    let before: Before = null;
    for (const each of byWidth(spec.breakpoints)) {
      if (each.from > breakpoint.from) break;
      const count = countAt(each);
      before = { placed: next(blocks, each.id, count, before), count };
    }
    return before?.placed ?? [];
  },
  countsInCard: ({ columns }, { block: card }, { spec, breakpoint, siblings, countAt }, count) => {
    if (columns !== 'page') return () => count;
    const known = new Map([[breakpoint.id, count]]);
    return (each) => {
      const placed = (): Placed | undefined =>
        VERSION_2.placementsAt(spec, siblings, each, countAt).find(({ block }) => block.id === card.id);
      const [first, last] = known.has(each.id) ? [1, 1] : (placed()?.columns ?? [1, countAt(each)]);
      const own = known.get(each.id) ?? Math.max(1, Math.floor(last) - Math.ceil(first) + 1);
      known.set(each.id, own);
      return own;
    };
  },
};

/** What did not follow otherwise then, and is not asked for. */
const UNCHANGED = { height: 'content', stands: 'top', leaves: [], bleeds: null, over: null, hidden: false } as const;

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
    const lanes = own?.lanes ?? shifted?.[index] ?? ([last + 1, last + 1] as const);
    last = Math.max(last, lanes[1]);
    return {
      block,
      columns,
      lanes,
      ...UNCHANGED,
      given: own?.columns !== undefined,
    };
  });
}

/** The columns of the same share of another count; null where they are not whole. */
function sameShare([first, last]: readonly [number, number], of: number, count: number): [number, number] | null {
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
