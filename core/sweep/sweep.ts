import { columnsAt } from '../columns/columns-at';
import { solveColumns } from '../columns/solve';
import type { Px } from '../length/px';
import { byWidth, rangeEnd } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { type Linear } from './linear';
import { evenPieces, heldPieces, isEven, type Piece } from './pieces';
import { commonDenominator, NotExact, scale, scaledNumbers, scaledRule, sharedDenominator } from './scaled';

/** Device pixels to a CSS px that screens have; each is a fraction p / q. */
export const RATIOS = [
  { name: '1×', p: 1, q: 1 },
  { name: '1.25×', p: 5, q: 4 },
  { name: '1.5×', p: 3, q: 2 },
  { name: '2×', p: 2, q: 1 },
  { name: '3×', p: 3, q: 1 },
] as const;

export const NARROWEST_SWEPT = 240;
export const WIDEST_SWEPT = 3840;

/** What a sweep says of each width, from `from` on; lengths in px as numbers for drawing, wholeness exact. */
export type Sweep = {
  from: number;
  to: number;
  /** Place of the breakpoint that applies, in order of width. */
  breakpoint: Uint8Array;
  count: Uint8Array;
  column: Float64Array;
  gutter: Float64Array;
  inset: Float64Array;
  marginStart: Float64Array;
  marginEnd: Float64Array;
  container: Float64Array;
  /** Bit k: the column is a whole number of device pixels at RATIOS[k]; bit k + 5: every column edge is. */
  whole: Uint16Array;
};

/** Is the column whole at a ratio (by its place in RATIOS)? */
export const columnIsWhole = (sweep: Sweep, index: number, ratio = 0): boolean =>
  ((sweep.whole[index]! >> ratio) & 1) === 1;
/** Is every column edge? */
export const edgesAreWhole = (sweep: Sweep, index: number, ratio = 0): boolean =>
  ((sweep.whole[index]! >> (ratio + RATIOS.length)) & 1) === 1;

/** The part of a range of widths to which each breakpoint applies. */
export function sweptRanges(
  spec: Spec,
  from: number,
  to: number,
): { breakpoint: Breakpoint; place: number; from: number; to: number }[] {
  return byWidth(spec.breakpoints)
    .map((breakpoint, place) => ({
      breakpoint,
      place,
      // below the first breakpoint, the first applies
      from: place === 0 ? from : Math.max(from, breakpoint.from),
      to: Math.min(to, (rangeEnd(spec, breakpoint) ?? Infinity) - 1),
    }))
    .filter((range) => range.from <= range.to);
}

/**
 * Solves every whole viewport width from one to another, in integers over a common denominator.
 *
 *     const sweep = sweepWidths(spec, 240, 3840);
 *     columnIsWhole(sweep, 388 - 240)   // true for 4 columns, gutters and margins of 16
 */
export function sweepWidths(spec: Spec, from: number, to: number): Sweep {
  const length = to - from + 1;
  const lengths = (): Float64Array => new Float64Array(length);
  const sweep: Sweep = {
    from,
    to,
    breakpoint: new Uint8Array(length),
    count: new Uint8Array(length),
    column: lengths(),
    gutter: lengths(),
    inset: lengths(),
    marginStart: lengths(),
    marginEnd: lengths(),
    container: lengths(),
    whole: new Uint16Array(length),
  };
  for (const range of sweptRanges(spec, from, to)) {
    sweep.breakpoint.fill(range.place, range.from - from, range.to - from + 1);
    if (isEven(range.breakpoint.columns)) {
      for (const piece of evenPieces(spec, range.breakpoint, range.from, range.to))
        sweepEvenly(sweep, spec, range.breakpoint, piece);
    } else sweepUnevenly(sweep, spec, range);
  }
  return sweep;
}

/** Up to here a table of a few px in 1/denominator px is small, and the widest screen a safe integer. Beyond it fractions are used. */
const MOST_DENOMINATOR = 1_000_000;

const PARTS = ['column', 'gutter', 'inset', 'marginStart', 'marginEnd', 'container'] as const;
/** What is worked out at every width, and is not kept: the panel before the columns. */
const SOLVED = [...PARTS, 'frameStart'] as const;
type Parts<T> = Record<(typeof SOLVED)[number], T> & { count: number };

