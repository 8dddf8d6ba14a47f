'use client';

import { useId, useRef } from 'react';
import type { CellQuantity } from '../../../core/quantities/quantity';
import { placeKey, placesIn, rangeBetween, type Rows } from '../../../core/sheet/place';
import type { Breakpoint } from '../../../core/spec/schema';
import gridStyles from '../../frame/grid/grid.module.scss';
import { useDraft, useTogether } from '../draft-context';
import { WaitingLine } from '../together/waiting-line';
import { waitingAt } from '../together/together-store';
import { Cell } from './cell';
import { cellProps } from './cell-props';
import { flagsOf } from './flags';
import { useCellSheet } from './use-cell-sheet';
import { useGridFocus } from './use-grid-focus';

type Props<Id extends string> = {
  label: string;
  rows: Rows<Id>;
  /** From the narrowest on. */
  breakpoints: readonly Breakpoint[];
  shown: string;
  /** What stands over the names of the rows. */
  head: string;
  /** The class of the column of names. */
  labels?: string | undefined;
  /** How deep a row's name is set in. */
  depth?: (id: Id) => number;
  /** Rows that are chosen outside of the sheet, and what choosing one there does. */
  isChosen?: (id: Id) => boolean;
  onRow?: (id: Id) => void;
  /** Cells that are marked for another reason than a finding of theirs. */
  isMarked?: (id: Id, breakpoint: string) => boolean;
};

/** Quantities down, breakpoints across: one text for all cells that are selected, the same keys as on the bench. */
export function CellSheet<Id extends string>(props: Props<Id>) {
  const { label, rows, breakpoints, shown, head, labels, depth, isChosen, onRow, isMarked } = props;
  const document = useDraft((draft) => draft.document);
  const waiting = useTogether((together) => together.waiting);
  const table = useRef<HTMLTableElement>(null);
  const says = useId();
  const sheet = useCellSheet<Id>(rows, shown);
  const { selected, anchor, editing, message, keys } = sheet;
  useGridFocus(table, editing !== null);

  const flags = flagsOf(document);
  const inRange = new Set(placesIn(document, rangeBetween(document, anchor, selected, rows), rows).map(placeKey));
  const about = rows.find(({ id }) => id === selected.quantity)!;
  const at = breakpoints.find(({ id }) => id === selected.breakpoint);
  const waits = at ? waitingAt(waiting, about.address(at)) : null;
  const cell = (quantity: CellQuantity<Id>, breakpoint: Breakpoint) => {
    const given = cellProps(quantity, breakpoint, { ...sheet, flags, waiting, saysId: says });
    return (
      <Cell
        key={breakpoint.id}
        {...given}
        flag={given.flag ?? (isMarked?.(quantity.id, breakpoint.id) ? 'weigh' : null)}
        onSelect={(extend) => {
          given.onSelect(extend);
          onRow?.(quantity.id);
        }}
        cell={quantity.read(document, breakpoint)}
        note={null}
        isInRange={inRange.has(placeKey({ quantity: quantity.id, breakpoint: breakpoint.id }))}
      />
    );
  };

  return (
    <>
      <table ref={table} role="grid" aria-label={label} {...keys}>
        <colgroup>
          <col className={labels} />
        </colgroup>
        <thead>
          <tr role="row">
            <th scope="col">{head}</th>
            {breakpoints.map(({ id, name }) => (
              <th key={id} scope="col" data-shown={id === shown || undefined}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((quantity) => (
            <tr key={quantity.id} role="row" data-chosen={isChosen?.(quantity.id) || undefined}>
              <th scope="row" data-depth={depth?.(quantity.id)} title={quantity.label}>
                {quantity.label}
              </th>
              {breakpoints.map((breakpoint) => cell(quantity, breakpoint))}
            </tr>
          ))}
        </tbody>
      </table>
      <p id={says} className={gridStyles.line} role="status" data-problem={waits !== null || undefined}>
        {message ?? (waits && <WaitingLine waiting={waits} />) ?? (
          <>
            <strong>{about.label}</strong> {about.hint} {about.followed && `Set to auto (Delete): ${about.followed}.`}
          </>
        )}
      </p>
    </>
  );
}
