import { allTables } from '../edition/all-tables';
import { layoutTable, whiteSpaceTable } from '../edition/layout-table';
import type { ReadTable } from '../edition/read-table';
import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';

/** A number that readers find in a table of an edition, and that is another now. Null where it was, or is, not there. */
export type Effect = { table: string; row: string; column: string; before: string | null; after: string | null };

type Named = { title: string; table: ReadTable };

/** Every table in which what a change comes to is read: spans, text styles, layouts, white space. */
function tablesOf(spec: Spec): Map<string, Named> {
  const tables: [string, Named][] = [
    ...allTables(spec)
      .filter(({ id }) => id !== 'values')
      .map(({ id, title, table }): [string, Named] => [id, { title, table }]),
    ...spec.layouts.map((layout): [string, Named] => [
      `layout ${layout.id}`,
      { title: layout.name, table: layoutTable(spec, layout) },
    ]),
  ];
  if (spec.layouts.length > 0) tables.push(['white-space', { title: 'White space', table: whiteSpaceTable(spec) }]);
  return new Map(tables);
}

/** Columns of a table by what stays the same when they are renamed: breakpoints by their ids. */
function columnsOf(spec: Spec, { head }: ReadTable): Map<string, { name: string; place: number }> {
  const breakpoints = byWidth(spec.breakpoints);
  const isOfBreakpoints =
    head.length === breakpoints.length && head.every((name, at) => name === breakpoints[at]!.name);
  return new Map(head.map((name, place) => [isOfBreakpoints ? breakpoints[place]!.id : name, { name, place }]));
}

/**
 * What a change comes to, beyond the quantities that were edited: every span, text style, block of a layout and white space whose numbers are others, at the
 * widths that are drawn.
 *
 *     effects(old, new)[0]   // { table: "Span widths", row: "2 columns", column: "Desktop", before: "196", after: "204" }
 */
export function effects(before: Spec, after: Spec): Effect[] {
  const [was, is] = [tablesOf(before), tablesOf(after)];
  return [...new Set([...was.keys(), ...is.keys()])].flatMap((id) => {
    const [old, now] = [was.get(id), is.get(id)];
    const table = (now ?? old)!.title;
    const [oldColumns, newColumns] = [
      old ? columnsOf(before, old.table) : new Map<never, never>(),
      now ? columnsOf(after, now.table) : new Map<never, never>(),
    ] as Map<string, { name: string; place: number }>[];
    const labels = new Set([...(old?.table.rows ?? []), ...(now?.table.rows ?? [])].map(({ label }) => label));
    const shown = (of: Named | undefined, row: string, place: number | undefined): string | null =>
      place === undefined ? null : (of?.table.rows.find(({ label }) => label === row)?.values[place]?.shown ?? null);
    return [...labels].flatMap((row) =>
      [...new Set([...newColumns!.keys(), ...oldColumns!.keys()])].flatMap((column): Effect[] => {
        const [from, to] = [oldColumns!.get(column), newColumns!.get(column)];
        const [then, since] = [shown(old, row, from?.place), shown(now, row, to?.place)];
        return then === since ? [] : [{ table, row, column: (to ?? from)!.name, before: then, after: since }];
      }),
    );
  });
}
