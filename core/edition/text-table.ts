import { counted, decimal } from '../length/present';
import type { Px } from '../length/px';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Spec, TextStyle } from '../spec/schema';
import { fontName } from '../type/style-text';
import { type TextAt, textAt } from '../type/text-at';
import { type ReadTable } from './read-table';
import { type ReadValue } from '../quantities/reading';

/** Every text style at every breakpoint: size and leading, where its first baseline lies, and how it is put on the grid. */
export function textTable(spec: Spec): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  return {
    head: breakpoints.map(({ name }) => name),
    rows: spec.type.flatMap((style) => styleRows(spec, breakpoints, style)),
  };
}

function styleRows(spec: Spec, breakpoints: Breakpoint[], style: TextStyle): ReadTable['rows'] {
  const texts = breakpoints.map((breakpoint) => textAt(spec, style, breakpoint));
  const row = (label: string, read: (text: TextAt) => ReadValue): ReadTable['rows'][number] => ({
    label: `${style.name}: ${label}`,
    values: texts.map(read),
  });
  const trims = [
    row('trimmed over', ({ trim }) => decimalValue(trim.over)),
    row('trimmed under', ({ trim }) => decimalValue(trim.under)),
  ];
  return [
    {
      ...row(`size / leading, in ${fontName(style.font)}`, ({ size, leading }) => ({
        shown: `${decimal(size)} / ${decimal(leading)}`,
        // as CSS writes it; without units a spreadsheet takes it for a date
        copy: `${decimal(size)}px/${decimal(leading)}px`,
      })),
      each: [row('size', ({ size }) => decimalValue(size)), row('leading', ({ leading }) => decimalValue(leading))],
    },
    row('first baseline', ({ baseline }) => decimalValue(baseline)),
    row('down to the grid', ({ shift }) => decimalValue(shift)),
    ...(style.stands === 'line-box' ? [] : trims),
    row('characters a line', ({ characters, span }) => {
      const count = String(Math.round(characters.valueOf()));
      return { shown: count, copy: count, note: `over ${counted(span, 'column')}` };
    }),
  ];
}

/** Measures of type have large denominators, which say less than their decimals. */
function decimalValue(value: Px): ReadValue {
  return { shown: value.valueOf().toFixed(3), copy: decimal(value) };
}
