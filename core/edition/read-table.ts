import { decimal, numeral } from '../length/present';
import type { Px } from '../length/px';

/** One value: as a person reads it (`78¼`), as it is copied (`78.25`), and what stands under it. */
export type ReadValue = { shown: string; copy: string; note?: string };

/** A table of a spec's breakpoints, from the narrowest up: a row of values for each quantity; null where there is none. */
export type ReadTable = { head: string[]; rows: { label: string; values: (ReadValue | null)[] }[] };

/** A length as a reader takes it: a fraction to read, its decimal to copy. */
export function lengthValue(value: Px): ReadValue {
  return { shown: numeral(value), copy: decimal(value) };
}

/** The table as tab-separated text, decimals in place of fractions, for any spreadsheet. */
export function tabSeparated({ head, rows }: ReadTable): string {
  const lines = [
    ['', ...head],
    ...rows.map(({ label, values }) => [label, ...values.map((value) => value?.copy ?? '')]),
  ];
  return lines.map((line) => line.join('\t')).join('\n');
}
