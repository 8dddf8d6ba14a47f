import type { ReactNode } from 'react';
import styles from './notice.module.scss';

/** A line over a view: news, or something that stands in the way and is said at once. */
export function Notice({ of, children }: { of: 'news' | 'problem'; children: ReactNode }) {
  return (
    <p className={styles.notice} data-of={of} role={of === 'problem' ? 'alert' : 'status'}>
      {children}
    </p>
  );
}
