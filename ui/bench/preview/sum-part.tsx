import type { ReactNode } from 'react';
import { Fractions } from '../../drawing/numeral';
import styles from './preview.module.scss';

type Props = { label: string; bar: ReactNode; line: string; isFine: boolean; verdict: string };

/** A sum: its pieces as a bar, written out, and whether it comes out. */
export function SumPart({ label, bar, line, isFine, verdict }: Props) {
  return (
    <div className={styles.sumPart} role="group" aria-label={label}>
      {bar}
      <div className={styles.equation}>
        <output className="number">
          <Fractions text={line} />
        </output>
        <span data-verdict={isFine ? 'fine' : 'off'}>{verdict}</span>
      </div>
    </div>
  );
}
