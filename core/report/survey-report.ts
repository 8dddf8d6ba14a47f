import { exactText, px, type Px, ZERO } from '../length/px';
import { columnsAt } from '../columns/columns-at';
import { breakpointAt } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import type { FoundGrid } from '../survey/find-grids';
import { linesOf, specLines } from '../survey/lines';
import { causesOf, causeText, type Lines, offGrid, type OffEdge } from '../survey/off';
import { ON_LINE } from '../survey/score';
import type { Screen } from '../survey/screens';
import { foundByWidth, gridsTogether } from '../survey/together';
import { verticalsOf } from '../survey/verticals';

type Options = { against?: Spec; tolerance?: number };

/**
 * A survey as `ypsiline survey --json` answers it: the grids on which the screens of each width may have been drawn, the
 * best first, or, against a spec, its own; what is off; the unit down the pages. Lengths are exact.
 */
export function surveyReport(screens: readonly Screen[], { against, tolerance = ON_LINE }: Options = {}) {
  const found = against ? null : foundByWidth(screens);
  const together = found && gridsTogether(screens, found);
  const widths = [...new Set(screens.map(({ width }) => width))].sort((a, b) => a - b);
  const grids = widths.flatMap((width, index) => {
    const ofWidth = screens.filter((screen) => screen.width === width);
    if (against) return [specGrid(against, ofWidth, width, tolerance)];
    const best = together?.grids[index];
    const others = found!.get(width)!.filter((grid) => grid !== best);
    return [
      ...(best ? [foundGrid(best, ofWidth, tolerance, together.outer)] : []),
      ...others.map((grid) => foundGrid(grid, ofWidth, tolerance, 'none')),
    ];
  });
  const { unit, offset, explained, distances } = verticalsOf(screens);
  return {
    grids,
    verticals: {
      unit: unit === null ? null : exact(unit),
      offset: exact(offset),
      explained: rounded(explained),
      distances: distances.map(({ px: distance, times }) => ({ px: exact(distance), times })),
    },
  };
}

function foundGrid(grid: FoundGrid, screens: readonly Screen[], tolerance: number, outer: 'none' | 'half') {
  const { width, count, alsoFits, explained, isSure } = grid;
  const [first, last, gutter] = [grid.start, grid.end, grid.gutter].map(decimalPx) as [Px, Px, Px];
  const column = last
    .sub(first)
    .sub(gutter.mul(count - 1))
    .div(count);
  const inset = outer === 'half' ? gutter.div(2) : ZERO;
  const [start, end] = [first.sub(inset), last.add(inset)];
  const container = end.sub(start);
  return {
    width,
    count,
    gutter: exactText(gutter),
    column: exactText(column),
    marginStart: exactText(start),
    marginEnd: exactText(px(width).sub(end)),
    container: exactText(container),
    outer,
    explained: rounded(explained),
    sure: isSure as boolean | null,
    ...against(screens, linesOf(grid, width), tolerance),
    alsoFits,
  };
}

function specGrid(spec: Spec, screens: readonly Screen[], width: number, tolerance: number) {
  const breakpoint = breakpointAt(spec, width);
  const { count, gutter, column, marginStart, marginEnd, container } = columnsAt(spec, breakpoint, width);
  const held = against(screens, specLines(spec, width), tolerance);
  return {
    width,
    breakpoint: breakpoint.id,
    count,
    gutter: exactText(gutter),
    column: exactText(column),
    marginStart: exactText(marginStart),
    marginEnd: exactText(marginEnd),
    container: exactText(container),
    outer: breakpoint.columns.outer,
    explained: rounded(held.edges === 0 ? 0 : held.on / held.edges),
    // it was given, not found
    sure: null as boolean | null,
    ...held,
    alsoFits: [],
  };
}

/** What is off on screens of one width, and how many edges were held against the lines. */
function against(screens: readonly Screen[], lines: Lines, tolerance: number) {
  const each = screens.map((screen) => offGrid(screen, lines, tolerance));
  const slips = each.flatMap((off) => off.slips);
  return {
    edges: each.reduce((sum, off) => sum + off.edges, 0),
    on: each.reduce((sum, off) => sum + off.on, 0),
    off: slips.map(offEdge),
    causes: causesOf(slips).map((cause) => causeText(cause)),
    leaving: each.flatMap((off) => off.leaving).map(offEdge),
  };
}

function offEdge({ screen, box, side, at, nearest, by }: OffEdge) {
  return { screen, box, side, at: exact(at), nearest: exact(nearest), by: exact(by) };
}

/** A measured length: browsers hold 64ths, and nothing finer was measured. */
function decimalPx(length: number): Px {
  return px(String(Math.round(length * 64) / 64));
}

function exact(length: number): string {
  const nearest = Math.round(length * 64) / 64;
  // most are whole; a survey may name tens of thousands
  return Number.isInteger(nearest) ? String(nearest) : exactText(px(String(nearest)));
}

function rounded(share: number): number {
  return Math.round(share * 1000) / 1000;
}
