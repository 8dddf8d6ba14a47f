import type { ReactNode } from 'react';
import styles from './edit-fields.module.scss';

type Props = { may: boolean; children: ReactNode };

/** Fields that show what is there, and take nothing of whoever may only look. */
export function EditFields({ may, children }: Props) {
  return (
    <fieldset className={styles.fields} disabled={!may}>
      {children}
    </fieldset>
  );
}
