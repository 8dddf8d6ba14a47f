import type { ReadValue } from '../quantities/reading';
import { tabSeparated } from '../text/tab-separated';

/** A table of a spec's breakpoints, from the narrowest up: a row of values for each quantity; null where there is none. */
export type ReadTable = { head: string[]; rows: { label: string; values: (ReadValue | null)[] }[] };

/** The table as tab-separated text, decimals in place of fractions, for any spreadsheet. */
export function tableAsText({ head, rows }: ReadTable): string {
  const lines = rows.map(({ label, values }) => [label, ...values.map((value) => value?.copy ?? '')]);
  return tabSeparated([['', ...head], ...lines]);
}
