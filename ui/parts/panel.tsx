import type { ReactNode } from 'react';
import styles from './panel.module.scss';

/** A part of a view that scrolls by itself, by keyboard too. */
export function Panel({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className={styles.panel} tabIndex={0} role="group" aria-label={label}>
      {children}
    </div>
  );
}
