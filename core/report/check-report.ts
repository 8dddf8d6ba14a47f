import { baselineAt } from '../baseline/baseline-at';
import { type JudgedFinding, judge } from '../checks/run';
import { sentenceOf } from '../checks/sentence';
import { columnEdges, columnsAt, sumLine } from '../columns/columns-at';
import { exactText, px, type Px } from '../length/px';
import { rowLine, rowSum } from '../rows/row-sum';
import { rowEdgeTexts, rowsAt } from '../rows/rows-at';
import { breakpointAt, byWidth } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { stepsOf } from '../spacing/scale';
import { textReport } from './text-report';

/** What the command line answers to `check`: exact numbers as text in lowest terms. */
export type CheckReport = { breakpoints: BreakpointReport[]; spacing: StepReport[]; findings: FindingReport[] };

export type StepReport = { name: string; times: string; px: string; rem: string };
export type BreakpointReport = ReturnType<typeof breakpointReport>;
export type FindingReport = ReturnType<typeof findingReport>;

/**
 * Every breakpoint at its reference size with all findings; or, at a viewport width, the one that applies there.
 *
 *     checkReport(spec).breakpoints[0].columns.column   // "157/2"
 */
export function checkReport(spec: Spec, width?: number): CheckReport {
  const findings = judge(spec);
  const spacing = stepsOf(spec).map(({ name, ...step }) => ({
    name,
    times: exactText(step.times),
    px: exactText(step.px),
    rem: exactText(step.rem),
  }));
  if (width === undefined) {
    return {
      breakpoints: byWidth(spec.breakpoints).map((each) => breakpointReport(spec, each)),
      spacing,
      findings: findings.map(findingReport),
    };
  }
  const applies = breakpointAt(spec, width);
  const its = findings.filter(({ breakpoint }) => breakpoint === null || breakpoint === applies.id);
  return { breakpoints: [breakpointReport(spec, applies, width)], spacing, findings: its.map(findingReport) };
}

function breakpointReport(spec: Spec, breakpoint: Breakpoint, width = breakpoint.reference.width) {
  const solved = columnsAt(spec, breakpoint, width);
  const { count, column, gutter, marginStart, marginEnd, container, inset, viewport, excess } = solved;
  const rows = rowsAt(spec, breakpoint, breakpoint.reference.height, width);
  const baseline = baselineAt(spec, breakpoint, breakpoint.reference.height, width);
  return {
    id: breakpoint.id,
    width,
    height: breakpoint.reference.height,
    columns: {
      count,
      column: exactText(column),
      gutter: exactText(gutter),
      marginStart: exactText(marginStart),
      marginEnd: exactText(marginEnd),
      container: exactText(container),
      inset: exactText(inset),
      sum: exactText(viewport.add(excess)),
      sumLine: sumLine(solved, exactText),
      edges: columnEdges(solved).map(edgeTexts),
    },
    rows: rows && {
      count: rows.count,
      whole: rowSum(rows, px(breakpoint.reference.height)).whole,
      height: exactText(rows.height),
      gap: exactText(rows.gap),
      sumLine: rowLine(rowSum(rows, px(breakpoint.reference.height)), exactText),
      edges: rowEdgeTexts(rows),
    },
    type: textReport(spec, breakpoint, width),
    baseline: baseline && { step: exactText(baseline.step), offset: exactText(baseline.offset), lines: baseline.lines },
  };
}

function edgeTexts([start, end]: [Px, Px]): [string, string] {
  return [exactText(start), exactText(end)];
}

export function findingReport(finding: JudgedFinding) {
  const { rule, weight, breakpoint, values, waiver } = finding;
  return {
    rule,
    weight,
    breakpoint,
    message: sentenceOf(finding),
    values,
    ...(waiver ? { waiver: { reason: waiver.reason, by: waiver.by } } : {}),
  };
}
