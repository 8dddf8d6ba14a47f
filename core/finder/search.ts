import { eachWholePair } from './whole-pairs';
import type { Columns } from '../spec/schema';
import { RATIOS } from '../sweep/sweep';

/** What the designer wants of a whole-pixel grid. Lengths in whole px. */
export type Conditions = {
  /** The widths to fill: containers, or viewports from which a margin is taken on both sides. */
  widths: number[];
  widthsAre: 'containers' | 'viewports';
  counts: number[];
  gutter: { from: number; to: number };
  /** Gutters no wider than the space outside the columns; of a container, on a screen as wide as this. */
  withinMargin: { viewport: number } | null;
  /** Of viewports only. */
  margin: { from: number; to: number };
  outer: Columns['outer'];
  /** What gutters, margins and columns have to be multiples of. */
  multiples: { of: number; gutter: boolean; margin: boolean; column: boolean };
  /** Halves (2), thirds (3), quarters (4), sixths (6) that have to fall on columns. */
  parts: number[];
  leastColumn: number;
  /** Places in RATIOS at which column, gutter and margin are whole device pixels too. */
  ratios: number[];
  /** Only gutters that have a solution at every one of the widths. */
  sameGutter: boolean;
};

export type Solution = {
  width: number;
  margin: number;
  container: number;
  count: number;
  column: number;
  gutter: number;
};

/** A condition that can be dropped. */
export type ConditionName = 'gutter' | 'multiples' | 'parts' | 'leastColumn' | 'ratios' | 'sameGutter';
const DROPPABLE: readonly ConditionName[] = ['gutter', 'multiples', 'parts', 'leastColumn', 'ratios'];

/** What a condition alone keeps out: how many solutions, and the one nearest to the sheet. */
export type NearMiss = { condition: ConditionName; count: number; nearest: Solution };

export type Found = { solutions: Solution[]; total: number; misses: NearMiss[] };

/** More are counted, not kept. */
export const MOST_KEPT = 20_000;

/** What the sheet says now. */
export type Now = { column: number; gutter: number; container: number };

/** How far a solution is from what the sheet says now, in px: the column, the gutter and the side of the container together. */
export function distanceTo(now: Now, { column, gutter, container }: Solution): number {
  return Math.abs(column - now.column) + Math.abs(gutter - now.gutter) + Math.abs(container - now.container) / 2;
}

/**
 * Every whole-pixel grid under the conditions, in order of width, count and gutter; and what each condition alone keeps out.
 *
 * @param onWidth told after each width how many of all are done; long searches show progress by it
 */
export function search(conditions: Conditions, now: Now, onWidth: (done: number) => void = () => {}): Found {
  const found: Found = { solutions: [], total: 0, misses: [] };
  const misses = new Map<ConditionName, NearMiss>();
  const guttersByWidth = new Map<number, Set<number>>();
  const fails = failsOf(conditions);
  const keep = (solution: Solution): void => {
    const failed = fails(solution);
    if (failed === 0) {
      found.total++;
      if (found.solutions.length < MOST_KEPT) found.solutions.push(solution);
      if (conditions.sameGutter)
        (guttersByWidth.get(solution.width) ?? newSet(guttersByWidth, solution.width)).add(solution.gutter);
    } else if ((failed & (failed - 1)) === 0) miss(misses, DROPPABLE[31 - Math.clz32(failed)]!, solution, now);
  };
  conditions.widths.forEach((width, index) => {
    searchWidth(conditions, width, keep);
    onWidth(index + 1);
  });
  if (conditions.sameGutter)
    return { ...sameGutterOnly(found, conditions, guttersByWidth, misses, now), misses: [...misses.values()] };
  return { ...found, misses: [...misses.values()] };
}

/** Every whole grid at one width, whatever the other conditions; gutters are no wider than columns. */
function searchWidth(
  { widthsAre, margin: margins, counts, gutter: asked, outer }: Conditions,
  width: number,
  keep: (solution: Solution) => void,
): void {
  const [from, to] = widthsAre === 'viewports' ? [margins.from, margins.to] : [0, 0];
  const widest = Math.max(asked.to * 2, 48);
  const step = outer === 'half' ? 2 : 1;
  for (let margin = from; margin <= to; margin++) {
    const container = width - margin * 2;
    for (const count of counts) {
      eachWholePair({ container, count, outer, step, widest }, (column, gutter) =>
        keep({ width, margin, container, count, column, gutter }),
      );
    }
  }
}

