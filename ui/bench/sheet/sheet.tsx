'use client';

import { Plus } from 'lucide-react';
import { type CSSProperties, useEffect, useMemo, useRef, useState } from 'react';
import { addBreakpoint, roomForBreakpoint } from '../../../core/sheet/breakpoints';
import { cellOf } from '../../../core/sheet/cell-of';
import { QUANTITIES, type SheetQuantity } from '../../../core/sheet/quantities';
import { type Place, placeBeside, placeKey, placesIn, rangeBetween } from '../../../core/sheet/place';
import { writePlaces } from '../../../core/sheet/write-places';
import { rangeText } from '../../../core/spec/ranges';
import { useDraft, useDraftStore } from '../../draft/draft-context';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import { type Leave, STEPS } from '../../frame/grid/cell-field';
import { editableText, SheetCellView } from './sheet-cell';
import { GROUP_NAMES, GroupMark } from './group-mark';
import { useSheetKeys } from './use-sheet-keys';
import { BreakpointMenu } from './breakpoint-menu';
import { RhythmFields } from './rhythm-fields';
import { UnitsDialog } from './units-dialog';
import { SheetLine } from './sheet-line';
import { useColumns } from './use-columns';
import styles from './sheet.module.scss';

type Editing = { place: Place; text: string | null };

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
          breakpoint && cell ? [[placeKey({ breakpoint, quantity: cell }), weight] as const] : [],
        ),
    );
  }, [document]);

  const focusSelected = (): void => {
    const key = placeKey(store.getState().selected);
    table.current?.querySelector<HTMLElement>(`[data-place="${key}"]`)?.focus();
  };

  // the focus goes where the keys go
  useEffect(() => {
    if (!editing && window.document.activeElement?.matches('[role=gridcell]')) focusSelected();
  });

  const keys = useSheetKeys(
    store,
    (text) => {
      setMessage(null);
      setEditing({ place: store.getState().selected, text });
    },
    setMessage,
  );

  /** What is typed into a selected range, all of it takes. */
  const placesFor = (place: Place): Place[] => {
    const { document: now, anchor: first, selected: last } = store.getState();
    const range = placesIn(now, rangeBetween(now, first, last));
    return placeKey(place) === placeKey(last) ? range : [place];
  };

  const commit = (place: Place, text: string, leave: Leave | null): void => {
    const bench = store.getState();
    const breakpoint = bench.document.breakpoints.find(({ id }) => id === place.breakpoint);
    if (!breakpoint) return setEditing(null);
    const key = placeKey(place);
    const places = placesFor(place);
    const untouched = places.length === 1 && text === editableText(cellOf(bench.document, breakpoint, place.quantity));
    const problem = untouched ? null : bench.take(writePlaces(bench.document, places, () => text));
    if (problem) {
      bench.refuse(key, { text, problem });
      if (leave === null) setEditing(null);
      return;
    }
    for (const each of places) bench.refuse(placeKey(each), null);
    setEditing(null);
    setMessage(null);
    if (leave === null) return;
    // a name may have given the breakpoint another id
    const { document: now, selected: after } = store.getState();
    const [down, across] = STEPS[leave];
    const there = now.breakpoints.some(({ id }) => id === place.breakpoint)
      ? place
      : { ...place, breakpoint: after.breakpoint };
    bench.select(placeBeside(now, there, down, across));
    requestAnimationFrame(focusSelected);
  };

  const cancel = (place: Place): void => {
    store.getState().refuse(placeKey(place), null);
    setEditing(null);
    requestAnimationFrame(focusSelected);
  };

  const add = (): void => {
    const bench = store.getState();
    const atMarker = addBreakpoint(bench.document, bench.viewport);
    const added = atMarker.value ?? addBreakpoint(bench.document, roomForBreakpoint(bench.document)).value;
    const problem = added ? bench.tryChange(added.spec) : atMarker.problem!;
    if (!added || problem) return setMessage(problem);
    bench.selectCell(added.id, 'name');
    requestAnimationFrame(focusSelected);
  };

  const range = rangeBetween(document, anchor, selected);
  const cell = (quantity: SheetQuantity, row: number, column: number) => {
    const { breakpoint, cells } = columns[column]!;
    const place: Place = { breakpoint: breakpoint.id, quantity: quantity.id };
    const key = placeKey(place);
    return (
      <SheetCellView
        key={breakpoint.id}
        place={key}
        label={`${quantity.label}, ${breakpoint.name}`}
        quantity={quantity}
        cell={cells[row]!}
        note={quantity.id === 'name' ? rangeText(document, breakpoint) : null}
        isSelected={placeKey(selected) === key}
        isInRange={row >= range.top && row <= range.bottom && column >= range.left && column <= range.right}
        flag={flagged.get(key) ?? null}
        refusal={refused[key] ?? null}
        editing={editing && placeKey(editing.place) === key ? { text: editing.text } : null}
        onSelect={(extend) => {
          setMessage(null);
          store.getState().select(place, extend);
        }}
        onEdit={() => setEditing({ place, text: null })}
        onCommit={(text, leave) => commit(place, text, leave)}
        onBlur={(text) => commit(place, text, null)}
        onCancel={() => cancel(place)}
        onFollow={() => commit(place, '=', 'stay')}
        menu={
          quantity.id === 'name' ? (
            <BreakpointMenu id={breakpoint.id} name={breakpoint.name} onSay={setMessage} />
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
          aria-label="Quantities by breakpoint"
          className={styles.sheet}
          style={{ '--breakpoints': columns.length } as CSSProperties}
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
