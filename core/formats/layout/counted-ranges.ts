import { columnsAt } from '../../columns/columns-at';
import { byWidth, rangeEnd } from '../../spec/ranges';
import type { Breakpoint, Spec } from '../../spec/schema';

/** A range in which a breakpoint has one count of columns. */
export type CountedRange = { breakpoint: Breakpoint; query: string; count: number };

/** Where columns are counted by their room, counts are followed up to this width; the last goes on. */
const WIDEST = 3840;

/** The ranges of a spec, from the narrowest; one whose columns are counted by their room is split where the count changes. */
export function countedRanges(spec: Spec): CountedRange[] {
  return byWidth(spec.breakpoints).flatMap((breakpoint, index) => {
    const end = rangeEnd(spec, breakpoint);
    const starts = breakpoint.columns.count === 'auto' ? countStarts(spec, breakpoint, end ?? WIDEST) : [];
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

/** Media Queries 4, range syntax: leaves no gap between 599 and 600 on zoomed screens. */
function queryOf(from: number | null, end: number | null): string {
  if (end === null) return from === null ? 'all' : `(width >= ${from}px)`;
  return from === null ? `(width < ${end}px)` : `(${from}px <= width < ${end}px)`;
}
