import { columnsAt } from '../columns/columns-at';
import { isWhole } from '../length/px';
import { lengthOf } from '../length/length-value';
import { toPx } from '../length/resolve';
import { screenOf } from '../spec/ranges';
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

/** The form filled from what the sheet says of a breakpoint. */
export function conditionsFrom(spec: Spec, breakpoint: Breakpoint): ConditionFields {
  const { count, container, marginStart } = columnsAt(spec, breakpoint);
  const { columns, reference } = breakpoint;
  const fills = columns.container === 'fill' || !isWhole(container);
  const margin = Math.max(0, Math.round(marginStart.valueOf()));
  const base = toPx(lengthOf(spec.spacing.base), screenOf(spec, breakpoint)).round().valueOf();
  return {
    widths: fills ? String(reference.width) : container.toFraction(),
    widthsAre: fills ? 'viewports' : 'containers',
    counts: String(count),
    gutter: '0 to 48',
    margin: fills ? `${Math.max(0, margin - base)} to ${margin + base}` : '0',
    halfOutside: columns.outer === 'half',
    base: String(Math.max(1, base)),
    multiples: [],
    parts: [],
    leastColumn: '24',
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
