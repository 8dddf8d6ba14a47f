'use client';

import { type CSSProperties, useRef, useState } from 'react';
import type { CellQuantity } from '../../../core/quantities/quantity';
import { QUANTITIES, type QuantityId } from '../../../core/quantities/registry';
import { rangeBetween } from '../../../core/sheet/place';
import { rangeText } from '../../../core/spec/ranges';
import { Cell } from '../../draft/cells/cell';
import { cellProps } from '../../draft/cells/cell-props';
import { flagsOf } from '../../draft/cells/flags';
import { focusSelected, useGridFocus } from '../../draft/cells/use-grid-focus';
import { useDraft, useMayEdit, useTogether, useView } from '../../draft/draft-context';
import { GridNameDialog } from '../grids/grid-name-dialog';
import { isOfMainGrid } from '../grids/main-grid-values';
import { AddBreakpointDialog } from './add-breakpoint-dialog';
import { AllBreakpointsDialog } from './all-breakpoints-dialog';
import { BreakpointMenu } from './breakpoint-menu';
import { SheetLine } from './sheet-line';
import { SheetRow } from './sheet-row';
import styles from './sheet.module.scss';
import { UnitsDialog } from './units-dialog';
import { useColumns } from './use-columns';
import { useSheet } from './use-sheet';
import { NAMES, widthOfSheet } from './width-of-sheet';

/** The sheet: quantities down, breakpoints across. */
export function Sheet() {
  const document = useDraft((draft) => draft.document);
  const grid = useDraft((draft) => draft.grid);
  const anchor = useView((view) => view.anchor);
  const selected = useView((view) => view.selected);
  const refused = useView((view) => view.refused);
  const waiting = useTogether((together) => together.waiting);
  const [units, setUnits] = useState(false);
  const table = useRef<HTMLTableElement>(null);
  const [isAdding, setAdding] = useState(false);
  const mayEdit = useMayEdit();
  const [isForAll, setForAll] = useState(false);
  const [naming, setNaming] = useState<'new' | 'name' | null>(null);
  const selectCell = useView((view) => view.selectCell);
  const sheet = useSheet();
  const { editing, message, say, keys } = sheet;
  useGridFocus(table, editing !== null);

  const columns = useColumns(document);
  const flags = flagsOf(document);
  const range = rangeBetween(document, anchor, selected);
  const cell = (quantity: CellQuantity<QuantityId>, row: number, column: number) => {
    const { breakpoint, cells } = columns[column]!;
    const isHead = quantity.id === 'name';
    return (
      <Cell
        key={breakpoint.id}
        {...cellProps(quantity, breakpoint, { ...sheet, selected, refused, flags, waiting, saysId: 'sheet-says' })}
        cell={cells[row]!}
        isOfMain={isOfMainGrid(grid, quantity, breakpoint)}
        note={isHead ? rangeText(document, breakpoint) : null}
        isInRange={row >= range.top && row <= range.bottom && column >= range.left && column <= range.right}
        menu={
          isHead ? (
            <BreakpointMenu
              id={breakpoint.id}
              name={breakpoint.name}
              isSelected={selected.breakpoint === breakpoint.id && selected.quantity === 'name'}
              onSay={say}
            />
          ) : null
        }
      />
    );
  };

  return (
    <section className={styles.panel} aria-label="Sheet">
      <div className={styles.scroll}>
        <table
          ref={table}
          role="grid"
          aria-label="Values by breakpoint"
          className={styles.sheet}
          style={{ '--least': `${widthOfSheet(columns.length)}px`, '--names': `${NAMES}px` } as CSSProperties}
          {...keys}
          onKeyDown={(event) => {
            const isForAllKey = event.altKey && !event.shiftKey && event.key.toLowerCase() === 'a';
            if (!isForAllKey || !mayEdit) return keys.onKeyDown(event);
            event.preventDefault();
            setForAll(true);
          }}
          onFocus={(event) => event.target === table.current && focusSelected(table.current)}
        >
          <tbody>
            {QUANTITIES.map((quantity, row) => (
              <SheetRow
                key={quantity.id}
                quantity={quantity}
                opensGroup={row > 0 && (row === 1 || QUANTITIES[row - 1]!.group !== quantity.group)}
                across={columns.length}
                onAdd={() => setAdding(true)}
                onUnits={() => setUnits(true)}
                onAll={() => setForAll(true)}
                onGrid={setNaming}
                onProblem={say}
              >
                {columns.map((_, column) => cell(quantity, row, column))}
              </SheetRow>
            ))}
          </tbody>
        </table>
      </div>
      <SheetLine message={message} />
      {isAdding && (
        <AddBreakpointDialog
          onAdded={(id) => {
            setAdding(false);
            selectCell(id, 'name');
            // the dialog gives the focus back to its button first
            requestAnimationFrame(() => requestAnimationFrame(() => focusSelected(table.current)));
          }}
          onClose={() => setAdding(false)}
        />
      )}
      {isForAll && <AllBreakpointsDialog onClose={() => setForAll(false)} />}
      {naming && <GridNameDialog grid={naming === 'name' ? grid : null} onClose={() => setNaming(null)} />}
      {units && <UnitsDialog onClose={() => setUnits(false)} />}
    </section>
  );
}
