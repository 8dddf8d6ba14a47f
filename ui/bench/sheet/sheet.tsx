'use client';

import { Plus } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { addBreakpoint, roomForBreakpoint } from '../../../core/sheet/breakpoints';
import { cellOf } from '../../../core/sheet/cell-of';
import { QUANTITIES, type SheetQuantity } from '../../../core/sheet/quantities';
import { writeCell } from '../../../core/sheet/write-cell';
import { byWidth, rangeText } from '../../../core/spec/ranges';
import { useDraft, useDraftStore } from '../../draft/draft-context';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import type { Place } from '../../draft/draft-store';
import type { Leave } from './cell-editor';
import { editableText, SheetCellView } from './sheet-cell';
import { GROUP_NAMES, GroupMark } from './group-mark';
import { cellKey, selectedRange, useSheetKeys } from './use-sheet-keys';
import { RhythmFields } from './rhythm-fields';
import { UnitsDialog } from './units-dialog';
import { SheetLine } from './sheet-line';
import { useColumns } from './use-columns';
import styles from './sheet.module.scss';

type Editing = Place & { text: string | null };

/** The sheet: quantities down, breakpoints across. */
export function Sheet() {
  const store = useDraftStore();
  const document = useDraft((bench) => bench.document);
  const anchor = useDraft((bench) => bench.anchor);
  const selected = useDraft((bench) => bench.selected);
  const refused = useDraft((bench) => bench.refused);
  const [editing, setEditing] = useState<Editing | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const [units, setUnits] = useState(false);
  const table = useRef<HTMLTableElement>(null);

  const columns = useColumns(document);
  const flagged = useMemo(() => {
    const open = findingsOfDraft(document).filter(({ waiver }) => !waiver);
    return new Map(
      open
        .toReversed()
        .flatMap(({ breakpoint, cell, weight }) =>
          breakpoint && cell ? [[cellKey(breakpoint, cell), weight] as const] : [],
        ),
    );
  }, [document]);

  const focusSelected = (): void => {
    const { row, column } = store.getState().selected;
    table.current?.querySelector<HTMLElement>(`[data-place="${row} ${column}"]`)?.focus();
  };

  // the focus goes where the keys go
  useEffect(() => {
    if (!editing && window.document.activeElement?.matches('[role=gridcell]')) focusSelected();
  });

  const keys = useSheetKeys(
    store,
    (text) => {
      setMessage(null);
      setEditing({ ...store.getState().selected, text });
    },
    setMessage,
  );

  const commit = (place: Place, text: string, leave: Leave | null): void => {
    const bench = store.getState();
    const breakpoint = byWidth(bench.document.breakpoints)[place.column]!;
    const quantity = QUANTITIES[place.row]!;
    const key = cellKey(breakpoint.id, quantity.id);
    const untouched = text === editableText(cellOf(bench.document, breakpoint, quantity.id));
    const written = untouched ? { value: bench.document } : writeCell(bench.document, breakpoint.id, quantity.id, text);
    if (!written.value) {
      bench.refuse(key, { text, problem: written.problem! });
      if (leave === null) setEditing(null);
      return;
    }
    bench.refuse(key, null);
    bench.change(written.value);
    setEditing(null);
    setMessage(null);
    if (leave === null) return;
    const column = byWidth(written.value.breakpoints).findIndex(({ id }) => id === breakpoint.id);
    const [down, across] = { down: [1, 0], up: [-1, 0], right: [0, 1], left: [0, -1], stay: [0, 0] }[leave] as [
      number,
      number,
    ];
    const next = {
      row: Math.min(QUANTITIES.length - 1, Math.max(0, place.row + down)),
      column: Math.min(
        written.value.breakpoints.length - 1,
        Math.max(0, (column < 0 ? place.column : column) + across),
      ),
    };
    bench.select(next);
    requestAnimationFrame(focusSelected);
  };

  const cancel = (key: string): void => {
    store.getState().refuse(key, null);
    setEditing(null);
    requestAnimationFrame(focusSelected);
  };

  const add = (): void => {
    const bench = store.getState();
    const atMarker = addBreakpoint(bench.document, bench.viewport);
    const added = atMarker.value ?? addBreakpoint(bench.document, roomForBreakpoint(bench.document)).value;
    if (!added) return setMessage(atMarker.problem!);
    bench.change(added.spec);
    bench.selectCell(added.id, 'name');
    requestAnimationFrame(focusSelected);
  };

  const range = selectedRange({ anchor, selected });
  const cell = (quantity: SheetQuantity, row: number, column: number) => {
    const { breakpoint, cells } = columns[column]!;
    const key = cellKey(breakpoint.id, quantity.id);
    const isEditing = editing?.row === row && editing.column === column;
    return (
      <SheetCellView
        key={breakpoint.id}
        place={{ row, column }}
        label={`${quantity.label}, ${breakpoint.name}`}
        quantity={quantity}
        cell={cells[row]!}
        note={quantity.id === 'name' ? rangeText(document, breakpoint) : null}
        isSelected={selected.row === row && selected.column === column}
        isInRange={row >= range.top && row <= range.bottom && column >= range.left && column <= range.right}
        flag={flagged.get(key) ?? null}
        refusal={refused[key] ?? null}
        editing={isEditing ? { text: editing.text } : null}
        onSelect={(extend) => {
          setMessage(null);
          store.getState().select({ row, column }, extend);
        }}
        onEdit={() => setEditing({ row, column, text: null })}
        onCommit={(text, leave) => commit({ row, column }, text, leave)}
        onBlur={(text) => commit({ row, column }, text, null)}
        onCancel={() => cancel(key)}
        onFollow={() => commit({ row, column }, '=', 'stay')}
      />
    );
  };

  return (
    <section className={styles.panel} aria-label="Sheet">
      <div className={styles.scroll}>
        <table
          ref={table}
          role="grid"
          aria-label="Quantities by breakpoint"
          className={styles.sheet}
          {...keys}
          onFocus={(event) => event.target === table.current && focusSelected()}
        >
          <tbody>
            {QUANTITIES.map((quantity, row) => (
              <SheetRow
                key={quantity.id}
                quantity={quantity}
                row={row}
                onAdd={add}
                onUnits={() => setUnits(true)}
                onProblem={setMessage}
                count={columns.length}
              >
                {columns.map((_, column) => cell(quantity, row, column))}
              </SheetRow>
            ))}
          </tbody>
        </table>
      </div>
      <SheetLine message={message} />
      {units && <UnitsDialog onClose={() => setUnits(false)} />}
    </section>
  );
}

