import { ratioOf } from '../../length/ratio';
import { px } from '../../length/px';
import { repeated } from '../../columns/numbers';
import { givenHeight, type HeightFrom, type Lines } from '../../layouts/height-law';
import { beginsWithLine, isTrimmable, mainStyle } from '../../spec/block-kinds';
import type { Placed } from '../../layouts/placements';
import type { Holds, Leaving } from '../../spec/schema';
import { cssNumbers, type CssSum, NO_SUM } from '../grid-css/css-numbers';
import { type LineSums, lineSums } from '../grid-css/type-css';
import { type ColumnUnit, type GroundSums, type RowUnit, stackSum, times, total } from './ground-sums';

/** The columns of the grid that a block’s area takes, and what of it the block leaves out, or goes beyond it. */
export type Across = { from: number; to: number; marginStart: CssSum; marginEnd: CssSum; width: CssSum };

/** A block across the page: on whole columns, with margins where its edges are off their lines. */
export function acrossSums(
  { columns: [first, last], leaves }: Placed,
  columns: ColumnUnit,
  ground: GroundSums,
): Across {
  const { count, column, gutter, cut } = columns;
  const { add, sub } = cssNumbers;
  const [begins, ends] = [Math.max(1, Math.floor(first)), Math.max(Math.ceil(last), Math.floor(first))];
  const [from, to] = [Math.min(count, begins), Math.min(count, ends)];
  const step = add(column, gutter);
  // what goes past the last column, which is a finding, is drawn past it
  const [late, past] = [begins - from, ends - to];
  const inner = {
    start: sub(
      total(times(column, px(first).sub(begins)), times(step, late)),
      late > 0 && from === 1 ? cut.start : NO_SUM,
    ),
    end: sub(
      times(column, px(ends).sub(px(last))),
      total(times(step, past), past > 0 ? cut.end : within(columns, ends, last)),
    ),
  };
  const margin = (side: Leaving['side']): CssSum => {
    const leaving = leaves.find((each) => each.side === side);
    const outside = side === 'start' ? from - 1 : count - to;
    return leaving ? sub(inner[side], beyondOf(leaving, columns, ground, outside, inner[side])) : inner[side];
  };
  const [marginStart, marginEnd] = [margin('start'), margin('end')];
  return { from, to, marginStart, marginEnd, width: sub(areaSum(columns, from, to), add(marginStart, marginEnd)) };
}

/** What the first and the last column lack, for an edge that is a share of a column from where its column begins. */
function within({ count, cut }: ColumnUnit, column: number, last: number): CssSum {
  if (column === last) return NO_SUM;
  return total(column === 1 ? cut.start : NO_SUM, column === count ? cut.end : NO_SUM);
}

/** How far an edge goes beyond its column line. */
function beyondOf(
  { side, to }: Leaving,
  columns: ColumnUnit,
  { length }: GroundSums,
  outside: number,
  inner: CssSum,
): CssSum {
  const toContainer = cssNumbers.add(outsideSum(columns, side, outside), inner);
  if (to === 'margin') return toContainer;
  if (to === 'screen') return cssNumbers.add(toContainer, columns.toScreen[side]);
  return typeof to === 'object' && 'ofColumn' in to ? times(columns.column, ratioOf(to.ofColumn)) : length(to);
}

/** From a line out to the edge of the container, past so many columns. */
export function outsideSum({ column, gutter, cut, inset }: ColumnUnit, side: Leaving['side'], outside: number): CssSum {
  if (outside === 0) return inset;
  return cssNumbers.sub(total(inset, times(cssNumbers.add(column, gutter), outside)), cut[side]);
}

/** The area from one column to another. */
export function areaSum(columns: ColumnUnit, from: number, to: number): CssSum {
  const { sub } = cssNumbers;
  const whole = repeated(columns.column, columns.gutter, to - from + 1, cssNumbers);
  const fromFirst = from === 1 ? sub(whole, columns.cut.start) : whole;
  return to === columns.count ? sub(fromFirst, columns.cut.end) : fromFirst;
}

/** A line of a text style, where it is there. */
function lineOf(name: string | null, { spec, breakpoint }: GroundSums): LineSums | null {
  const style = spec.type.find((each) => each.name === name);
  return style ? lineSums(spec, breakpoint, style) : null;
}

/** Its lines, as a block takes them. */
function linesOf(line: LineSums | null, isTrimmable: boolean): Lines<CssSum> | null {
  if (!line) return null;
  const { leading, baseline, edge, isTrimmed } = line;
  const trimmed = isTrimmed && isTrimmable ? [cssNumbers.sub(baseline, edge), cssNumbers.sub(leading, baseline)] : [];
  return { leading, trimmed };
}

/** A block’s own height at a width; null for one that is as tall as its lanes, its section or its content. */
export function heightSum(placed: Placed, width: CssSum, unit: RowUnit, ground: GroundSums): CssSum | null {
  const {
    height,
    block: { holds },
  } = placed;
  if (typeof height === 'string') return null;
  const from: HeightFrom<CssSum> = {
    ...ground,
    width: () => width,
    stack: (rows) => stackSum(unit, rows),
    text: linesOf(lineOf(mainStyle(holds), ground), isTrimmable(holds)),
    linesOf: (style) => linesOf(lineOf(style, ground), true),
  };
  return givenHeight(height, holds, from, cssNumbers);
}

/** How far a text stands below the head of its lane, so that its caps, x-height or baseline is on a line. */
export function standsBelow(placed: Placed, ground: GroundSums): CssSum {
  const { holds } = placed.block;
  const lines = beginsWithLine(holds) ? lineOf(mainStyle(holds), ground) : null;
  const { sub } = cssNumbers;
  if (!lines) return NO_SUM;
  const { baseline, edge, caps, xHeight, shift, isTrimmed } = lines;
  const over = isTrimmed ? sub(baseline, edge) : cssNumbers.exact(px(0));
  if (placed.stands === 'baseline') return shift;
  if (placed.stands === 'caps') return sub(over, sub(baseline, caps));
  return placed.stands === 'x-height' ? sub(over, sub(baseline, xHeight)) : NO_SUM;
}

/** What the style sheet has to know of the inside of a block: its pads, and the gaps of a list and under a label. */
export function innerSums(holds: Holds, unit: RowUnit, { length, line }: GroundSums): [property: string, CssSum[]][] {
  if ('button' in holds) return [['--pad', holds.pad.map(length)]];
  if ('field' in holds)
    return [
      ['--pad', holds.pad.map(length)],
      ['row-gap', [line]],
    ];
  if ('list' in holds) return [['--gap', [stackSum(unit, holds.gap)]]];
  if ('table' in holds) return [['--pad', [length(holds.pad), NO_SUM]]];
  return 'logo' in holds ? [['--high', [length(holds.high)]]] : [];
}
