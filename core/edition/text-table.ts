import { counted, decimal } from '../length/present';
import type { Px } from '../length/px';
import { byWidth } from '../spec/ranges';
import type { Spec, TextStyle } from '../spec/schema';
import { type TextAt, textAt } from '../type/text-at';
import type { ReadTable, ReadValue } from './read-table';

/** Every text style at every breakpoint: size and leading, where its first baseline lies, and how it is put on the grid. */
export function textTable(spec: Spec): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  const row = (style: TextStyle, label: string, read: (text: TextAt) => ReadValue): ReadTable['rows'][number] => ({
    label: `${style.name}: ${label}`,
    values: breakpoints.map((breakpoint) => read(textAt(spec, style, breakpoint))),
  });
  return {
    head: breakpoints.map(({ name }) => name),
    rows: spec.type.flatMap((style) => [
      row(style, `size / leading, in ${style.font.family}`, ({ size, leading }) => ({
        shown: `${decimal(size)} / ${decimal(leading)}`,
        copy: `${decimal(size)}/${decimal(leading)}`,
      })),
      row(style, 'first baseline', ({ baseline }) => decimalValue(baseline)),
      row(style, 'down to the grid', ({ shift }) => decimalValue(shift)),
      ...(style.stands === 'line-box'
        ? []
        : [
            row(style, 'trimmed over', ({ trim }) => decimalValue(trim.over)),
            row(style, 'trimmed under', ({ trim }) => decimalValue(trim.under)),
          ]),
      row(style, 'characters a line', ({ characters, span }) => ({
        shown: String(Math.round(characters.valueOf())),
        copy: String(Math.round(characters.valueOf())),
        note: `over ${counted(span, 'column')}`,
      })),
    ]),
  };
}

/** Measures of type have large denominators, which say less than their decimals. */
function decimalValue(value: Px): ReadValue {
  return { shown: value.valueOf().toFixed(3), copy: decimal(value) };
}
