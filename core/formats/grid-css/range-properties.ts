import Fraction from 'fraction.js';
import { columnRule } from '../../columns/read-rule';
import type { Direction } from '../../length/direction';
import type { Numbers } from '../../columns/numbers';
import { type ColumnSolution, solveColumns } from '../../columns/solve';
import { measureOf, WIDTH_UNIT } from '../../spec/measure';
import type { Breakpoint, Spec } from '../../spec/schema';
import type { GutterForm } from './container-css';
import { cssNumbers, type CssSum, cssText, type ViewportUnit } from './css-numbers';
import { cssReader } from './css-reader';

/** Custom properties of one range, by name without `--grid-`. */
export type RangeProperties = {
  columns: string;
  track: string;
  gutter: string;
  inset: string;
  'margin-start': string;
  'margin-end': string;
  container: string;
  column: string;
  width: string;
  justify: string;
};

/**
 * What the style sheet says for one range, worked out by the same equation as the sheet.
 *
 * Margins, inset, container and column are written with `%`, for an element that is as wide as the viewport; the gutter
 * with `vw`, since a percentage in a gap would be of the container. With panels the element stands in `.grid-frame`, and the viewport is what they leave of it.
 */
export function rangeProperties(
  spec: Spec,
  breakpoint: Breakpoint,
  form: GutterForm = 'gap',
  direction: Direction = 'ltr',
): RangeProperties {
  const inMargins = columnSums(spec, breakpoint, '%', undefined, direction);
  const inGaps = columnSums(spec, breakpoint, WIDTH_UNIT[measureOf(spec)], undefined, direction);
  const { columns } = breakpoint;
  const { add } = cssNumbers;
  const columnHeld = columns.column !== 'auto';
  return {
    // between margins that leave just the room for them, the browser counts the same; what cannot be counted is one column
    columns:
      columns.count === 'auto' && inMargins.undetermined !== 'count (taken as 1)'
        ? 'auto-fill'
        : String(inMargins.count),
    track: columnHeld ? cssText(form === 'gap' ? inGaps.column : add(inGaps.column, inGaps.gutter)) : 'minmax(0, 1fr)',
    gutter: cssText(inGaps.gutter),
    inset: cssText(inMargins.inset),
    'margin-start': cssText(inMargins.marginStart),
    'margin-end': cssText(inMargins.marginEnd),
    container: cssText(inMargins.container),
    column: cssText(inMargins.column),
    width: inMargins.overheld
      ? cssText(form === 'gap' ? inMargins.container : add(inMargins.container, inMargins.gutter))
      : 'auto',
    justify: 'start',
  };
}

/** Those of a range’s properties that `:root` may say with `%`, for whatever stands in the grid: with `vw`, which is the same width there. */
export function insideProperties(
  spec: Spec,
  breakpoint: Breakpoint,
  direction: Direction = 'ltr',
): Record<string, string> {
  const sums = columnSums(spec, breakpoint, WIDTH_UNIT[measureOf(spec)], undefined, direction);
  const { inset, marginStart, marginEnd, container, column } = sums;
  return {
    inset: cssText(inset),
    'margin-start': cssText(marginStart),
    'margin-end': cssText(marginEnd),
    container: cssText(container),
    column: cssText(column),
  };
}

/**
 * The columns of a range as sums for the browser.
 *
 * @param count how many there are, where they are counted by their room and this is known
 */
export function columnSums(
  spec: Spec,
  breakpoint: Breakpoint,
  unit: ViewportUnit,
  count?: number,
  direction: Direction = 'ltr',
): ColumnSolution<CssSum> {
  const numbers: Numbers<CssSum> =
    count === undefined
      ? cssNumbers
      : { ...cssNumbers, fitted: (_, each) => ({ count, together: cssNumbers.times(each, new Fraction(count)) }) };
  return solveColumns(numbers, columnRule(breakpoint.columns, cssReader(spec, breakpoint, unit, direction)));
}
