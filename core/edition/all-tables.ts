import type { Spec } from '../spec/schema';
import type { ReadTable } from './read-table';
import { spacingTable } from './spacing-table';
import { textTable } from './text-table';
import { spanTable, valueTable } from './value-table';

/** A table of a spec with its title, and what its numbers are. */
export type TitledTable = { id: string; title: string; says: string; table: ReadTable };

/** The tables that a spec is read by: values, spans, text styles, spacing steps; those that it has. */
export function allTables(spec: Spec): TitledTable[] {
  return [
    { id: 'values', title: 'Exact values', says: 'px at the design width', table: valueTable(spec) },
    {
      id: 'spans',
      title: 'Span widths',
      says: 'px, with the share of the container and of the viewport',
      table: spanTable(spec),
    },
    {
      id: 'type',
      title: 'Text styles',
      says: 'px; text that starts on a baseline moves down by this much to sit on the grid',
      table: textTable(spec),
    },
    { id: 'spacing', title: 'Spacing steps', says: 'multiples of the base unit', table: spacingTable(spec) },
  ].filter(({ table }) => table.rows.length > 0);
}