/** Every part is slope · width + base: two additions a width. */
function sweepEvenly(sweep: Sweep, spec: Spec, breakpoint: Breakpoint, { from, to, solution }: Piece): void {
  const denominator = sharedDenominator(SOLVED.flatMap((part) => [solution[part].slope.d, solution[part].base.d]));
  if (denominator > MOST_DENOMINATOR) return sweepExactly(sweep, spec, breakpoint, from, to);
  const scaled = (length: Linear): [number, number] => [
    scale(length.slope, denominator),
    scale(length.base, denominator),
  ];
  const [[columnSlope, columnBase], [gutterSlope, gutterBase], [insetSlope, insetBase]] = [
    scaled(solution.column),
    scaled(solution.gutter),
    scaled(solution.inset),
  ];
  const [[startSlope, startBase], [endSlope, endBase], [containerSlope, containerBase]] = [
    scaled(solution.marginStart),
    scaled(solution.marginEnd),
    scaled(solution.container),
  ];
  const { count } = solution;
  const { column, gutter, inset, marginStart, marginEnd, container, whole } = sweep;
  const { period, bitsOf } = wholeness(denominator);
  const columnRest = rests(columnSlope, columnBase, from, period);
  const gutterRest = count > 1 ? rests(gutterSlope, gutterBase, from, period) : rests(0, 0, from, period);
  const [panelSlope, panelBase] = scaled(solution.frameStart);
  const edgeRest = rests(panelSlope + startSlope + insetSlope, panelBase + startBase + insetBase, from, period);
  for (let width = from; width <= to; width++) {
    const index = width - sweep.from;
    column[index] = (columnSlope * width + columnBase) / denominator;
    gutter[index] = (gutterSlope * width + gutterBase) / denominator;
    inset[index] = (insetSlope * width + insetBase) / denominator;
    marginStart[index] = (startSlope * width + startBase) / denominator;
    marginEnd[index] = (endSlope * width + endBase) / denominator;
    container[index] = (containerSlope * width + containerBase) / denominator;
    const bits = bitsOf[columnRest.rest]!;
    if (bits !== 0) whole[index] = bits | ((bits & bitsOf[gutterRest.rest]! & bitsOf[edgeRest.rest]!) << RATIOS.length);
    advance(columnRest, period);
    advance(gutterRest, period);
    advance(edgeRest, period);
  }
  sweep.count.fill(count, from - sweep.from, to - sweep.from + 1);
}

/** What is left of slope · width + base after whole periods, kept up to date from width to width without dividing. */
type Rest = { rest: number; step: number };

function rests(slope: number, base: number, width: number, period: number): Rest {
  const modulo = (number: number): number => ((number % period) + period) % period;
  return { rest: modulo(slope * width + base), step: modulo(slope) };
}

function advance(rest: Rest, period: number): void {
  const next = rest.rest + rest.step;
  rest.rest = next >= period ? next - period : next;
}

function sweepUnevenly(
  sweep: Sweep,
  spec: Spec,
  { breakpoint, from, to }: { breakpoint: Breakpoint; from: number; to: number },
): void {
  for (const piece of heldPieces(spec, breakpoint, from, to)) {
    const denominator = commonDenominator(piece.rule);
    if (denominator > MOST_DENOMINATOR) {
      sweepExactly(sweep, spec, breakpoint, piece.from, piece.to);
      continue;
    }
    const [numbers, ruleAt, isWhole] = [
      scaledNumbers(denominator),
      scaledRule(piece.rule, denominator),
      wholeness(denominator),
    ];
    for (let width = piece.from; width <= piece.to; width++) {
      try {
        put(sweep, width, solveColumns(numbers, ruleAt(width)), denominator, isWhole);
      } catch (error) {
        if (!(error instanceof NotExact)) throw error;
        putExactly(sweep, width, columnsAt(spec, breakpoint, width));
      }
    }
  }
}

function put(sweep: Sweep, width: number, solution: Parts<number>, denominator: number, isWhole: Wholeness): void {
  const index = width - sweep.from;
  const { count, column, gutter, inset, marginStart, frameStart } = solution;
  sweep.count[index] = count;
  for (const part of PARTS) sweep[part][index] = solution[part] / denominator;
  sweep.whole[index] = wholeBits(isWhole, column, count > 1 ? gutter : 0, frameStart + marginStart + inset);
}

function sweepExactly(sweep: Sweep, spec: Spec, breakpoint: Breakpoint, from: number, to: number): void {
  for (let width = from; width <= to; width++) putExactly(sweep, width, columnsAt(spec, breakpoint, width));
}

function putExactly(sweep: Sweep, width: number, solution: Parts<Px>): void {
  const index = width - sweep.from;
  const { count, column, gutter, inset, marginStart, frameStart } = solution;
  sweep.count[index] = count;
  for (const part of PARTS) sweep[part][index] = solution[part].valueOf();
  RATIOS.forEach(({ p, q }, ratio) => {
    const isWhole = (length: Px): boolean => length.mul(p).div(q).d === 1n;
    if (!isWhole(column)) return;
    sweep.whole[index]! |= 1 << ratio;
    if ((count === 1 || isWhole(gutter)) && isWhole(frameStart.add(marginStart).add(inset)))
      sweep.whole[index]! |= 1 << (ratio + RATIOS.length);
  });
}

/** Whole numbers of device pixels at every ratio recur after this many px: the least common multiple of the q of RATIOS. */
const RECURS = 4;

/** At which of RATIOS a length is whole, a bit for each, by what is left of its count of 1/denominator px after whole periods. */
type Wholeness = { period: number; bitsOf: Uint8Array };

function wholeness(denominator: number): Wholeness {
  const period = denominator * RECURS;
  const bitsOf = new Uint8Array(period);
  // only multiples of 1/3 px can be whole at 3 device pixels, of 1/2 px at 2, and so on: few of them, found directly
  RATIOS.forEach(({ p, q }, ratio) => {
    for (let times = 0; times * denominator * q < period * p; times++) {
      const rest = (times * denominator * q) / p;
      if (Number.isInteger(rest)) bitsOf[rest]! |= 1 << ratio;
    }
  });
  return { period, bitsOf };
}

/** Every edge is whole where the first one, the column and the gutter are. */
function wholeBits({ period, bitsOf }: Wholeness, column: number, gutter: number, firstEdge: number): number {
  const bitsAt = (length: number): number => bitsOf[((length % period) + period) % period]!;
  const bits = bitsAt(column);
  return bits === 0 ? 0 : bits | ((bits & bitsAt(gutter) & bitsAt(firstEdge)) << RATIOS.length);
}
