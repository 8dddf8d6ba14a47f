import Papa from 'papaparse';
import { columnsAt } from '../columns/columns-at';
import { exactText, isWhole } from '../length/px';
import { breakpointAt } from '../spec/ranges';
import type { Spec } from '../spec/schema';

/**
 * A sweep as CSV (RFC 4180): a row for each viewport width, lengths in px as exact text such as `155/2`.
 *
 *     sweepCsv(spec, 320, 1920)
 */
export function sweepCsv(spec: Spec, from: number, to: number): string {
  const fields = [
    'viewport',
    'breakpoint',
    'columns',
    'column',
    'gutter',
    'margin start',
    'margin end',
    'container',
    'column whole',
  ];
  const data = Array.from({ length: to - from + 1 }, (_, index) => {
    const width = from + index;
    const breakpoint = breakpointAt(spec, width);
    const { count, column, gutter, marginStart, marginEnd, container } = columnsAt(spec, breakpoint, width);
    return [
      width,
      breakpoint.name,
      count,
      ...[column, gutter, marginStart, marginEnd, container].map(exactText),
      isWhole(column) ? 'yes' : 'no',
    ];
  });
  return `${Papa.unparse({ fields, data })}\r\n`;
}
