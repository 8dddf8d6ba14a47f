import type { Parsed } from '../parsed';
import { decimal } from '../length/present';
import { type Px, px } from '../length/px';
import { columnStarts, columnsAt, type SolvedColumns } from '../columns/columns-at';
import { measureChecks, standsIn } from './stands-in';
import { byWidth, rangeEnd, shownWidth } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { isSamePx } from '../site/fit-columns';
import { noGridIn, readSite, type SiteReading, widthsTried } from '../site/read-site';
import type { Sheet, Unread } from '../site/rules';
import { systemText } from '../site/system-text';
import type { GridSystem, RoleChoice } from '../site/grid-systems';
import type { SiteGrid } from '../site/columns-in';
import { rootsFor } from '../site/walk';
import { BEYOND } from '../site/widths';
import {
  type Check,
  checkOf,
  countCalled,
  type Held,
  lengthCalled,
  notChecked,
  type Reason,
  widthsText,
} from './check';
import { type ComparedSystem, comparedSystem, LEAST_SURE } from './compared-system';
import { layoutChecks } from './layout-checks';
import { rowChecks } from './row-checks';

/** A page's style sheets held against a specification. */
export type SiteComparison = {
  /** All the grids that the style sheets make, the likeliest first, and which of them was held. */
  systems: ComparedSystem[];
  compared: number | null;
  /** The page's grid that was held: `.col-* in .row in .container`. */
  grid: string | null;
  /** Other grids that the style sheets make. */
  others: string[];
  checks: Check[];
  /** Both grids of each breakpoint, to be drawn. */
  drawn: DrawnPair[];
  /** What could be a grid and was not read. */
  unread: Unread[];
};

/** Columns as they are drawn: px, floating point. */
export type DrawnGrid = {
  width: number;
  margin: number;
  marginEnd: number;
  count: number;
  column: number;
  gutter: number;
  inset: number;
};

/** A breakpoint of a specification and what a page has there, at the width at which it is drawn. */
export type DrawnPair = { breakpoint: string; specification: DrawnGrid; page: DrawnGrid };

/**
 * Range by range, quantity by quantity: does a page do what a specification says? Lengths are the same where they differ by less than 1/64 px.
 *
 *     compareSite(spec, [css]).value.checks.find(({ isSame }) => !isSame).sentence
 *     // "Desktop: the page has a gutter of 20 px where the specification has 24 px (at 1416 px; it is off at 1416–3840 px)."
 */
export function compareSite(
  spec: Spec,
  texts: readonly (string | Sheet)[],
  choice: RoleChoice = {},
  page: Sheet | null = null,
): Parsed<SiteComparison> {
  const stands = page ? null : standsIn(spec);
  const { value: site, problem } = readSite(stands ? [stands.sheet, ...texts] : texts, choice, page, stands?.around);
  if (!site) return { problem: problem! };
  const layouts = layoutChecks(spec, site);
  const { system } = site;
  if (!system && layouts.length === 0) return { problem: noGridIn(texts) };
  const breakpoints = byWidth(spec.breakpoints);
  const isSure = system !== null && system.sure >= LEAST_SURE;
  const columns = system ? breakpoints.flatMap((breakpoint) => columnChecks(spec, breakpoint, site, system)) : [];
  const checks = isSure || !system ? columns : columns.map((check) => unsure(check, system));
  const rows = isSure ? rowChecks(spec, site, system) : [];
  return {
    value: {
      systems: site.grids.systems.map(comparedSystem),
      compared: isSure ? 0 : null,
      grid: system && systemText(system),
      others: site.grids.systems.slice(1).map(systemText),
      checks: [...(isSure ? measureChecks(spec, site, system) : []), ...checks, ...rows, ...layouts],
      drawn: isSure ? breakpoints.flatMap((breakpoint) => drawnPair(spec, breakpoint, site, system)) : [],
      unread: site.unread.map((each) => ({
        ...each,
        asked: checks.some(
          ({ verdict, where }) => verdict === 'not-checked' && where !== undefined && where === each.where,
        ),
      })),
    },
  };
}

/** Nothing is held against a grid that is only perhaps the page’s. */
function unsure({ breakpoint, quantity }: Check, { doubts }: GridSystem): Check {
  return notChecked(breakpoint, quantity, { why: `It isn’t sure which grid is the page’s. ${doubts.join(' ')}` });
}

function drawnPair(spec: Spec, breakpoint: Breakpoint, { grids }: SiteReading, system: GridSystem): DrawnPair[] {
  const width = Math.round(shownWidth(spec, breakpoint));
  const grid = grids.at(system, width, rootsFor(spec.rootFontSize), breakpoint.reference.height);
  if ('why' in grid) return [];
  const own = columnsAt(spec, breakpoint, width);
  const numbers = (
    of: Pick<SolvedColumns, 'column' | 'gutter' | 'count' | 'inset'>,
    start: Px,
    end: Px,
  ): DrawnGrid => ({
    width,
    margin: start.valueOf(),
    marginEnd: end.valueOf(),
    count: of.count,
    column: of.column.valueOf(),
    gutter: of.gutter.valueOf(),
    inset: of.inset.valueOf(),
  });
  return [
    {
      breakpoint: breakpoint.name,
      specification: numbers(own, own.frameStart.add(own.marginStart), own.frameEnd.add(own.marginEnd)),
      page: numbers({ ...grid, inset: own.inset }, grid.start.sub(own.inset), px(width).sub(grid.end).sub(own.inset)),
    },
  ];
}

type At = { width: number; grid: SiteGrid };

/** What is held of each breakpoint. */
const QUANTITIES = ['Columns', 'Gutter', 'Start margin', 'End margin', 'Column'];

