import { px } from '../../length/px';
import { blockEdges, type Page } from '../../layouts/block-edges';
import { givenHeight, type HeightFrom, type Lines } from '../../layouts/height-law';
import { beginsWithLine, isTrimmable, mainStyle } from '../../spec/block-kinds';
import type { Placed } from '../../layouts/placements';
import type { Holds } from '../../spec/schema';
import { cssNumbers, type CssSum, NO_SUM } from '../grid-css/css-numbers';
import { type LineSums, lineSums } from '../grid-css/type-css';
import { type GroundSums, type RowUnit, stackSum } from './ground-sums';

/** The columns of the grid that a block’s area takes, and what of it the block leaves out, or goes beyond it. */
export type AreaAcross = { from: number; to: number; marginStart: CssSum; marginEnd: CssSum; edges: [CssSum, CssSum] };

/** A block across the page: on whole columns, with margins where its edges are off their lines. */
export function areaAcross(placed: Placed, page: Page<CssSum>): AreaAcross {
  const [first, last] = placed.columns;
  const { count, start, end } = page.tracks;
  // what goes past the last column, which is a finding, is drawn past it
  const [from, to] = [Math.max(1, Math.floor(first)), Math.max(Math.ceil(last), Math.floor(first))].map((column) =>
    Math.min(count, column),
  ) as [number, number];
  const edges = blockEdges(placed, page, cssNumbers);
  const { sub } = cssNumbers;
  return { from, to, marginStart: sub(edges[0], start(from)), marginEnd: sub(end(to), edges[1]), edges };
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
    length: ground.across.length,
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
export function innerSums(
  holds: Holds,
  unit: RowUnit,
  { across: { length }, line }: GroundSums,
): [property: string, CssSum[]][] {
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
