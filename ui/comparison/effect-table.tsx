import type { Effect } from '../../core/diff/effects';
import { Fractions } from '../drawing/numeral';
import { NumberTable } from '../parts/number-table';
import { Scrolled } from '../parts/scrolled';

/** So many rows are shown at once; the text of the comparison has all of them. */
const MOST = 200;

type Props = { effects: readonly Effect[]; before: string; after: string };

/** The numbers that readers find in tables of an edition, and that are others now. */
export function EffectTable({ effects, before, after }: Props) {
  return (
    <Scrolled label="Numbers that differ">
      <NumberTable of="words">
        <thead>
          <tr>
            <th scope="col">Of</th>
            <th scope="col">Number</th>
            <th scope="col">At</th>
            <th scope="col">{before}</th>
            <th scope="col">{after}</th>
          </tr>
        </thead>
        <tbody>
          {effects.slice(0, MOST).map(({ table, row, column, before: was, after: is }, index) => (
            <tr key={index}>
              <td>{table}</td>
              <th scope="row">{row}</th>
              <td>{column}</td>
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
      {effects.length > MOST && <p className="soft">{effects.length - MOST} more in the copied text.</p>}
    </Scrolled>
  );
}
