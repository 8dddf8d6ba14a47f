import type { ReactNode } from 'react';
import styles from './empty.module.scss';

type Props = {
  role?: 'alert' | 'status';
  /** What will stand here, drawn. */
  picture?: ReactNode;
  /** What is done first. */
  act?: ReactNode;
  children: ReactNode;
};

/** What is said where there is nothing to show: why, and what to do. */
export function Empty({ role, picture, act, children }: Props) {
  return (
    <div className={styles.empty} role={role}>
      {picture}
      <p>{children}</p>
      {act}
    </div>
  );
}
