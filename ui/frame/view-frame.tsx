'use client';

import type { ReactNode } from 'react';
import { Button } from '../parts/button';
import { useHint } from './hints';
import { type View, VIEWS } from './views';
import styles from './view-frame.module.scss';

type Props = {
  view: View;
  /** In place of what the view answers. */
  intro?: ReactNode;
  head?: ReactNode;
  children: ReactNode;
};

/** A view of a draft that fills the window: the first time what it answers, a head with what is chosen, and what comes of it. */
export function ViewFrame({ view, intro, head, children }: Props) {
  const { title, says } = VIEWS.find(({ id }) => id === view)!;
  const { isShown, dismiss } = useHint(view);
  return (
    <main id="content" className={styles.view}>
      <h1 className="visually-hidden">{title}</h1>
      {intro}
      {isShown && !intro && (
        <p className={styles.says}>
          <strong>{title}</strong> {says}
          <Button look="quiet" onClick={dismiss}>
            Dismiss
          </Button>
        </p>
      )}
      {head && <div className={styles.head}>{head}</div>}
      {children}
    </main>
  );
}
