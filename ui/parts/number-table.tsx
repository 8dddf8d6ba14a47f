import type { ComponentProps } from 'react';
import styles from './number-table.module.scss';

type Props = ComponentProps<'table'> & {
  /** What stands in its cells: numbers, at their ends, or words. */
  of?: 'numbers' | 'words';
};

/** A table with a head, a name at the beginning of each row, and lines between. */
export function NumberTable({ of = 'numbers', className = '', ...props }: Props) {
  return <table {...props} className={`${styles.table} ${className}`} data-of={of} />;
}
