import type { Check } from '../../core/comparison/check';
import { NumberTable } from '../parts/number-table';
import styles from './compare.module.scss';

/** What was held, with what the edition and the page have. */
export function CheckTable({ checks, version }: { checks: readonly Check[]; version: string }) {
  if (checks.length === 0) return null;
  return (
    <div className={styles.table}>
      <NumberTable of="words">
        <thead>
          <tr>
            <th scope="col">Breakpoint</th>
            <th scope="col">Quantity</th>
            <th scope="col">{version}</th>
            <th scope="col">The page</th>
            <th scope="col">At px</th>
          </tr>
        </thead>
        <tbody>
          {checks.map(({ breakpoint, quantity, specification, page, at, verdict, sentence, where }, index) => (
            <tr
              key={index}
              title={[sentence, where].filter(Boolean).join(' ') || undefined}
              data-off={verdict === 'differs' || undefined}
            >
              <td>{breakpoint}</td>
              <th scope="row">{quantity}</th>
              <td className="number">{specification}</td>
              <td className="number">
                {verdict === 'same' ? 'the same' : verdict === 'differs' ? page : 'not checked'}
              </td>
              <td className="number">{at}</td>
            </tr>
          ))}
        </tbody>
      </NumberTable>
    </div>
  );
}
