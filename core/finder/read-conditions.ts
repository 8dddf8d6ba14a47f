import { columnsAt, roomAcross } from '../columns/columns-at';
import { isWhole } from '../length/px';
import { settingOf, thresholdsOf } from '../checks/rule-settings';
import type { Rule } from '../checks/rule';
import { baseMultiple } from '../checks/rules/base-multiple';
import { columnsHoldTarget } from '../checks/rules/columns-hold-target';
import { gutterWithinMargin } from '../checks/rules/gutter-within-margin';
import { phoneMargin } from '../checks/rules/phone-margin';
import { baseUnit, leastStep } from '../spacing/scale';
import type { Breakpoint, Columns, Spec } from '../spec/schema';
import { WIDEST_SWEPT } from '../sweep/sweep';
import { MOST_COLUMNS } from '../columns/solve';
import { readNumbers, readRange } from './read-numbers';
import { type Conditions, contradiction, type Now, type Solution } from './search';

/** The conditions as they stand in the form. */
export type ConditionFields = {
  widths: string;
  widthsAre: Conditions['widthsAre'];
  counts: string;
  gutter: string;
  withinMargin: boolean;
  /** How wide the screen is on which a container stands, in px. */
  viewport: number;
  margin: string;
  halfOutside: boolean;
  base: string;
  multiples: ('gutter' | 'margin' | 'column')[];
  parts: string[];
  leastColumn: string;
  ratios: string[];
  sameGutter: boolean;
};

export type FieldName = keyof ConditionFields;

/**
 * The conditions of a form, or the field that is wrong and one sentence.
 *
 *     readConditions({ ...fields, gutter: '48 to 0' })   // { field: "gutter", problem: "48 to 0 is turned round; type 0 to 48." }
 */
export function readConditions(
  fields: ConditionFields,
): { value: Conditions } | { field: FieldName | null; problem: string } {
  const widths = readNumbers(fields.widths, {
    name: fields.widthsAre === 'containers' ? 'container' : 'viewport',
    least: 1,
    most: WIDEST_SWEPT,
  });
  if (widths.problem !== undefined) return { field: 'widths', problem: widths.problem };
  const counts = readNumbers(fields.counts, { name: 'count', least: 1, most: MOST_COLUMNS });
  if (counts.problem !== undefined) return { field: 'counts', problem: counts.problem };
  const gutter = readRange(fields.gutter, { name: 'gutter', least: 0, most: 400 });
  if (gutter.problem !== undefined) return { field: 'gutter', problem: gutter.problem };
  const margin = readRange(fields.widthsAre === 'viewports' ? fields.margin : '0', {
    name: 'margin',
    least: 0,
    most: 1000,
  });
  if (margin.problem !== undefined) return { field: 'margin', problem: margin.problem };
  const base = readNumbers(fields.base, { name: 'base', least: 1, most: 400 });
  if (base.problem !== undefined) return { field: 'base', problem: base.problem };
  const leastColumn = readNumbers(fields.leastColumn, { name: 'smallest column', least: 1, most: WIDEST_SWEPT });
  if (leastColumn.problem !== undefined) return { field: 'leastColumn', problem: leastColumn.problem };
  const { multiples } = fields;
  const value: Conditions = {
    widths: widths.value,
    widthsAre: fields.widthsAre,
    counts: counts.value,
    gutter: gutter.value,
    withinMargin: fields.withinMargin ? { viewport: fields.viewport } : null,
    margin: margin.value,
    outer: fields.halfOutside ? 'half' : 'none',
    multiples: {
      of: base.value[0]!,
      gutter: multiples.includes('gutter'),
      margin: multiples.includes('margin'),
      column: multiples.includes('column'),
    },
    parts: fields.parts.map(Number),
    leastColumn: leastColumn.value[0]!,
    ratios: fields.ratios.map(Number),
    sameGutter: fields.sameGutter,
  };
  const problem = contradiction(value);
  return problem === null ? { value } : { field: null, problem };
}

/**
 * The form filled from what the sheet says of a breakpoint, and from the rules by which the spec is checked: what is found
 * under these conditions is not what they blame.
 */
export function conditionsFrom(spec: Spec, breakpoint: Breakpoint): ConditionFields {
  const solved = columnsAt(spec, breakpoint);
  const { count, container, marginStart } = solved;
  const { columns } = breakpoint;
  const across = roomAcross(solved).floor().valueOf();
  const fills = columns.container === 'fill' || !isWhole(container);
  const margin = Math.max(0, Math.round(marginStart.valueOf()));
  const isOn = (rule: Rule): boolean => settingOf(spec, rule).on;
  const step = leastStep(spec);
  const base = (isWhole(step) ? step : baseUnit(spec)).round().valueOf();
  const unit = baseUnit(spec).round().valueOf();
  const leastMargin = isOn(phoneMargin) ? thresholdsOf(spec, phoneMargin) : { least: 0, below: 0 };
  const fewest = breakpoint.from < leastMargin['below']! ? leastMargin['least']! : 0;
  const [narrow, wide] = [Math.max(fewest, margin - unit), Math.max(fewest, margin + unit)];
  return {
    widths: fills ? String(across) : container.toFraction(),
    widthsAre: fills ? 'viewports' : 'containers',
    counts: String(count),
    gutter: '0 to 48',
    withinMargin: isOn(gutterWithinMargin),
    viewport: across,
    margin: fills ? `${narrow} to ${wide}` : '0',
    halfOutside: columns.outer === 'half',
    base: String(Math.max(1, base)),
    multiples: isOn(baseMultiple) ? ['gutter', 'margin'] : [],
    parts: [],
    leastColumn: String(isOn(columnsHoldTarget) ? Math.ceil(thresholdsOf(spec, columnsHoldTarget)['target']!) : 24),
    ratios: [],
    sameGutter: false,
  };
}

/** The same for every breakpoint of a spec at once, each at the whole px nearest to its container, with one gutter for all. */
export function conditionsFromAll(spec: Spec, breakpoint: Breakpoint): ConditionFields {
  const solved = spec.breakpoints.map((each) => columnsAt(spec, each));
  const containers = solved.map(({ container }) => Math.round(container.valueOf()));
  const list = (numbers: number[]): string => [...new Set(numbers)].sort((a, b) => a - b).join(', ');
  return {
    ...conditionsFrom(spec, breakpoint),
    widthsAre: 'containers',
    widths: list(containers),
    counts: list(solved.map(({ count }) => count)),
    // each container stands on a screen of its own
    withinMargin: false,
    sameGutter: true,
  };
}

/** What the sheet says now, to measure solutions against. */
export function nowOf(spec: Spec, breakpoint: Breakpoint): Now {
  const { column, gutter, container } = columnsAt(spec, breakpoint);
  return { column: column.valueOf(), gutter: gutter.valueOf(), container: container.valueOf() };
}

/** A breakpoint's columns with a solution taken over; its other settings stay. */
export function taken(
  columns: Columns,
  { count, gutter, container, margin }: Solution,
  { widthsAre, outer }: Pick<Conditions, 'widthsAre' | 'outer'>,
): Columns {
  const outside: Partial<Columns> =
    widthsAre === 'viewports'
      ? { container: 'fill', margin: `${margin}px` }
      : { container: `${container}px`, margin: 'auto' };
  return { ...columns, ...outside, count, gutter: `${gutter}px`, column: 'auto', outer, whole: 'no' };
}
