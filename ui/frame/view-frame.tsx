import type { ReactNode } from 'react';
import { type View, VIEWS } from './views';
import styles from './view-frame.module.scss';

type Props = { view: View; head?: ReactNode; children: ReactNode };

/** A view of a draft that fills the window: what it answers, a head with what is chosen, and what comes of it. */
export function ViewFrame({ view, head, children }: Props) {
  const { title, says } = VIEWS.find(({ id }) => id === view)!;
  return (
    <main id="content" className={styles.view}>
      <div className={styles.says}>
        <h1>{title}</h1> <p>{says}</p>
      </div>
      {head && <div className={styles.head}>{head}</div>}
      {children}
    </main>
  );
}