type RowProps = {
  quantity: SheetQuantity;
  row: number;
  count: number;
  onAdd: () => void;
  onUnits: () => void;
  onProblem: (problem: string | null) => void;
  children: React.ReactNode;
};

function SheetRow({ quantity, row, count, onAdd, onUnits, onProblem, children }: RowProps) {
  const opensGroup = row > 0 && (row === 1 || QUANTITIES[row - 1]!.group !== quantity.group);
  const isHead = quantity.id === 'name';
  return (
    <>
      {opensGroup && (
        <tr className={styles.group} role="row">
          <th colSpan={count + 1} scope="rowgroup">
            <div>
              <GroupMark group={quantity.group} /> {GROUP_NAMES[quantity.group]}
              {quantity.group === 'screen' && (
                <>
                  <button type="button" onClick={onUnits} title="What rem, pt, mm and in count on">
                    Units…
                  </button>
                  <button type="button" onClick={onAdd} title="Splits the range at the viewport marker">
                    <Plus size={13} aria-hidden /> Add a breakpoint
                  </button>
                </>
              )}
            </div>
          </th>
        </tr>
      )}
      <tr className={isHead ? styles.head : undefined} role="row">
        <th scope="row">{isHead ? <RhythmFields onProblem={onProblem} /> : quantity.label}</th>
        {children}
      </tr>
    </>
  );
}
