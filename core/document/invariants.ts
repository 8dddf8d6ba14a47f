import { baselineAt } from '../baseline/baseline-at';
import { columnsAt } from '../columns/columns-at';
import { marginSides } from '../columns/read-rule';
import { isRelation } from '../columns/relation';
import { roundedGrain } from '../columns/rounded-grain';
import { isGrowing } from '../length/growing';
import { changesWithScreen } from '../length/units';
import { lengthOf } from '../length/length-value';
import { px } from '../length/px';
import { numeral } from '../length/present';
import { screenOf } from '../spec/ranges';
import { meshSquare } from '../overlay/mesh';
import { rowsAt } from '../rows/rows-at';
import { isTimes } from '../type/text-at';
import { LIMITS } from '../limits';
import { specOfGrid } from '../spec/named-grids';
import type { Breakpoint, NamedGrid, Spec } from '../spec/schema';
import { layoutProblem } from './layout-invariants';
import { measureProblem } from './measure-problem';
import { missingBreakpoint } from './references';

/** What shapes cannot say, held by every document: the first thing that is wrong, with its place, or null. */
export function brokenInvariant(spec: Spec): string | null {
  return (
    measureProblem(spec) ??
    baseUnitProblem(spec) ??
    meshProblem(spec) ??
    layoutProblem(spec) ??
    first(spec.grids ?? [], (grid, index) => gridProblem(spec, grid, `grids[${index}].at`)) ??
    first(spec.breakpoints, (breakpoint, index) => breakpointProblem(spec, breakpoint, `breakpoints[${index}]`)) ??
    first(spec.type, ({ at }, index) => missingBreakpoint(spec, Object.keys(at), `type[${index}].at`)) ??
    first(spec.type, ({ at }, index) =>
      first(Object.entries(at), ([id, { size, leading }]) => {
        const parts = { size, leading };
        return first(Object.entries(parts), ([part, value]) =>
          isGrowing(value) || isTimes(value) || lengthOf(value).unit !== '%'
            ? null
            : `type[${index}].at.${id}.${part}: A ${part} can’t be in %: there’s nothing to take a share of. Use px, rem or vw.`,
        );
      }),
    )
  );
}

function first<T>(list: readonly T[], look: (each: T, index: number) => string | null): string | null {
  for (const [index, each] of list.entries()) {
    const problem = look(each, index);
    if (problem !== null) return problem;
  }
  return null;
}

function baseUnitProblem({ spacing }: Spec): string | null {
  const { unit } = lengthOf(spacing.base);
  return changesWithScreen(unit)
    ? 'spacing.base: A base unit is a fixed length, such as 8px or 0.5rem. This one changes with the screen.'
    : null;
}

/** Squares that are smaller are no mesh. */
function meshProblem(spec: Spec): string | null {
  const square = meshSquare(spec);
  return spec.mesh?.square !== undefined && square.compare(1) < 0
    ? `mesh.square: Squares of ${numeral(square)} px are too small to draw. The least is 1 px.`
    : null;
}

function gridProblem(spec: Spec, grid: NamedGrid, place: string): string | null {
  const own = specOfGrid(spec, grid);
  return (
    missingBreakpoint(spec, Object.keys(grid.at), place) ??
    first(own.breakpoints, (breakpoint) =>
      grid.at[breakpoint.id] ? breakpointProblem(own, breakpoint, `${place}.${breakpoint.id}`) : null,
    )
  );
}

function breakpointProblem(spec: Spec, breakpoint: Breakpoint, place: string): string | null {
  return (
    frameProblem(spec, breakpoint, place) ??
    relationProblem(spec, breakpoint, place) ??
    rowProblem(spec, breakpoint, place) ??
    stepProblem(spec, breakpoint, place) ??
    grainProblem(spec, breakpoint, place)
  );
}

/** Bars and panels leave the grid some room on the screen that is drawn. */
function frameProblem(spec: Spec, breakpoint: Breakpoint, place: string): string | null {
  const { room, frame } = screenOf(spec, breakpoint);
  if (!room || !frame) return null;
  const { width, height } = breakpoint.reference;
  if (room.width.compare(0) <= 0)
    return `${place}.frame: Panels of ${numeral(frame.start)} and ${numeral(frame.end)} px leave no room on a screen ${width} px wide. Make them narrower.`;
  if (room.height.compare(0) <= 0)
    return `${place}.frame: Bars of ${numeral(frame.top)} and ${numeral(frame.bottom)} px leave no room on a screen ${height} px high. Make them lower.`;
  return null;
}

/** What goes by a column or a gutter needs one of them to be known. */
function relationProblem(spec: Spec, breakpoint: Breakpoint, place: string): string | null {
  const { rows, columns } = breakpoint;
  const { undetermined } = columnsAt(spec, breakpoint);
  if (undetermined === null || undetermined.startsWith('margin')) return null;
  const part = marginSides(columns.margin).some(isRelation)
    ? 'columns.margin'
    : rows && (rows.rule === 'fields' || Object.values(rows).some(isRelation))
      ? 'rows'
      : null;
  return part && `${place}.${part}: It depends on the gutter or the column, and both are auto. Set one of them first.`;
}

/** Rows that are drawn one by one must not be endlessly many. */
function rowProblem(spec: Spec, breakpoint: Breakpoint, place: string): string | null {
  const { rows, baseline, reference } = breakpoint;
  if (rows === null || rows.rule === 'divide') return null;
  if (rows.rule === 'modules' && baseline === null)
    return `${place}.rows: Modules are counted in baselines. Add a baseline to the breakpoint, such as { "step": "4px", "offset": "0px" }.`;
  const solved = rowsAt(spec, breakpoint);
  // columns that have no room are a finding of their own, and no field is drawn on them
  if (!solved) return null;
  const { height, gap } = solved;
  if (height.add(gap).compare(px(LIMITS.leastRow)) < 0)
    return `${place}.rows: A row and its gap are ${height.add(gap).valueOf()} px together at ${reference.width} × ${reference.height}; the least is ${LIMITS.leastRow}.`;
  return null;
}

function stepProblem(spec: Spec, breakpoint: Breakpoint, place: string): string | null {
  const baseline = baselineAt(spec, breakpoint);
  const { width, height } = breakpoint.reference;
  return baseline && baseline.step.compare(px(LIMITS.leastStep)) < 0
    ? `${place}.baseline.step: Baselines are ${baseline.step.valueOf()} px apart at ${width} × ${height}; the least is ${LIMITS.leastStep}.`
    : null;
}

/** Browsers round what differs by more than this from what it is taken for; see `roundedGrain`. */
const FINEST_PER_COLUMN = 1000n;

function grainProblem(spec: Spec, breakpoint: Breakpoint, place: string): string | null {
  const grain = roundedGrain(spec, breakpoint);
  const { count, whole } = breakpoint.columns;
  const finest = FINEST_PER_COLUMN * BigInt(count === 'auto' ? 1 : count);
  if (grain === null || grain <= finest) return null;
  const what = whole === 'no' || count === 'auto' ? 'counted' : 'rounded to whole px';
  return `${place}.columns: Columns that are ${what} need rounder lengths, such as percentages with one decimal and px with two: these divide a px into ${grain} parts, which browsers cannot tell apart.`;
}
