import Papa from 'papaparse';
import { ratioOf } from '../length/ratio';
import type { Breakpoint, Spec, TextStyle } from '../spec/schema';
import { columnIsWhole, type Sweep, sweepWidths, sweptRanges } from '../sweep/sweep';
import { sizeOver } from '../sweep/size-over';
import { charactersSwept } from '../sweep/swept-text';
import { settingAt, isTimes } from '../type/text-at';

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
 * A sweep as CSV (RFC 4180): a row for each viewport width, lengths in px as decimals of at most four places, since a
 * spreadsheet takes a fraction such as 161/4 for text or a date, and the width of every span from 2 columns up. Text
 * styles stand before the spans.
 *
 *     sweepCsv(spec, 320, 1920)
 */
export function sweepCsv(spec: Spec, from: number, to: number): string {
  const sweep = sweepWidths(spec, from, to);
  const most = Math.max(...sweep.count);
  const rows = sweptRanges(spec, from, to).flatMap((range) => {
    const { breakpoint } = range;
    const texts = spec.type.map((style) => textOver(spec, sweep, style, breakpoint));
    const name = defused(breakpoint.name);
    return Array.from({ length: range.to - range.from + 1 }, (_, place) => {
      const index = range.from + place - from;
      const [column, gutter, count] = [sweep.column[index]!, sweep.gutter[index]!, sweep.count[index]!];
      const text = texts.flatMap((at) => at(range.from + place));
      return [
        range.from + place,
        name,
        count,
        ...lengthsAt(sweep, index),
        columnIsWhole(sweep, index) ? 'yes' : 'no',
        ...text,
        ...Array.from({ length: most - 1 }, (_, span) =>
          span + 2 <= count ? decimal(column * (span + 2) + gutter * (span + 1)) : '',
        ),
      ];
    });
  });
  const fields = [
    ...FIELDS,
    ...spec.type.flatMap(({ name }) => [`${name} size`, `${name} leading`, `${name} characters`]),
    ...Array.from({ length: most - 1 }, (_, span) => `span ${span + 2}`),
  ];
  return `${Papa.unparse({ fields, data: rows })}\r\n`;
}

function lengthsAt({ column, gutter, marginStart, marginEnd, container }: Sweep, index: number): string[] {
  return [column, gutter, marginStart, marginEnd, container].map((lengths) => decimal(lengths[index]!));
}

/** A length as a decimal of at most four places. */
function decimal(length: number): string {
  return String(Math.round(length * 10_000) / 10_000);
}

/** A name that a spreadsheet would take for a formula is marked as text. */
function defused(name: string): string {
  return /^[=+\-@\t\r]/.test(name) ? `'${name}` : name;
}

/** Size, leading and characters a line of a style at each width of a range. */
function textOver(spec: Spec, sweep: Sweep, style: TextStyle, breakpoint: Breakpoint) {
  const { size, leading, span } = settingAt(spec, style, breakpoint);
  const [sizeIn, leadingIn] = [
    sizeOver(spec, breakpoint, size),
    isTimes(leading) ? null : sizeOver(spec, breakpoint, leading),
  ];
  const times = isTimes(leading) ? ratioOf(leading.times).valueOf() : 0;
  return (width: number): (string | number)[] => {
    const px = sizeIn(width);
    const characters = Math.round(charactersSwept(sweep, width, style.font, px, span));
    return [decimal(px), decimal(leadingIn ? leadingIn(width) : px * times), characters];
  };
}
