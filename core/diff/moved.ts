import { containerEdges, columnEdges, columnsAt, type SolvedColumns } from '../columns/columns-at';
import { solveLayout } from '../layouts/solve-layout';
import type { Px } from '../length/px';
import { breakpointAt } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** An edge of the grid in two documents; null where there was, or is, none. */
export type MovedEdge = { name: string; before: Px | null; after: Px | null };

/** Two documents at one viewport width. */
export type SideBySide = {
  before: { breakpoint: Breakpoint; columns: SolvedColumns };
  after: { breakpoint: Breakpoint; columns: SolvedColumns };
  /** The edges that stand elsewhere, from the start of the screen. */
  moved: MovedEdge[];
};

function edgesOf(columns: SolvedColumns): Map<string, Px> {
  const [containerStart, containerEnd] = containerEdges(columns);
  return new Map<string, Px>([
    ['container, start', containerStart],
    ...columnEdges(columns).flatMap(([start, end], index): [string, Px][] => [
      [`column ${index + 1}, start`, start],
      [`column ${index + 1}, end`, end],
    ]),
    ['container, end', containerEnd],
  ]);
}

/**
 * The columns of two documents at a viewport width, and every edge that stands elsewhere.
 *
 *     movedAt(old, new, 1512).moved[0]   // { name: "container, start", before: 108, after: 100 }
 */
export function movedAt(before: Spec, after: Spec, width: number): SideBySide {
  const at = (spec: Spec) => {
    const breakpoint = breakpointAt(spec, width);
    return { breakpoint, columns: columnsAt(spec, breakpoint, width) };
  };
  const [was, is] = [at(before), at(after)];
  const [old, now] = [edgesOf(was.columns), edgesOf(is.columns)];
  const moved = [...new Set([...old.keys(), ...now.keys()])]
    .map((name) => ({ name, before: old.get(name) ?? null, after: now.get(name) ?? null }))
    .filter((edge) => edge.before === null || edge.after === null || !edge.before.equals(edge.after));
  return { before: was, after: is, moved };
}

/** A block of a trial layout in two documents, at one width, in px. */
export type MovedBlock = { name: string; before: Box | null; after: Box | null };
type Box = { x: number; y: number; width: number; height: number };

/** The blocks of a layout of two documents at a viewport width, and which of them moved or grew. */
export function movedBlocks(
  before: Spec,
  after: Spec,
  layoutId: string,
  width: number,
): { blocks: MovedBlock[]; height: number } {
  const boxes = (spec: Spec): { at: Map<string, Box & { name: string }>; height: number } => {
    const layout = spec.layouts.find(({ id }) => id === layoutId);
    if (!layout) return { at: new Map(), height: 0 };
    const solved = solveLayout(spec, layout, width);
    const at = solved.blocks.map(({ id, x, y, width: wide, height, placed }): [string, Box & { name: string }] => [
      id,
      { name: placed.block.name, x: x.valueOf(), y: y.valueOf(), width: wide.valueOf(), height: height.valueOf() },
    ]);
    return { at: new Map(at), height: solved.height.valueOf() };
  };
  const [was, is] = [boxes(before), boxes(after)];
  const blocks = [...new Set([...was.at.keys(), ...is.at.keys()])].map((id) => {
    const [old, now] = [was.at.get(id) ?? null, is.at.get(id) ?? null];
    return { name: (now ?? old)!.name, before: old, after: now };
  });
  return { blocks, height: Math.max(was.height, is.height) };
}
