import type Fraction from 'fraction.js';
import { baselineAt } from '../../baseline/baseline-at';
import { columnsAt, type SolvedColumns, sumLine } from '../../columns/columns-at';
import { spansOf } from '../../columns/spans';
import { numeral } from '../../length/present';
import { type Px, px } from '../../length/px';
import { guidesAt } from '../../overlay/guides';
import { rowsAt } from '../../rows/rows-at';
import { specOfGrid } from '../../spec/named-grids';
import { byWidth, rangeText, screenOf } from '../../spec/ranges';
import type { Breakpoint, Font, Spec, TextStyle } from '../../spec/schema';
import { stepsOf } from '../../spacing/scale';
import { textAt } from '../../type/text-at';
import type { Origin } from '../grid-css/grid-css';

/** A text style at a breakpoint: lengths in px, leading also as a share of the size. */
export type TextToken = { font: Font; size: Px; leading: Px; ratio: Fraction; shift: Px };

/** What a token says, before it is written in one form or another. */
export type Said = { dimension: Px } | { number: number } | { text: TextToken };

/** Tokens and groups of them, in their order. */
export type TokenTree = { says: string; tokens: [name: string, of: Said | TokenTree][] };

/**
 * A specification as tokens: a group for each breakpoint at its reference size, with the sum of its width; spacing steps; text styles by breakpoint. The tree is
 * written as the stable form of the Design Tokens Format Module, and as the older one.
 */
export function tokenTree(spec: Spec, { version, sha256 }: Origin): TokenTree {
  const breakpoints = byWidth(spec.breakpoints);
  const steps = stepsOf(spec).map(({ name, px: length }): [string, Said] => [stepName(name), { dimension: length }]);
  const styles = spec.type.map((style): [string, TokenTree] => [
    tokenName(style.name),
    group(breakpoints.map((breakpoint) => [breakpoint.id, { text: textOf(spec, style, breakpoint) }])),
  ]);
  const grids = (spec.grids ?? []).map((grid): [string, TokenTree] => {
    const own = specOfGrid(spec, grid);
    const ranges = byWidth(own.breakpoints).map((breakpoint): [string, TokenTree] => [
      breakpoint.id,
      breakpointTree(own, breakpoint),
    ]);
    return [grid.id, group(ranges, grid.name)];
  });
  return {
    says: `${spec.name} ${version}, SHA-256 ${sha256}`,
    tokens: [
      ['breakpoint', group(breakpoints.map((breakpoint) => [breakpoint.id, breakpointTree(spec, breakpoint)]))],
      ...(grids.length > 0 ? [['grid', group(grids)] as [string, TokenTree]] : []),
      ...(steps.length > 0 ? [['space', group(steps)] as [string, TokenTree]] : []),
      ...(styles.length > 0 ? [['type', group(styles)] as [string, TokenTree]] : []),
    ],
  };
}

function group(tokens: TokenTree['tokens'], says = ''): TokenTree {
  return { says, tokens };
}

function breakpointTree(spec: Spec, breakpoint: Breakpoint): TokenTree {
  const solved = columnsAt(spec, breakpoint);
  const [rows, baseline] = [rowsAt(spec, breakpoint), baselineAt(spec, breakpoint)];
  const guides = Object.fromEntries(guidesAt(spec, breakpoint).map(({ name, at }) => [tokenName(name), at]));
  const spans = spansOf(solved).map(({ columns, width }): [string, Said] => [String(columns), { dimension: width }]);
  return group(
    [
      ['from', { dimension: px(breakpoint.from) }],
      ['reference', { dimension: solved.viewport }],
      ['count', { number: solved.count }],
      ...lengthsOf(solved),
      ['span', group(spans)],
      ...(rows ? [['row', dimensions({ height: rows.height, gap: rows.gap, offset: rows.offset })] as never] : []),
      ...(breakpoint.frame ? [['frame', dimensions(frameOf(spec, breakpoint))] as never] : []),
      ...(Object.keys(guides).length > 0 ? [['guide', dimensions(guides)] as never] : []),
      ...(baseline ? [['baseline', dimensions({ step: baseline.step, offset: baseline.offset })] as never] : []),
    ],
    `${breakpoint.name}, ${rangeText(spec, breakpoint)}: ${sumLine(solved, numeral)}`,
  );
}

function lengthsOf({ column, gutter, marginStart, marginEnd, container, inset }: SolvedColumns): TokenTree['tokens'] {
  return dimensions({ column, gutter, 'margin-start': marginStart, 'margin-end': marginEnd, container, inset }).tokens;
}

function frameOf(spec: Spec, breakpoint: Breakpoint): Record<string, Px> {
  const { top, bottom, start, end } = screenOf(spec, breakpoint).frame!;
  return { top, bottom, start, end };
}

function dimensions(lengths: Record<string, Px>): TokenTree {
  return group(Object.entries(lengths).map(([name, length]) => [name, { dimension: length }]));
}

function textOf(spec: Spec, style: TextStyle, breakpoint: Breakpoint): TextToken {
  const { size, leading, ratio, shift } = textAt(spec, style, breakpoint);
  return { font: style.font, size, leading, ratio, shift };
}

/** The name of a step within `space`, which is not said twice: `space.1` of `space-1`. */
function stepName(name: string): string {
  return tokenName(name.replace(/^(space|spacing)[-_](?=.)/i, ''));
}

/** A name that a token may have: without what stands for paths and references, and not beginning with a dollar. */
function tokenName(name: string): string {
  return name.replace(/[.{}]/g, '-').replace(/^\$/, '-');
}
