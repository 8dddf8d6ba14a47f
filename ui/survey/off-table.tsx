'use client';

import {
  type SortingState,
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import { type Cause, causesOf, causeText, type OffEdge, shownOff } from '../../core/survey/off';
import { offCsv, offTabs } from '../../core/survey/off-csv';
import { BareButton } from '../parts/bare-button';
import { Empty } from '../parts/empty';
import { NumberTable } from '../parts/number-table';
import { ToolButton } from '../parts/toggle';
import { download } from '../frame/download';
import type { Held } from './held-against';
import { useSurvey, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';
import { Button } from '../parts/button';

type Props = { held: readonly Held[]; onPoint: (edge: OffEdge) => void };

const column = createColumnHelper<Row>();
type Row = OffEdge & { cause: string; screenId: string };

const COLUMNS = [
  column.accessor('cause', { header: 'Cause' }),
  column.accessor('box', { header: 'Box' }),
  column.accessor('screen', { header: 'Screen' }),
  column.accessor('at', { header: 'At', cell: (cell) => plain(cell.getValue()) }),
  column.accessor('nearest', { header: 'Line', cell: (cell) => plain(cell.getValue()) }),
  column.accessor('by', { header: 'Off by', cell: (cell) => plain(cell.getValue()) }),
];
const NUMBERS = ['at', 'nearest', 'by'];
const MOST_ROWS = 400;

/** Everything that is off, one cause after the other; sorted by a click, copied and downloaded. */
export function OffTable({ held, onPoint }: Props) {
  const store = useSurveyStore();
  const name = useSurvey((survey) => survey.name);
  const [sorting, setSorting] = useState<SortingState>([]);
  const [isCopied, setCopied] = useState(false);
  const causes = useMemo(() => causesOf(held.flatMap(({ off }) => off?.slips ?? [])), [held]);
  const leaving = held.reduce((sum, { off }) => sum + (off?.leaving.length ?? 0), 0);
  const rows = useMemo(() => rowsOf(causes, held), [causes, held]);
  const table = useReactTable({
    data: rows,
    columns: COLUMNS,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <section aria-label="Off grid" className={styles.section}>
      <h2>Off grid</h2>
      {rows.length === 0 ? (
        <Empty>
          {held.some(({ off }) => off)
            ? 'Every edge is on its line, or clearly off on purpose.'
            : 'Choose a grid to compare the screens with.'}
        </Empty>
      ) : (
        <>
          <ul className={styles.causes}>
            {causes.slice(0, 8).map((cause) => (
              <li key={`${cause.side} ${cause.by}`}>{causeText(cause)}</li>
            ))}
          </ul>
          <p className={styles.acts}>
            <ToolButton
              onClick={() => {
                void navigator.clipboard.writeText(offTabs(causes)).then(() => setCopied(true));
              }}
            >
              {isCopied ? 'Copied' : 'Copy table'}
            </ToolButton>
            <ToolButton onClick={() => download(`${name || 'survey'}.csv`, 'text/csv', offCsv(causes))}>CSV</ToolButton>
            {leaving > 0 && <span className="soft">{leaving} more break the grid, it seems on purpose.</span>}
          </p>
          <NumberTable of="words" className={styles.offTable!}>
            <thead>
              {table.getHeaderGroups().map((group) => (
                <tr key={group.id}>
                  {group.headers.map((header) => (
                    <th
                      key={header.id}
                      scope="col"
                      data-number={NUMBERS.includes(header.column.id) || undefined}
                      aria-sort={
                        { asc: 'ascending' as const, desc: 'descending' as const, none: 'none' as const }[
                          header.column.getIsSorted() || 'none'
                        ]
                      }
                    >
                      <BareButton className={styles.sort} onClick={header.column.getToggleSortingHandler()}>
                        {flexRender(header.column.columnDef.header, header.getContext())}
                        <span aria-hidden="true">
                          {{ asc: ' ↑', desc: ' ↓', none: '' }[header.column.getIsSorted() || 'none']}
                        </span>
                      </BareButton>
                    </th>
                  ))}
                </tr>
              ))}
            </thead>
            <tbody>
              {table
                .getRowModel()
                .rows.slice(0, MOST_ROWS)
                .map((row) => (
                  <tr key={row.id}>
                    {row.getVisibleCells().map((cell) => (
                      <td key={cell.id} className={NUMBERS.includes(cell.column.id) ? 'number' : undefined}>
                        {cell.column.id === 'box' ? (
                          <Button
                            look="quiet"
                            onClick={() => {
                              store.getState().show(row.original.screenId);
                              onPoint(row.original);
                            }}
                          >
                            {row.original.box}, {row.original.side}
                          </Button>
                        ) : (
                          flexRender(cell.column.columnDef.cell, cell.getContext())
                        )}
                      </td>
                    ))}
                  </tr>
                ))}
            </tbody>
          </NumberTable>
          {rows.length > MOST_ROWS && (
            <p className="soft">
              The first {MOST_ROWS} of {rows.length}; all are in the CSV.
            </p>
          )}
        </>
      )}
    </section>
  );
}

function rowsOf(causes: readonly Cause[], held: readonly Held[]): Row[] {
  const ids = new Map(held.flatMap(({ screen, off }) => (off?.slips ?? []).map((edge) => [edge, screen.id] as const)));
  return causes.flatMap((cause) =>
    cause.edges.map((edge) => ({ ...edge, cause: causeText(cause), screenId: ids.get(edge) ?? '' })),
  );
}

function plain(length: number): string {
  return String(shownOff(length));
}
