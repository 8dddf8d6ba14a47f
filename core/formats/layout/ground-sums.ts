import type Fraction from 'fraction.js';
import type { Page } from '../../layouts/block-edges';
import { countableBase } from '../../layouts/row-frames';
import { px } from '../../length/px';
import type { Breakpoint, Spec } from '../../spec/schema';
import { totalOf, cssNumbers, type CssSum, NO_SUM } from '../grid-css/css-numbers';
import { cssReader } from '../grid-css/css-reader';
import { repeated } from '../../columns/numbers';
import { columnSums } from '../grid-css/range-properties';
import { type Length, rowSums } from '../grid-css/row-properties';

/** Rows that are counted down a page, as sums for the browser. */
export type RowUnit = { offset: CssSum; height: CssSum; gap: CssSum };

/** What blocks stand on across the page, and lengths that a document gives, in the width’s unit. */
type Across = Page<CssSum>;

/** What a page stands on in one range, as sums for the browser; the same formulas as in `solveLayout`. */
export type GroundSums = {
  spec: Spec;
  breakpoint: Breakpoint;
  /** The columns, from the edge of the container; and where that and the screen end. */
  across: Across;
  /** Do rows go on through all sections? */
  goOn: boolean;
  content: RowUnit;
  screen: RowUnit;
  screenHeight: CssSum;
  /** A baseline step where one stands, else a base unit; and a base unit. */
  line: CssSum;
  base: CssSum;
};

/** What a page stands on at a breakpoint that has so many columns. */
export function groundSums(spec: Spec, breakpoint: Breakpoint, count: number): GroundSums {
  const isCounted = breakpoint.columns.count === 'auto';
  const { column, gutter, inset, marginStart, marginEnd } = columnSums(
    spec,
    breakpoint,
    'cqi',
    isCounted ? count : undefined,
  );
  const { length } = cssReader(spec, breakpoint, 'cqi');
  const { length: high } = cssReader(spec, breakpoint, 'vh');
  const { add, sub } = cssNumbers;
  const start = (index: number): CssSum => add(inset, times(add(column, gutter), index - 1));
  const end = (index: number): CssSum => add(start(index), column);
  const container: [CssSum, CssSum] = [NO_SUM, add(end(count), inset)];
  const across: Across = {
    tracks: { count, column, start, end },
    container,
    room: [sub(NO_SUM, marginStart), add(container[1], marginEnd)],
    length,
  };
  const lines = baselineUnit(spec, breakpoint, high);
  const base = cssNumbers.exact(countableBase(spec));
  const page = { spec, breakpoint, across, line: lines.height, base };
  const sums = breakpoint.rows
    ? rowSums(breakpoint.rows, high, breakpoint.baseline && { step: lines.height, offset: lines.offset }, () => ({
        column,
        gutter,
      }))
    : {};
  const rows = 'row-height' in sums ? unitOf(sums) : null;
  if (breakpoint.rows?.rule === 'divide')
    return { ...page, goOn: false, content: lines, screen: rows ?? lines, screenHeight: sums['screen']! };
  const even = rows ?? lines;
  return { ...page, goOn: true, content: even, screen: even, screenHeight: high('100%') };
}

function unitOf(sums: Record<string, CssSum>): RowUnit {
  return { offset: sums['row-offset'] ?? NO_SUM, height: sums['row-height']!, gap: sums['row-gap'] ?? NO_SUM };
}

/** Baselines as rows without gaps, else base units; px where that is 0. */
function baselineUnit(spec: Spec, { baseline }: Breakpoint, length: Length): RowUnit {
  if (baseline) return { offset: length(baseline.offset), height: length(baseline.step), gap: NO_SUM };
  return { offset: NO_SUM, height: cssNumbers.exact(countableBase(spec)), gap: NO_SUM };
}

/** Rows with the gaps between them; 0 for none. */
export function stackSum({ height, gap }: RowUnit, rows: number): CssSum {
  return repeated(height, gap, rows, cssNumbers);
}

/** A multiple of a sum. */
export function times(sum: CssSum, factor: number | Fraction): CssSum {
  return cssNumbers.times(sum, px(factor));
}

/** The sum of sums. */
export function total(...sums: CssSum[]): CssSum {
  return totalOf(sums);
}
