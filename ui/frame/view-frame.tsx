import type { ReactNode } from 'react';
import styles from './view-frame.module.scss';

/** A view of a draft that fills the window: a head with what is chosen, and what comes of it. */
export function ViewFrame({ head, children }: { head: ReactNode; children: ReactNode }) {
  return (
    <main className={styles.view}>
      <div className={styles.head}>{head}</div>
      {children}
    </main>
  );
}
