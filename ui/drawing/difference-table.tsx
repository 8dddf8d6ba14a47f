import type { Difference } from '../../core/diff/differences';
import { Fractions } from './numeral';
import { NumberTable } from '../parts/number-table';

type Props = { differences: Difference[]; before: string; after: string };

/** Differences between two documents, quantity by quantity. */
export function DifferenceTable({ differences, before, after }: Props) {
  return (
    <NumberTable of="words">
      <thead>
        <tr>
          <th scope="col">Breakpoint</th>
          <th scope="col">Quantity</th>
          <th scope="col">{before}</th>
          <th scope="col">{after}</th>
        </tr>
      </thead>
      <tbody>
        {differences.map(({ breakpoint, what, before: was, after: is }, index) => (
          <tr key={index}>
            <td>{breakpoint ?? 'All'}</td>
            <th scope="row">{what}</th>
            <td className="number">
              <Fractions text={was ?? '–'} />
            </td>
            <td className="number">
              <Fractions text={is ?? '–'} />
            </td>
          </tr>
        ))}
      </tbody>
    </NumberTable>
  );
}
