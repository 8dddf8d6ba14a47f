import type { ReactNode } from 'react';
import { columnsAt, sumLine } from '../../core/columns/columns-at';
import { numeral } from '../../core/length/present';
import type { Reading } from '../../core/reading/reading';
import { byWidth, rangeText } from '../../core/spec/ranges';
import { Fractions } from '../drawing/numeral';
import { NumberTable } from '../parts/number-table';

type Props = { reading: Reading; goesTitle: string; goes: (id: string) => ReactNode };

/** What a file was read as, in words: `Style sheet, .grid, ranges of a container`. */
export function readAs({ title, measure }: Reading): string {
  return measure === 'container' ? `${title}, ranges of a container` : title;
}

/** The breakpoints that were read, each with its sum at the width at which it is drawn, and where it goes. */
export function ReadRanges({ reading: { document }, goesTitle, goes }: Props) {
  return (
    <NumberTable of="words">
      <thead>
        <tr>
          <th scope="col">Read</th>
          <th scope="col">Range</th>
          <th scope="col">Sum</th>
          <th scope="col">{goesTitle}</th>
        </tr>
      </thead>
      <tbody>
        {byWidth(document.breakpoints).map((breakpoint) => (
          <tr key={breakpoint.id}>
            <th scope="row">{breakpoint.name}</th>
            <td className="number">{rangeText(document, breakpoint)}</td>
            <td className="number">
              <Fractions text={sumLine(columnsAt(document, breakpoint), numeral)} />
            </td>
            <td>{goes(breakpoint.id)}</td>
          </tr>
        ))}
      </tbody>
    </NumberTable>
  );
}
