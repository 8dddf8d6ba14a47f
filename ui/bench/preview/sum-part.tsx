import type { ReactNode } from 'react';
import { Fractions } from '../../drawing/numeral';
import styles from './preview.module.scss';

type Props = { label: string; bar: ReactNode; line: string; stands: Stands; verdict: string };

/** Does a sum come out with every edge on a whole px; does it only come out; or not even that? */
export type Stands = 'fine' | 'between' | 'off';

/** A sum: its pieces as a bar, written out, and whether it comes out. */
export function SumPart({ label, bar, line, stands, verdict }: Props) {
  return (
    <div className={styles.sumPart} role="group" aria-label={label}>
      {bar}
      <div className={styles.equation}>
        <output className="number">
          <Fractions text={line} />
        </output>
        <span data-verdict={stands}>{verdict}</span>
      </div>
    </div>
  );
}
