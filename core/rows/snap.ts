import { baselineAt, firstLine, type SolvedBaseline } from '../baseline/baseline-at';
import { type SolvedColumns, widthSegments } from '../columns/columns-at';
import { type Px, px, roundHalfUp, ZERO } from '../length/px';
import { guidesAt, type SolvedGuide } from '../overlay/guides';
import type { Breakpoint, Spec } from '../spec/schema';
import { firstHead, rowsAt, type SolvedRows } from './rows-at';

/** An edge of a grid by its name, such as "the start of column 3". */
export type NamedEdge = { at: Px; name: string };

/** The nearest of some edges; null where there are none. */
function nearest(at: Px, edges: NamedEdge[]): NamedEdge | null {
  return edges.reduce<NamedEdge | null>(
    (best, edge) => (best === null || away(edge, at).compare(away(best, at)) < 0 ? edge : best),
    null,
  );
}

function away(edge: NamedEdge, at: Px): Px {
  return edge.at.sub(at).abs();
}

/** The column or screen edge nearest to a place across the screen. */
export function edgeAcross(at: Px, columns: SolvedColumns, guides: readonly SolvedGuide[] = []): NamedEdge {
  const edges = widthSegments(columns)
    .filter(({ part }) => part === 'column')
    .flatMap(({ number, start, end }) => [
      { at: start, name: `the start of column ${number}` },
      { at: end, name: `the end of column ${number}` },
    ]);
  const screen = [
    { at: ZERO, name: 'the screen’s start' },
    { at: columns.viewport, name: 'the screen’s end' },
  ];
  return nearest(at, [...edges, ...screen, ...guideEdges(guides, 'x')])!;
}

/** What lies down a page that edges are taken from. */
export type Grids = { rows: SolvedRows | null; baseline: SolvedBaseline | null; guides: SolvedGuide[]; page: Px };

/** Rows and baselines of a breakpoint on a page of a height, at a viewport width. */
export function gridsDown(spec: Spec, breakpoint: Breakpoint, page: number, width: Px): Grids {
  return {
    rows: rowsAt(spec, breakpoint, page, width),
    baseline: baselineAt(spec, breakpoint, page, width),
    guides: guidesAt(spec, breakpoint, width, page),
    page: px(page),
  };
}

/**
 * The row edge, baseline or page edge nearest to a place down the page.
 *
 *     edgeDown(px(23), { rows: bands, baseline: null, page: px(844) })   // { at: 24, name: "the foot of row 2" }
 */
export function edgeDown(at: Px, { rows, baseline, guides, page }: Grids): NamedEdge {
  const ends = [
    { at: ZERO, name: 'the top' },
    { at: page, name: 'the foot of the page' },
  ];
  return nearest(at, [
    ...(rows ? rowEdgesAround(rows, at) : []),
    ...ends,
    ...guideEdges(guides, 'y'),
    ...(baseline ? linesAround(baseline, at) : []),
  ])!;
}

function guideEdges(guides: readonly SolvedGuide[], axis: SolvedGuide['axis']): NamedEdge[] {
  return guides.flatMap(({ name, axis: own, at }) => (own === axis ? [{ at, name: `the guide ${name}` }] : []));
}

/** A place, drawn to an edge within reach; otherwise the nearest whole px. */
export function snapped(at: Px, edge: NamedEdge, reach: Px): Px {
  return away(edge, at).compare(reach) <= 0 ? edge.at : roundHalfUp(at);
}

function rowEdgesAround(rows: SolvedRows, at: Px): NamedEdge[] {
  const { height, gap, count } = rows;
  const offset = firstHead(rows);
  const step = height.add(gap);
  if (step.compare(ZERO) <= 0) return [];
  const index = Math.min(count - 1, Math.max(0, at.sub(offset).div(step).floor().valueOf()));
  return [index, index + 1]
    .filter((row) => row < count)
    .flatMap((row) => {
      const top = offset.add(step.mul(row));
      return [
        { at: top, name: `the head of row ${row + 1}` },
        { at: top.add(height), name: `the foot of row ${row + 1}` },
      ];
    });
}

function linesAround(baseline: SolvedBaseline, at: Px): NamedEdge[] {
  const { step } = baseline;
  const offset = firstLine(baseline);
  if (step.compare(ZERO) <= 0) return [];
  const number = roundHalfUp(at.sub(offset).div(step));
  const line = offset.add(step.mul(number));
  return line.compare(px(0)) < 0 ? [] : [{ at: line, name: `baseline ${number.valueOf() + 1}` }];
}
