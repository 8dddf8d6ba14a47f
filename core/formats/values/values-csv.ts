import { allTables } from '../../edition/all-tables';
import { singleRows } from '../../edition/read-table';
import type { Spec } from '../../spec/schema';
import { commaSeparated } from '../../text/comma-separated';

/**
 * The tables of a spec as one CSV (RFC 4180) for spreadsheets: a line for each quantity and column of its table, lengths in px as decimals of at most
 * four places, since a spreadsheet takes a fraction for text or a date.
 *
 *     table,quantity,of,value
 *     Exact values,Columns,Phone,4
 */
export function valuesCsv(spec: Spec): string {
  const rows = allTables(spec).flatMap(({ title, table }) =>
    singleRows(table).flatMap(({ label, values }) =>
      values.flatMap((value, index) => (value === null ? [] : [[title, label, table.head[index]!, value.copy]])),
    ),
  );
  return commaSeparated([['table', 'quantity', 'of', 'value'], ...rows]);
}
