import Fraction from 'fraction.js';
import { type Space, spaceOf } from '../../columns/relation';
import { ratioOf } from '../../length/ratio';
import { px } from '../../length/px';
import { measureOf, WIDTH_UNIT } from '../../spec/measure';
import type { Breakpoint, Rows, Spec } from '../../spec/schema';
import { cssNumbers, type CssSum, cssText } from './css-numbers';
import { cssReader } from './css-reader';
import { columnSums } from './range-properties';

/** Custom properties of one range's rows and baselines, by name without `--grid-`; none where the range has none. */
export function rowProperties(spec: Spec, breakpoint: Breakpoint): Record<string, string> {
  const { rows, baseline } = breakpoint;
  const { length } = cssReader(spec, breakpoint, 'vh');
  const lines = baseline && { step: length(baseline.step), offset: length(baseline.offset) };
  return {
    ...(lines ? { baseline: cssText(lines.step), 'baseline-offset': cssText(lines.offset) } : {}),
    ...(rows
      ? texts(rowSums(rows, length, lines, () => columnSums(spec, breakpoint, WIDTH_UNIT[measureOf(spec)])))
      : {}),
    ...(rows?.rule === 'divide' ? { rows: String(rows.count) } : {}),
  };
}

export type Length = ReturnType<typeof cssReader>['length'];

/**
 * The sums of rows, by the names of their properties without `--grid-`.
 *
 * @param across a column and a gutter, for rows that go by them
 */
export function rowSums(
  rows: Rows,
  length: Length,
  lines: { step: CssSum; offset: CssSum } | null,
  across: () => { column: CssSum; gutter: CssSum },
): Record<string, CssSum> {
  const { add, sub, times, least, greatest } = cssNumbers;
  const space = (value: Space): CssSum => spaceOf(value, length, across, times);
  switch (rows.rule) {
    case 'repeat':
      return { 'row-height': length(rows.height), 'row-gap': space(rows.gap), 'row-offset': space(rows.offset) };
    case 'fields':
      return {
        'row-height': times(across().column, ratioOf(rows.ratio).inverse()),
        'row-gap': space(rows.gap),
        'row-offset': space(rows.offset),
      };
    case 'modules':
      if (!lines) return {};
      return {
        'row-height': times(lines.step, px(rows.lines)),
        'row-gap': times(lines.step, px(rows.between)),
        'row-offset': lines.offset,
      };
    case 'divide': {
      const [gap, top, bottom] = [space(rows.gap), space(rows.marginTop), space(rows.marginBottom)];
      const most = rows.maxHeight === undefined ? length('100%') : least(length('100%'), length(rows.maxHeight));
      const screen = rows.minHeight === undefined ? most : greatest(most, length(rows.minHeight));
      const taken = add(add(top, bottom), times(gap, px(rows.count - 1)));
      return {
        screen,
        'row-height': times(sub(screen, taken), new Fraction(1, rows.count)),
        'row-gap': gap,
        'row-offset': top,
        'row-bottom': bottom,
        // the rows of one screen: an overlay ends with them
        'row-extent': sub(screen, add(top, bottom)),
      };
    }
  }
}

function texts(sums: Record<string, CssSum>): Record<string, string> {
  return Object.fromEntries(Object.entries(sums).map(([name, sum]) => [name, cssText(sum)]));
}