/** The conditions that a solution fails, a bit for each in the order of DROPPABLE. */
function failsOf({
  gutter: asked,
  withinMargin,
  widthsAre,
  outer,
  multiples,
  parts,
  leastColumn,
  ratios,
}: Conditions): (solution: Solution) => number {
  const { of } = multiples;
  // p / q device pixels to a px: whole exactly where the length is a multiple of q
  const divisors = ratios.map((ratio) => RATIOS[ratio]!.q);
  const common = divisors.length > 0 ? Math.max(...divisors) : 1;
  const isWithin = ({ margin, container, gutter }: Solution): boolean => {
    if (!withinMargin) return true;
    const outside = widthsAre === 'viewports' ? margin * 2 : withinMargin.viewport - container;
    return gutter * (outer === 'half' ? 1 : 2) <= outside;
  };
  return (solution) => {
    const { margin, count, column, gutter } = solution;
    let failed = 0;
    if (gutter < asked.from || gutter > asked.to || !isWithin(solution)) failed |= 1;
    if (
      (multiples.gutter && gutter % of !== 0) ||
      (multiples.margin && margin % of !== 0) ||
      (multiples.column && column % of !== 0)
    )
      failed |= 2;
    if (parts.some((part) => count % part !== 0)) failed |= 4;
    if (column < leastColumn) failed |= 8;
    if (column % common !== 0 || gutter % common !== 0 || margin % common !== 0) failed |= 16;
    return failed;
  };
}

function newSet(sets: Map<number, Set<number>>, width: number): Set<number> {
  const made = new Set<number>();
  sets.set(width, made);
  return made;
}

function miss(misses: Map<ConditionName, NearMiss>, condition: ConditionName, solution: Solution, now: Now): void {
  const known = misses.get(condition);
  if (!known) misses.set(condition, { condition, count: 1, nearest: solution });
  else {
    known.count++;
    if (distanceTo(now, solution) < distanceTo(now, known.nearest)) known.nearest = solution;
  }
}

/** Keeps the solutions whose gutter has one at every width. */
function sameGutterOnly(
  found: Found,
  { widths }: Conditions,
  gutters: Map<number, Set<number>>,
  misses: Map<ConditionName, NearMiss>,
  now: Now,
): Omit<Found, 'misses'> {
  const everywhere = (gutter: number): boolean => widths.every((width) => gutters.get(width)?.has(gutter));
  const solutions = found.solutions.filter((solution) => {
    if (everywhere(solution.gutter)) return true;
    miss(misses, 'sameGutter', solution, now);
    return false;
  });
  return { solutions, total: solutions.length };
}

/** What makes the conditions contradict each other, in one sentence; null where they do not. */
export function contradiction(conditions: Conditions): string | null {
  const { widths, widthsAre, counts, gutter, margin, outer, multiples, parts, leastColumn } = conditions;
  if (widths.length === 0 || counts.length === 0) return 'Enter at least one width and one count.';
  if (multiples.of < 1) return 'There are no multiples of 0. Enter a base such as 8.';
  const impossible = parts.find((part) => counts.every((count) => count % part !== 0));
  if (impossible)
    return `${PART_NAMES[impossible]} need a count that ${impossible} divides, such as ${impossible * 2}; ${counts.join(', ')} ${counts.length === 1 ? 'is' : 'are'} not.`;
  const widest = Math.max(...widths) - (widthsAre === 'viewports' ? margin.from * 2 : 0);
  const fewest = Math.min(...counts);
  if (widest <= 0) return `Margins of ${margin.from} leave no space in ${Math.max(...widths)} px. Use smaller margins.`;
  if (leastColumn * fewest > widest)
    return `${fewest} columns of at least ${leastColumn} need ${leastColumn * fewest} px; the widest container has ${widest}.`;
  if (multiples.gutter && Math.floor(gutter.to / multiples.of) * multiples.of < gutter.from)
    return `No multiple of ${multiples.of} lies between gutters of ${gutter.from} and ${gutter.to}.`;
  if (outer === 'half' && gutter.from === gutter.to && gutter.from % 2 === 1)
    return `Half of a gutter of ${gutter.from} isn’t whole. Use an even gutter or no half gutters outside.`;
  return null;
}

const PART_NAMES: Record<number, string> = { 2: 'Halves', 3: 'Thirds', 4: 'Quarters', 6: 'Sixths' };
