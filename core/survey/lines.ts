import { columnEdges, columnsAt } from '../columns/columns-at';
import { breakpointAt } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import type { Lines } from './off';
import type { Lattice } from './score';

/** The lines of a grid that was found. */
export function linesOf({ start, end, count, gutter }: Lattice, width: number): Lines {
  const period = (end - start + gutter) / count;
  const each = Array.from({ length: count }, (_, index) => start + index * period);
  return { starts: each, ends: each.map((at) => at + period - gutter), width };
}

/** The lines of a spec’s grid at a width. */
export function specLines(spec: Spec, width: number): Lines {
  const edges = columnEdges(columnsAt(spec, breakpointAt(spec, width), width));
  return { starts: edges.map(([start]) => start.valueOf()), ends: edges.map(([, end]) => end.valueOf()), width };
}
