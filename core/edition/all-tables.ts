import type { NamedGrid, Spec } from '../spec/schema';
import type { ReadTable } from './read-table';
import { spacingTable } from './spacing-table';
import { textTable } from './text-table';
import { specOfGrid } from '../spec/named-grids';
import { guideTable, spanTable, valueTable } from './value-table';

/** A table of a spec with its title, and what its numbers are. */
export type TitledTable = { id: string; title: string; says: string; table: ReadTable };

/** Values and spans of a document's main grid, which may be that of one beside it. */
function gridTables(spec: Spec, grid?: NamedGrid): TitledTable[] {
  const [id, of] = grid ? [`-${grid.id}`, `${grid.name}: `] : ['', ''];
  const title = (own: string): string => (grid ? `${of}${own.charAt(0).toLowerCase()}${own.slice(1)}` : own);
  return [
    { id: `values${id}`, title: title('Exact values'), says: 'px at the design width', table: valueTable(spec) },
    {
      id: `spans${id}`,
      title: title('Span widths'),
      says: 'px, with the share of the container and of the viewport',
      table: spanTable(spec),
    },
  ];
}

/** The tables that a spec is read by: values and spans of every grid, guides, text styles, spacing steps; those that it has. */
export function allTables(spec: Spec): TitledTable[] {
  return [
    ...gridTables(spec),
    ...(spec.grids ?? []).flatMap((grid) => gridTables(specOfGrid(spec, grid), grid)),
    {
      id: 'guides',
      title: 'Guides',
      says: 'px from the start or the top, at the design size',
      table: guideTable(spec),
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
