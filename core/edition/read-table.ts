import type { ReadValue } from '../quantities/reading';
import { tabSeparated } from '../text/tab-separated';

/** A table of a spec's breakpoints, from the narrowest up: a row of values for each quantity; null where there is none. */
export type ReadTable = { head: string[]; rows: ReadRow[] };

type Row = { label: string; values: (ReadValue | null)[] };

/** A row; where a cell shows several quantities, `each` has them one by one, for those who calculate. */
export type ReadRow = Row & { each?: Row[] };

/** The rows of a table with one quantity each. */
export function singleRows({ rows }: ReadTable): Row[] {
  return rows.flatMap((row) => row.each ?? [row]);
}

/** The table as tab-separated text, decimals in place of fractions, for any spreadsheet. */
export function tableAsText({ head, rows }: ReadTable): string {
  const lines = rows.map(({ label, values }) => [label, ...values.map((value) => value?.copy ?? '')]);
  return tabSeparated([['', ...head], ...lines]);
}
