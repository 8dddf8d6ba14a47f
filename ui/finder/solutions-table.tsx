'use client';

import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState } from 'react';
import { type Conditions, distanceTo, type Now, type Solution } from '../../core/finder/search';
import { GridStrip } from '../drawing/grid-strip';
import styles from './finder.module.scss';
import { BareButton } from '../parts/bare-button';
import { Check } from '../parts/check';
import { Button } from '../parts/button';

/** `distance` from the sheet now, `nearness` from the sheet when the list was put in order. */
type Row = Solution & { distance: number; nearness: number };

const column = createColumnHelper<Row>();
const COLUMNS = [
  column.accessor('container', { header: 'Container' }),
  column.accessor('count', { header: 'Count' }),
  column.accessor('column', { header: 'Column' }),
  column.accessor('gutter', { header: 'Gutter' }),
  column.accessor('margin', { header: 'Margin' }),
  column.accessor('nearness', {
    header: 'Differs by',
    cell: ({ row }) => String(Number(row.original.distance.toFixed(1))),
  }),
];

const ROW_HEIGHT = 30;
const STRIP = 250;

type Props = {
  solutions: Solution[];
  conditions: Conditions;
  now: Now;
  inSheet: Solution | null;
  shortlist: Solution[];
  onToggle: (solution: Solution) => void;
  onTake: (solution: Solution) => void;
};

/** Solutions, the nearest to the sheet first; sorted by any column. Only the rows in view are drawn. */
export function SolutionsTable({ solutions, conditions, now, inSheet, shortlist, onToggle, onTake }: Props) {
  const [sorting, setSorting] = useState<SortingState>([{ id: 'nearness', desc: false }]);
  // the list stays as it is under the pointer when one of it is taken; it is put in order anew when a head is clicked
  const [orderedBy, setOrderedBy] = useState(now);
  const { column: each, gutter, container } = now;
  const data = useMemo(() => {
    const shown = { column: each, gutter, container };
    return solutions.map((solution) => ({
      ...solution,
      distance: distanceTo(shown, solution),
      nearness: distanceTo(orderedBy, solution),
    }));
  }, [solutions, each, gutter, container, orderedBy]);
  const table = useReactTable({
    data,
    columns: COLUMNS,
    state: { sorting, columnVisibility: { margin: conditions.widthsAre === 'viewports' } },
    sortDescFirst: false,
    onSortingChange: (next) => {
      setOrderedBy(now);
      setSorting(next);
    },
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const { rows } = table.getRowModel();
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 8,
  });
  const widest = useMemo(() => solutions.reduce((most, { width }) => Math.max(most, width), 1), [solutions]);

  return (
    <div
      className={conditions.widthsAre === 'viewports' ? `${styles.table} ${styles.withMargin}` : styles.table}
      role="table"
      aria-label="Solutions"
      aria-rowcount={rows.length + 1}
    >
      <div role="rowgroup">
        <div className={styles.tableHead} role="row" aria-rowindex={1}>
          {table.getHeaderGroups()[0]!.headers.map((header) => {
            const sorted = header.column.getIsSorted();
            return (
              <div
                key={header.id}
                role="columnheader"
                aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
              >
                <BareButton onClick={header.column.getToggleSortingHandler()}>
                  {flexRender(header.column.columnDef.header, header.getContext())}
                  <span aria-hidden="true">{sorted === 'asc' ? ' ↑' : sorted === 'desc' ? ' ↓' : ''}</span>
                </BareButton>
              </div>
            );
          })}
          <div role="columnheader">At scale</div>
          <div role="columnheader">
            <span className="visually-hidden">Choose</span>
          </div>
        </div>
      </div>
      <div ref={scroller} className={styles.tableBody} role="rowgroup" tabIndex={0} aria-label="Solutions, scrolled">
        <div style={{ blockSize: virtual.getTotalSize(), position: 'relative' }} role="presentation">
          {virtual.getVirtualItems().map(({ index, start, size }) => {
            const row = rows[index]!;
            const solution = solutions[row.index]!;
            const { width, margin, count, column: each, gutter } = solution;
            return (
              <div
                key={row.id}
                className={styles.tableRow}
                role="row"
                aria-rowindex={index + 2}
                style={{ blockSize: size, translate: `0 ${start}px` }}
              >
                {row.getVisibleCells().map((cell) => (
                  <div key={cell.id} role="cell" className="number">
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </div>
                ))}
                <div role="cell" className={styles.strip}>
                  <GridStrip
                    grid={{
                      width,
                      margin,
                      count,
                      column: each,
                      gutter,
                      inset: conditions.outer === 'half' ? gutter / 2 : 0,
                    }}
                    scale={STRIP / widest}
                  />
                </div>
                <div role="cell" className={styles.choose}>
                  {solution === inSheet ? (
                    <strong>In the sheet</strong>
                  ) : (
                    <Button
                      look="quiet"
                      data-edits
                      onClick={() => onTake(solution)}
                      aria-label={`Use this grid: ${count} × ${each}, gutter ${gutter}`}
                    >
                      Use this grid
                    </Button>
                  )}
                  <label>
                    <Check type="checkbox" checked={shortlist.includes(solution)} onChange={() => onToggle(solution)} />{' '}
                    compare
                  </label>
                </div>
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
