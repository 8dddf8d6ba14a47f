import type { ReactNode } from 'react';
import Table from 'react-bootstrap/Table';
import { Empty } from './empty';
import styles from './record-table.module.scss';
import { Scrolled } from './scrolled';

/** A column: its head, what it says of a record, and whether that is a number or an address, set in figures of one width. */
export type Column<T> = { head: string; says: (record: T) => ReactNode; isNumber?: boolean };

type Props<T> = {
  /** What it lists, for whoever hears it. */
  label: string;
  records: readonly T[];
  /** The first is the name of each row. */
  columns: readonly Column<T>[];
  /** What can be done with a record, at the end of its row. */
  acts?: (record: T) => ReactNode;
  /** What is over for a record: it is shown, and steps back. */
  isOver?: (record: T) => boolean;
  /** What stands in place of a table without rows. */
  empty: ReactNode;
};

/** Records of a team, such as its keys: a row each, and what can be done with it. Where it is wide, it scrolls by itself. */
export function RecordTable<T extends { id: string | number }>({
  label,
  records,
  columns,
  acts,
  isOver,
  empty,
}: Props<T>) {
  if (records.length === 0) return <Empty>{empty}</Empty>;
  const [name, ...others] = columns;
  return (
    <Scrolled label={label}>
      <Table className={styles.table}>
        <thead>
          <tr>
            {columns.map(({ head }) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
            {acts && (
              <th scope="col">
                <span className="visually-hidden">Actions</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {records.map((record) => (
            <tr key={record.id} data-over={isOver?.(record) || undefined}>
              <th scope="row">{name!.says(record)}</th>
              {others.map(({ head, says, isNumber }) => (
                <td key={head} className={isNumber ? 'number' : undefined}>
                  {says(record)}
                </td>
              ))}
              {acts && <td>{acts(record)}</td>}
            </tr>
          ))}
        </tbody>
      </Table>
    </Scrolled>
  );
}
