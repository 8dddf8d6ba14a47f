import type { ReactNode } from 'react';
import { useMayEdit } from './draft-context';
import styles from './edit-fields.module.scss';

/** Fields of a draft: they show what is there, and take nothing of whoever may only look. */
export function EditFields({ children }: { children: ReactNode }) {
  return (
    <fieldset className={styles.fields} disabled={!useMayEdit()}>
      {children}
    </fieldset>
  );
}
