import type { ReactNode } from 'react';
import styles from './choices.module.scss';

/** A few choices of a form, one under the other, under what is chosen. */
export function Choices({ legend, children }: { legend: string; children: ReactNode }) {
  return (
    <fieldset className={styles.choices}>
      <legend>{legend}</legend>
      {children}
    </fieldset>
  );
}
