import { type ColumnRule, isPair } from '../columns/column-rule';
import { columnRule } from '../columns/read-rule';
import { isGrowing } from '../length/growing';
import { type ColumnSolution, solveColumns } from '../columns/solve';
import type { Breakpoint, Columns, Spec } from '../spec/schema';
import { CrossesWithin, type Linear, linearNumbers, linearReader } from './linear';

/** Viewport widths, whole px, both ends included, in which everything about a breakpoint's columns changes evenly. */
export type Piece = { from: number; to: number; solution: ColumnSolution<Linear> };

/** The same, where the held lengths change evenly but rounding or counting does not. */
export type UnevenPiece = { from: number; to: number; rule: ColumnRule<Linear> };

/** Are the columns solved without rounding and counting, so that they change evenly? */
export function isEven({ whole, count, column }: Columns): boolean {
  return count !== 'auto' && (whole === 'no' || column !== 'auto');
}

/**
 * A range of widths cut where a growing length begins or ends, and where a container reaches its greatest width. Within
 * each piece the column equation is solved once, as slope · width + base.
 *
 *     evenPieces(spec, capped, 1200, 1920)   // 1200–1632: the column grows; 1633–1920: it stays
 */
export function evenPieces(spec: Spec, breakpoint: Breakpoint, from: number, to: number): Piece[] {
  return heldPieces(spec, breakpoint, from, to).flatMap((piece) => solved(piece));
}

/** The range cut only where held lengths stop changing evenly; the rule is read, not solved. */
export function heldPieces(spec: Spec, breakpoint: Breakpoint, from: number, to: number): UnevenPiece[] {
  const ends = [...new Set(growthBounds(breakpoint).map(Math.floor))]
    .filter((bound) => bound >= from && bound < to)
    .sort((a, b) => a - b);
  const read = (start: number, end: number): UnevenPiece[] =>
    uncrossed(start, end, read, () => [
      { from: start, to: end, rule: columnRule(breakpoint.columns, linearReader(spec, breakpoint, start, end)) },
    ]);
  return [...ends, to].flatMap((end, index) => read(index === 0 ? from : ends[index - 1]! + 1, end));
}

/** What holds in a range of widths; where two lengths change places in it, of both parts. */
function uncrossed<Found>(
  from: number,
  to: number,
  part: (from: number, to: number) => Found[],
  work: () => Found[],
): Found[] {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof CrossesWithin)) throw error;
    const cut = error.width.floor().valueOf();
    return [...part(from, cut), ...part(cut + 1, to)];
  }
}

function solved({ from, to, rule }: UnevenPiece): Piece[] {
  const part = (start: number, end: number): Piece[] => solved({ from: start, to: end, rule });
  return uncrossed(from, to, part, () => [{ from, to, solution: solveColumns(linearNumbers(from, to), rule) }]);
}

function growthBounds({ columns: { gutter, margin, container }, frame }: Breakpoint): number[] {
  const margins = isPair(margin) ? [margin.start, margin.end] : [margin];
  return [gutter, container, ...margins, frame?.start, frame?.end].flatMap((value) =>
    isGrowing(value) ? value.over : [],
  );
}
