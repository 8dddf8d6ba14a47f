import { columnsAt } from '../../columns/columns-at';
import { byWidth, rangeEnd } from '../../spec/ranges';
import type { Breakpoint, Spec } from '../../spec/schema';
import { WIDEST_SWEPT } from '../../sweep/sweep';
import { queryOf } from '../grid-css/grid-css';

/** A range in which a breakpoint has one count of columns. */
export type CountedRange = { breakpoint: Breakpoint; query: string; count: number };

/**
 * The ranges of a spec, from the narrowest; one whose columns are counted by their room is split where the count changes, as
 * far as widths are swept; the last count goes on.
 */
export function countedRanges(spec: Spec): CountedRange[] {
  return byWidth(spec.breakpoints).flatMap((breakpoint, index) => {
    const end = rangeEnd(spec, breakpoint);
    const starts = breakpoint.columns.count === 'auto' ? countStarts(spec, breakpoint, end ?? WIDEST_SWEPT) : [];
    const { count } = columnsAt(spec, breakpoint);
    if (starts.length === 0) return [{ breakpoint, query: queryOf(index === 0 ? null : breakpoint.from, end), count }];
    return starts.map(([from, own], place) => ({
      breakpoint,
      query: queryOf(index === 0 && place === 0 ? null : from, starts[place + 1]?.[0] ?? end),
      count: own,
    }));
  });
}

/** The widths at which a count begins. */
function countStarts(spec: Spec, breakpoint: Breakpoint, end: number): [from: number, count: number][] {
  const starts: [number, number][] = [];
  for (let width = Math.max(1, breakpoint.from); width < end; width++) {
    const { count } = columnsAt(spec, breakpoint, width);
    if (starts.at(-1)?.[1] !== count) starts.push([width, count]);
  }
  return starts;
}
