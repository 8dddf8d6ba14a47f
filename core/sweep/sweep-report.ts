import { judge } from '../checks/run';
import { columnsAt } from '../columns/columns-at';
import { exactText } from '../length/px';
import { findingReport, type FindingReport } from '../report/check-report';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { type SweptText, sweptText } from './swept-text';
import { columnIsWhole, type Sweep, sweepWidths, sweptRanges } from './sweep';

export type ColumnExtreme = { width: number; column: string };

/** What a sweep says of one breakpoint: the widths at which its column is whole, its narrowest and widest column, its findings. */
export type SweptBreakpoint = {
  id: string;
  from: number;
  to: number;
  whole: number[];
  narrowest: ColumnExtreme;
  widest: ColumnExtreme;
  type: SweptText[];
  findings: FindingReport[];
};

/**
 * What the command line answers to `sweep`. A breakpoint that applies nowhere in the range is left out.
 *
 *     sweepReport(spec, 320, 1920).breakpoints[0].whole   // [320, 324, 328, …]
 */
export function sweepReport(spec: Spec, from: number, to: number): { breakpoints: SweptBreakpoint[] } {
  const sweep = sweepWidths(spec, from, to);
  const findings = judge(spec);
  const breakpoints = sweptRanges(spec, from, to).map((range) => ({
    id: range.breakpoint.id,
    from: range.from,
    to: range.to,
    whole: widthsIn(range).filter((width) => columnIsWhole(sweep, width - from)),
    ...extremes(spec, sweep, range),
    type: sweptText(spec, sweep, range),
    findings: findings.filter(({ breakpoint }) => breakpoint === range.breakpoint.id).map(findingReport),
  }));
  return { breakpoints };
}

type Range = { breakpoint: Breakpoint; from: number; to: number };

function widthsIn({ from, to }: Range): number[] {
  return Array.from({ length: to - from + 1 }, (_, index) => from + index);
}

function extremes(
  spec: Spec,
  { from, column }: Sweep,
  range: Range,
): { narrowest: ColumnExtreme; widest: ColumnExtreme } {
  const widths = widthsIn(range);
  const furthest = (isFurther: (a: number, b: number) => boolean): ColumnExtreme => {
    const width = widths.reduce((best, next) => (isFurther(column[next - from]!, column[best - from]!) ? next : best));
    return { width, column: exactText(columnsAt(spec, range.breakpoint, width).column) };
  };
  return { narrowest: furthest((a, b) => a < b), widest: furthest((a, b) => a > b) };
}

/** What changes from one px to the next where a breakpoint begins; lengths in px as exact text. */
export type Jump = {
  at: number;
  from: string;
  to: string;
  parts: { part: 'container' | 'column' | 'gutter' | 'margin'; before: string; after: string }[];
};

/** The jumps at every breakpoint but the first. */
export function jumps(spec: Spec): Jump[] {
  const sorted = byWidth(spec.breakpoints);
  return sorted.slice(1).flatMap((breakpoint, index) => {
    const before = sorted[index]!;
    if (before.from === breakpoint.from) return [];
    const [last, first] = [columnsAt(spec, before, breakpoint.from - 1), columnsAt(spec, breakpoint, breakpoint.from)];
    const parts = [
      { part: 'container' as const, before: last.container, after: first.container },
      { part: 'column' as const, before: last.column, after: first.column },
      { part: 'gutter' as const, before: last.gutter, after: first.gutter },
      { part: 'margin' as const, before: last.marginStart, after: first.marginStart },
    ];
    return [
      {
        at: breakpoint.from,
        from: before.name,
        to: breakpoint.name,
        parts: parts.map(({ part, ...sides }) => ({
          part,
          before: exactText(sides.before),
          after: exactText(sides.after),
        })),
      },
    ];
  });
}
