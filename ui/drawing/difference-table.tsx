import type { ReactNode } from 'react';
import type { Difference } from '../../core/diff/differences';
import { Fractions } from './numeral';
import { NumberTable } from '../parts/number-table';

type Props = {
  differences: readonly Difference[];
  before: string;
  after: string;
  /** What the table is called, where there are several. */
  label?: string;
  /** Further columns: their heads, and what they say of a difference. */
  more?: { heads: ReactNode; cells: (difference: Difference) => ReactNode };
};

/** Differences between two documents, quantity by quantity. */
export function DifferenceTable({ differences, before, after, label, more }: Props) {
  return (
    <NumberTable of="words" aria-label={label}>
      <thead>
        <tr>
          <th scope="col">Breakpoint</th>
          <th scope="col">Quantity</th>
          <th scope="col">{before}</th>
          <th scope="col">{after}</th>
          {more?.heads}
        </tr>
      </thead>
      <tbody>
        {differences.map((difference, index) => (
          <tr key={index} data-bump={difference.bump}>
            <td>{difference.breakpoint ?? 'All'}</td>
            <th scope="row">{difference.what}</th>
            <td className="number">
              <Fractions text={difference.before ?? '–'} />
            </td>
            <td className="number">
              <Fractions text={difference.after ?? '–'} />
            </td>
            {more?.cells(difference)}
          </tr>
        ))}
      </tbody>
    </NumberTable>
  );
}
