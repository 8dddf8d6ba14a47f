import { columnsAt } from '../../columns/columns-at';
import { breakpointIn, specOfSection } from '../../layouts/section-grid';
import { byWidth, rangeEnd } from '../../spec/ranges';
import type { Breakpoint, Spec } from '../../spec/schema';
import { WIDEST_SWEPT } from '../../sweep/sweep';
import { queryOf } from '../grid-css/grid-css';

/** A range in which a breakpoint has one count of columns. */
export type CountedRange = {
  breakpoint: Breakpoint;
  query: string;
  count: number;
  /** One of its widths. */ width: number;
};

/**
 * The ranges of a spec, from the narrowest; one whose columns are counted by their room is split where the count changes, as
 * far as widths are swept; the last count goes on.
 */
export function countedRanges(spec: Spec): CountedRange[] {
  return byWidth(spec.breakpoints).flatMap((breakpoint, index) => {
    const end = rangeEnd(spec, breakpoint);
    const starts = countStarts(spec, breakpoint, end ?? WIDEST_SWEPT);
    const { count } = columnsAt(spec, breakpoint);
    const { width } = breakpoint.reference;
    if (starts.length === 0)
      return [{ breakpoint, query: queryOf(index === 0 ? null : breakpoint.from, end), count, width }];
    return starts.map(([from, own], place) => ({
      breakpoint,
      query: queryOf(index === 0 && place === 0 ? null : from, starts[place + 1]?.[0] ?? end),
      count: own,
      width: from,
    }));
  });
}

/** The widths at which a count begins, of the main grid or of one that a section stands on, with that of the main one; none where all of them stay. */
function countStarts(spec: Spec, breakpoint: Breakpoint, end: number): [from: number, count: number][] {
  const used = new Set(spec.layouts.flatMap(({ sections }) => sections.map(({ grid }) => grid)));
  const grids = [...used].map((grid) => specOfSection(spec, grid === undefined ? {} : { grid }));
  const counted = [...new Set([spec, ...grids])]
    .map((own) => ({ own, at: breakpointIn(own, breakpoint.id) }))
    .filter(({ at }) => at.columns.count === 'auto');
  if (counted.length === 0) return [];
  const starts: [number, number][] = [];
  let last = '';
  for (let width = Math.max(1, breakpoint.from); width < end; width++) {
    const key = counted.map(({ own, at }) => columnsAt(own, at, width).count).join(' ');
    if (key !== last) starts.push([width, columnsAt(spec, breakpoint, width).count]);
    last = key;
  }
  return starts;
}
