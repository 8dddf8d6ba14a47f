import { baselineAt } from '../baseline/baseline-at';
import { type JudgedFinding, judge } from '../checks/run';
import { sentenceOf } from '../checks/sentence';
import { columnEdges, columnsAt, sumLine } from '../columns/columns-at';
import { sharedEdges } from '../columns/shared-edges';
import { exactText, type Px } from '../length/px';
import { guidesAt } from '../overlay/guides';
import { meshAt } from '../overlay/mesh';
import { rowLine, rowSum } from '../rows/row-sum';
import { rowEdgeTexts, rowsAt } from '../rows/rows-at';
import { breakpointAt, byWidth, screenOf } from '../spec/ranges';
import { type Measure, measureOf } from '../spec/measure';
import { specOfGrid } from '../spec/named-grids';
import type { Breakpoint, NamedGrid, Spec } from '../spec/schema';
import { stepsOf } from '../spacing/scale';
import { textReport } from './text-report';

/** What the command line answers to `check`: exact numbers as text in lowest terms. */
export type CheckReport = {
  measure: Measure;
  breakpoints: BreakpointReport[];
  spacing: StepReport[];
  findings: FindingReport[];
};

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
      measure: measureOf(spec),
      breakpoints: byWidth(spec.breakpoints).map((each) => breakpointReport(spec, each)),
      spacing,
      findings: findings.map(findingReport),
    };
  }
  const applies = breakpointAt(spec, width);
  const its = findings.filter(({ breakpoint }) => breakpoint === null || breakpoint === applies.id);
  return {
    measure: measureOf(spec),
    breakpoints: [breakpointReport(spec, applies, width)],
    spacing,
    findings: its.map(findingReport),
  };
}

function breakpointReport(spec: Spec, breakpoint: Breakpoint, width = breakpoint.reference.width) {
  return {
    id: breakpoint.id,
    width,
    height: breakpoint.reference.height,
    frame: frameReport(spec, breakpoint, width),
    guides: guidesAt(spec, breakpoint, width).map(({ at, ...line }) => ({ ...line, at: exactText(at) })),
    mesh: meshReport(spec, breakpoint, width),
    ...gridReport(spec, breakpoint, width),
    type: textReport(spec, breakpoint, width),
    grids: (spec.grids ?? []).map((grid) => namedGridReport(spec, grid, breakpoint, width)),
  };
}

/** Bars and panels of a breakpoint; null where it has none. */
function frameReport(spec: Spec, breakpoint: Breakpoint, width: number) {
  const { frame } = screenOf(spec, breakpoint, width);
  if (!frame) return null;
  const { top, bottom, start, end } = frame;
  return { top: exactText(top), bottom: exactText(bottom), start: exactText(start), end: exactText(end) };
}

function meshReport(spec: Spec, breakpoint: Breakpoint, width: number) {
  const { square, strong, x, y } = meshAt(spec, breakpoint, width);
  return { square: exactText(square), strong, x: exactText(x), y: exactText(y) };
}

/** A named grid at a breakpoint, and the places at which its columns begin and end where those of the main one do. */
function namedGridReport(spec: Spec, grid: NamedGrid, { id }: Breakpoint, width: number) {
  const own = specOfGrid(spec, grid);
  const [main, named] = [spec, own].map((of) => of.breakpoints.find((each) => each.id === id)!) as [
    Breakpoint,
    Breakpoint,
  ];
  const { starts, ends } = sharedEdges(columnsAt(spec, main, width), columnsAt(own, named, width));
  return {
    id: grid.id,
    ...gridReport(own, named, width),
    meets: { starts: starts.map(exactText), ends: ends.map(exactText) },
  };
}

/** Columns, rows and baseline of a document's grid at a breakpoint. */
function gridReport(spec: Spec, breakpoint: Breakpoint, width: number) {
  const solved = columnsAt(spec, breakpoint, width);
  const { count, column, gutter, marginStart, marginEnd, container, inset, viewport, excess } = solved;
  const rows = rowsAt(spec, breakpoint, breakpoint.reference.height, width);
  const baseline = baselineAt(spec, breakpoint, breakpoint.reference.height, width);
  return {
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
      whole: rowSum(rows).whole,
      height: exactText(rows.height),
      gap: exactText(rows.gap),
      sumLine: rowLine(rowSum(rows), exactText),
      edges: rowEdgeTexts(rows),
    },
    baseline: baseline && { step: exactText(baseline.step), offset: exactText(baseline.offset), lines: baseline.lines },
  };
}

function edgeTexts([start, end]: [Px, Px]): [string, string] {
  return [exactText(start), exactText(end)];
}

export function findingReport(finding: JudgedFinding) {
  const { rule, weight, breakpoint, grid, values, waiver } = finding;
  return {
    rule,
    weight,
    breakpoint,
    grid: grid?.id ?? null,
    message: sentenceOf(finding),
    values,
    ...(waiver ? { waiver: { reason: waiver.reason, by: waiver.by } } : {}),
  };
}
