import type { ReactNode } from 'react';
import styles from './page-head.module.scss';

type Props = {
  title: string;
  /** What can be done here. */ acts?: ReactNode;
  /** What the page is for. */ children?: ReactNode;
};

/** The head of a page of the team: its title, what can be done there, and what it is for. */
export function PageHead({ title, acts, children }: Props) {
  return (
    <>
      <div className={styles.head}>
        <h1>{title}</h1>
        {acts}
      </div>
      {children && <p className={styles.lead}>{children}</p>}
    </>
  );
}
