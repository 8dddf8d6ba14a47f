import Papa from 'papaparse';
import { columnsAt, spanWidth } from '../columns/columns-at';
import { exactText, isWhole } from '../length/px';
import { breakpointAt } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { textAt } from '../type/text-at';

const FIELDS = [
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

/**
 * A sweep as CSV (RFC 4180): a row for each viewport width, lengths in px as exact text such as `155/2`, and the width of
 * every span from 2 columns up. Text styles stand before the spans.
 *
 *     sweepCsv(spec, 320, 1920)
 */
export function sweepCsv(spec: Spec, from: number, to: number): string {
  const rows = Array.from({ length: to - from + 1 }, (_, index) => {
    const width = from + index;
    const breakpoint = breakpointAt(spec, width);
    const solved = columnsAt(spec, breakpoint, width);
    const { count, column, gutter, marginStart, marginEnd, container } = solved;
    const lengths = [column, gutter, marginStart, marginEnd, container].map(exactText);
    const text = spec.type.flatMap((style) => {
      const { size, leading, characters } = textAt(spec, style, breakpoint, width);
      return [exactText(size), exactText(leading), Math.round(characters.valueOf())];
    });
    const spans = Array.from({ length: count - 1 }, (_, span) => exactText(spanWidth(solved, span + 2)));
    return [width, breakpoint.name, count, ...lengths, isWhole(column) ? 'yes' : 'no', ...text, ...spans];
  });
  const fields = [
    ...FIELDS,
    ...spec.type.flatMap(({ name }) => [`${name} size`, `${name} leading`, `${name} characters`]),
  ];
  const widest = Math.max(...rows.map(({ length }) => length));
  const spanFields = Array.from({ length: widest - fields.length }, (_, span) => `span ${span + 2}`);
  const data = rows.map((row) => [...row, ...Array<string>(widest - row.length).fill('')]);
  return `${Papa.unparse({ fields: [...fields, ...spanFields], data })}\r\n`;
}