/**
 * A breakpoint's columns, at widths of its range and on both sides of each width at which the page changes. Where the page could not be worked out at some of
 * them, what is the same at the others was not checked.
 */
function columnChecks(spec: Spec, breakpoint: Breakpoint, site: SiteReading, system: GridSystem): Check[] {
  const read: At[] = [];
  const left: (Reason & { width: number })[] = [];
  for (const width of widthsOf(spec, breakpoint, site, system)) {
    const grid = site.grids.at(system, width, rootsFor(spec.rootFontSize), breakpoint.reference.height);
    const doubt = site.grids.doubtAt(system, width, rootsFor(spec.rootFontSize));
    if (doubt) left.push({ width, why: `${doubt.text}: ${doubt.why}`, where: doubt.where });
    else if ('why' in grid) left.push({ width, ...grid, why: `${system.name}: ${grid.why}.` });
    else read.push({ width, grid });
  }
  const [reason] = left;
  const at = reason ? widthsText(left.map(({ width }) => width)) : '';
  if (read.length === 0)
    return reason ? QUANTITIES.map((quantity) => notChecked(breakpoint.name, quantity, reason, at)) : [];
  const moved = rangeCheck(spec, breakpoint, read);
  // where the page has another breakpoint's grid, that is what is off there, and not each of its numbers
  const own = read.filter(({ width }) => !moved.elsewhere.has(width));
  const checks = [moved.check, ...(own.length > 0 ? quantityChecks(spec, breakpoint, own) : [])];
  if (!reason) return checks;
  return checks.map((check) =>
    check.verdict === 'same' ? notChecked(breakpoint.name, check.quantity, reason, at) : check,
  );
}

function widthsOf(spec: Spec, breakpoint: Breakpoint, { grids }: SiteReading, system: GridSystem): number[] {
  const end = rangeEnd(spec, breakpoint);
  const bounds = grids
    .boundsOf(system)
    .flatMap((bound) => [bound - 1, bound])
    .filter((width) => width >= Math.max(breakpoint.from, 240) && width < (end ?? BEYOND));
  const { width: drawn } = breakpoint.reference;
  const isInRange = drawn >= breakpoint.from && (end === null || drawn < end);
  const widths = [...widthsTried(breakpoint.from, end), ...bounds, ...(isInRange ? [Math.round(drawn)] : [])];
  return [...new Set(widths)].sort((a, b) => a - b);
}

function quantityChecks(spec: Spec, breakpoint: Breakpoint, read: readonly At[]): Check[] {
  // where a specification has no room for its own columns, there is nothing to hold a page against
  const solved = read
    .map(({ width, grid }) => ({ width, grid, own: columnsAt(spec, breakpoint, width) }))
    .filter(({ own }) => own.column.compare(0) >= 0);
  if (solved.length === 0) return [];
  const length = (quantity: string, pick: (of: (typeof solved)[number]) => [specification: Px, page: Px]): Check =>
    checkOf(
      breakpoint.name,
      lengthCalled(quantity),
      solved.map((each): Held => {
        const [specification, page] = pick(each);
        return {
          width: each.width,
          specification: decimal(specification),
          page: decimal(page),
          isSame: isSamePx(specification, page),
        };
      }),
    );
  const count = checkOf(
    breakpoint.name,
    countCalled('Columns', 'column'),
    solved.map(({ width, grid, own }) => ({
      width,
      specification: String(own.count),
      page: String(grid.count),
      isSame: own.count === grid.count,
    })),
  );
  const checks = [
    count,
    length('Gutter', ({ grid, own }) => [own.gutter, grid.gutter]),
    length('Start margin', ({ grid, own }) => [own.frameStart.add(own.marginStart), grid.start.sub(own.inset)]),
    length('End margin', ({ grid, own, width }) => [
      own.frameEnd.add(own.marginEnd),
      px(width).sub(grid.end).sub(own.inset),
    ]),
  ];
  // a column follows from the others: where one of those is off, it is so as well, and says nothing more
  const column = length('Column', ({ grid, own }) => [own.column, grid.column]);
  return checks.every(({ verdict }) => verdict === 'same') ? [...checks, column] : checks;
}

/** At which widths of a range does the page have the grid of another breakpoint, and not its own? */
function rangeCheck(
  spec: Spec,
  breakpoint: Breakpoint,
  read: readonly At[],
): { check: Check; elsewhere: ReadonlySet<number> } {
  const gives = (of: Breakpoint, { width, grid }: At): boolean => {
    const own = columnsAt(spec, of, width);
    return own.count === grid.count && isSamePx(own.gutter, grid.gutter) && isSamePx(columnStarts(own)(1), grid.start);
  };
  const others = spec.breakpoints.filter(({ id }) => id !== breakpoint.id);
  const held = read.map((at) => {
    const other = gives(breakpoint, at) ? undefined : others.find((each) => gives(each, at));
    return { at, other };
  });
  const elsewhere = held.filter(({ other }) => other !== undefined);
  const range = checkOf(
    breakpoint.name,
    { quantity: 'Range', unit: '', said: (name) => `the grid of ${name}` },
    held.map(({ at, other }) => ({
      width: at.width,
      specification: breakpoint.name,
      page: other?.name ?? breakpoint.name,
      isSame: other === undefined,
    })),
  );
  const [first] = elsewhere;
  return {
    check: first
      ? {
          ...range,
          sentence: `${breakpoint.name}: from ${range.at} px the page has the grid of ${first.other!.name}; the specification changes at ${first.other!.from > breakpoint.from ? first.other!.from : breakpoint.from}.`,
        }
      : range,
    elsewhere: new Set(elsewhere.map(({ at }) => at.width)),
  };
}
