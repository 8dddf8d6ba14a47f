'use client';

import { Equal } from 'lucide-react';
import { memo, type MouseEvent, type ReactNode } from 'react';
import type { Weight } from '../../../core/checks/rule';
import type { ColumnQuantity } from '../../../core/columns/let-follow';
import { FOLLOWING_QUANTITIES } from '../../../core/columns/let-follow';
import { decimal } from '../../../core/length/present';
import { isWhole } from '../../../core/length/px';
import type { SheetQuantity } from '../../../core/sheet/quantities';
import type { SheetCell } from '../../../core/sheet/sheet-cell';
import { Numeral } from '../../drawing/numeral';
import { CellEditor } from './cell-editor';
import type { Leave } from '../../frame/grid/cell-field';
import gridStyles from '../../frame/grid/grid.module.scss';
import styles from './sheet.module.scss';

type Props = {
  /** What tells this cell from the others. */
  place: string;
  label: string;
  quantity: SheetQuantity;
  cell: SheetCell;
  note: string | null;
  isSelected: boolean;
  isInRange: boolean;
  flag: Weight | null;
  refusal: { text: string; problem: string } | null;
  editing: { text: string | null } | null;
  onSelect: (extend: boolean) => void;
  onEdit: () => void;
  onCommit: (text: string, leave: Leave) => void;
  onBlur: (text: string) => void;
  onCancel: () => void;
  onFollow: () => void;
  /** What can be done with the whole breakpoint; stands in its head. */
  menu: ReactNode;
};

/** One cell: given, worked out, refused or being edited. */
export const SheetCellView = memo(
  function SheetCellView(props: Props) {
    const { place, label, quantity, cell, note, isSelected, isInRange, flag, refusal, editing } = props;
    const canFollow = !cell.follows && FOLLOWING_QUANTITIES.includes(quantity.id as ColumnQuantity);
    const onMouseDown = (event: MouseEvent): void => {
      if (!editing && !(event.target as HTMLElement).closest('button')) props.onSelect(event.shiftKey);
    };
    return (
      <td
        role="gridcell"
        data-place={place}
        data-follows={cell.follows || undefined}
        data-idle={cell.idle}
        data-flag={refusal ? 'refused' : (flag ?? undefined)}
        data-in-range={isInRange || undefined}
        aria-selected={isInRange}
        aria-invalid={refusal ? true : undefined}
        aria-label={`${label}: ${refusal?.text ?? spokenCell(cell)}`}
        title={
          refusal?.problem ??
          (quantity.id === 'notes'
            ? cell.text || undefined
            : cell.exact && !isWhole(cell.exact)
              ? `${decimal(cell.exact)} px`
              : undefined)
        }
        tabIndex={isSelected && !editing ? 0 : -1}
        className={quantity.id === 'notes' ? `${gridStyles.cell} ${styles.notes}` : gridStyles.cell}
        onMouseDown={onMouseDown}
        onFocus={() => !isSelected && !editing && props.onSelect(false)}
        onDoubleClick={(event) => !editing && !(event.target as HTMLElement).closest('button') && props.onEdit()}
      >
        {editing ? (
          <CellEditor
            quantity={quantity}
            label={label}
            text={editing.text ?? refusal?.text ?? editableText(cell)}
            replace={editing.text !== null}
            problem={refusal?.problem ?? null}
            onCommit={props.onCommit}
            onBlur={props.onBlur}
            onCancel={props.onCancel}
          />
        ) : (
          <CellText cell={cell} refused={refusal?.text ?? null} note={note} />
        )}
        {isSelected && !editing && props.menu}
        {isSelected && !editing && canFollow && (
          <button
            type="button"
            tabIndex={-1}
            className={styles.follow}
            title="Let this follow from the others (Delete)"
            onMouseDown={(event) => event.stopPropagation()}
            onClick={props.onFollow}
            aria-label="Let this follow"
          >
            <Equal size={11} aria-hidden />
          </button>
        )}
      </td>
    );
  },
  (before, after) =>
    WATCHED.every((name) => before[name] === after[name]) &&
    sameCell(before.cell, after.cell) &&
    before.editing?.text === after.editing?.text &&
    !before.editing === !after.editing,
);

const WATCHED = ['label', 'note', 'isSelected', 'isInRange', 'flag', 'refusal'] as const;

function sameCell(before: SheetCell, after: SheetCell): boolean {
  return (
    before.text === after.text &&
    before.shown === after.shown &&
    before.follows === after.follows &&
    before.idle === after.idle &&
    before.px === after.px
  );
}

/** What the field of a cell starts with; left as it is, it changes nothing. */
export function editableText({ text, shown }: SheetCell): string {
  return text === '=' ? shown : text;
}

function spokenCell({ shown, follows, px }: SheetCell): string {
  return `${shown || 'empty'}${px ? ` (${px} px)` : ''}${follows ? ', follows' : ''}`;
}

function CellText({
  cell: { shown, follows, px, text },
  refused,
  note,
}: {
  cell: SheetCell;
  refused: string | null;
  note: string | null;
}) {
  if (refused !== null) return <span className={gridStyles.text}>{refused}</span>;
  return (
    <>
      <span className={gridStyles.text}>
        {follows && text === '=' && <span className={styles.sign}>=</span>}
        <Numeral text={shown} />
      </span>
      {(note ?? px) && <small>{note ?? px}</small>}
    </>
  );
}
