'use client';

import { Equal } from 'lucide-react';
import { memo, type MouseEvent, type ReactNode, useRef } from 'react';
import type { Weight } from '../../../core/checks/rule';
import { decimal } from '../../../core/length/present';
import { isWhole } from '../../../core/length/px';
import type { CellQuantity } from '../../../core/quantities/quantity';
import { fieldText, type Reading } from '../../../core/quantities/reading';
import { Fractions, isNumeral, Numeral, spokenFractions } from '../../drawing/numeral';
import type { Leave } from '../../frame/grid/cell-field';
import styles from '../../frame/grid/grid.module.scss';
import { BareButton } from '../../parts/bare-button';
import { Beside } from '../../parts/beside';
import { Guests } from '../together/guests';
import { CellEditor } from './cell-editor';

export type Refusal = { text: string; problem: string };

export type CellProps = {
  /** What tells this cell from the others. */
  place: string;
  label: string;
  quantity: CellQuantity;
  cell: Reading;
  /** Does it show what the main grid says, where another grid is shown? */
  isOfMain?: boolean;
  note: string | null;
  isSelected: boolean;
  isInRange: boolean;
  flag: Weight | null;
  refusal: Refusal | null;
  /** Who changed the same, where one’s own waits for a choice. */
  waitsFor: string | null;
  editing: { text: string | null } | null;
  /** The line that says what is wrong, by its id. */
  saysId: string;
  onSelect: (extend: boolean) => void;
  onEdit: () => void;
  /** Takes a text; null leaves by something other than a key of the cell. */
  onCommit: (text: string, leave: Leave | null) => void;
  onCancel: () => void;
  /** What can be done with the whole breakpoint; stands in its head. */
  menu?: ReactNode;
};

/** One cell of a sheet: given, worked out, refused or being edited. */
export const Cell = memo(
  function Cell(props: CellProps) {
    const { place, label, quantity, cell, note, isSelected, isInRange, flag, refusal, waitsFor, editing } = props;
    const box = useRef<HTMLTableCellElement>(null);
    const isButton = (event: MouseEvent): boolean => (event.target as HTMLElement).closest('button') !== null;
    return (
      <td
        ref={box}
        role="gridcell"
        data-place={place}
        data-follows={cell.follows || undefined}
        data-idle={cell.idle}
        data-of-main={props.isOfMain || undefined}
        data-flag={refusal ? 'refused' : (flag ?? undefined)}
        data-waits={waitsFor !== null || undefined}
        data-in-range={isInRange || undefined}
        aria-selected={isInRange}
        aria-invalid={refusal ? true : undefined}
        aria-label={`${label}: ${refusal?.text ?? spokenCell(cell, note)}${props.isOfMain ? ', from the main grid' : ''}${waitsFor === null ? '' : `, changed by ${waitsFor} and by you`}`}
        title={refusal?.problem ?? titleOf(quantity, cell) ?? (props.isOfMain ? 'From the main grid' : undefined)}
        tabIndex={isSelected && !editing ? 0 : -1}
        className={quantity.id === 'notes' ? `${styles.cell} ${styles.notes}` : styles.cell}
        onMouseDown={(event) => !editing && !isButton(event) && props.onSelect(event.shiftKey)}
        onFocus={() => !isSelected && !editing && props.onSelect(false)}
        onDoubleClick={(event) => !editing && !isButton(event) && props.onEdit()}
      >
        {editing ? (
          <CellEditor
            quantity={quantity}
            label={label}
            text={editing.text ?? refusal?.text ?? fieldText(cell)}
            replace={editing.text !== null}
            problem={refusal?.problem ?? null}
            saysId={`${props.saysId}-refusal`}
            onCommit={props.onCommit}
            onBlur={(text) => props.onCommit(text, null)}
            onCancel={props.onCancel}
          />
        ) : (
          <CellText cell={cell} refused={refusal?.text ?? null} note={note} />
        )}
        {refusal && isSelected && (
          <Beside target={box}>
            <p id={`${props.saysId}-refusal`} className={styles.refusal} role="alert">
              {refusal.problem}
            </p>
          </Beside>
        )}
        <Guests place={place} />
        {!editing && props.menu}
        {isSelected && !editing && quantity.followed && !cell.follows && (
          <BareButton
            tabIndex={-1}
            className={styles.follow}
            data-edits
            title={`Set to auto, from ${quantity.followed} (Delete)`}
            onMouseDown={(event) => event.stopPropagation()}
            onClick={() => props.onCommit('=', 'stay')}
            aria-label="Set to auto"
          >
            <Equal size={11} aria-hidden />
          </BareButton>
        )}
      </td>
    );
  },
  (before, after) =>
    WATCHED.every((name) => before[name] === after[name]) &&
    SHOWN.every((name) => before.cell[name] === after.cell[name]) &&
    before.editing?.text === after.editing?.text &&
    !before.editing === !after.editing,
);

const WATCHED = ['label', 'note', 'isOfMain', 'isSelected', 'isInRange', 'flag', 'refusal', 'waitsFor'] as const;
const SHOWN = ['text', 'shown', 'follows', 'idle', 'px', 'overruled'] as const;

function titleOf({ id }: CellQuantity, { text, exact, px, overruled }: Reading): string | undefined {
  if (id === 'notes') return text || undefined;
  if (overruled) return `${text} is given, but ${px} px is drawn: the container leaves more or less room.`;
  return exact && !isWhole(exact) ? `${decimal(exact)} px` : undefined;
}

/** What is read out: what one sees, in its order (WCAG 2.2, 2.5.3), and that it follows. A fraction stands apart from its whole. */
function spokenCell(cell: Reading, note: string | null): string {
  const beside = besideOf(cell, note);
  const words = [
    spokenFractions(cell.shown) || 'empty',
    beside && (note === null ? `${beside} px` : beside),
    cell.follows && 'follows',
  ];
  return words.filter(Boolean).join(', ');
}

/** The second line of a cell: its note, or the px that are drawn of it. */
function besideOf({ px, overruled }: Reading, note: string | null) {
  return note ?? (px && (overruled ? `drawn ${px}` : px));
}

type TextProps = { cell: Reading; refused: string | null; note: string | null };

function CellText({ cell, refused, note }: TextProps) {
  if (refused !== null) return <span className={styles.text}>{refused}</span>;
  const { shown, follows, text } = cell;
  const beside = besideOf(cell, note);
  const sign = follows && text === '=' && <span className={styles.sign}>=</span>;
  return (
    <>
      {isNumeral(shown) ? (
        <span className={styles.text}>
          {sign}
          <Numeral text={shown} />
        </span>
      ) : (
        // words keep the room for fractions only where there is enough
        <span className={styles.words}>
          <span className={styles.text}>
            {sign}
            <Fractions text={shown} />
          </span>
          <span className={styles.room} />
        </span>
      )}
      {beside && <small> {beside}</small>}
    </>
  );
}
