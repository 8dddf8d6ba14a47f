import type { ReactNode } from 'react';
import styles from './empty.module.scss';

type Props = { role?: 'alert' | 'status'; children: ReactNode };

/** What is said where there is nothing to show: why, and what to do. */
export function Empty({ role, children }: Props) {
  return (
    <p className={styles.empty} role={role}>
      {children}
    </p>
  );
}
