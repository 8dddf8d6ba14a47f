'use client';

import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import styles from './grid.module.scss';

export type Leave = 'down' | 'up' | 'right' | 'left' | 'stay';

/** Where one goes after a text was taken: rows down, columns across. */
export const LEAVE_STEPS: Record<Leave, [number, number]> = {
  down: [1, 0],
  up: [-1, 0],
  right: [0, 1],
  left: [0, -1],
  stay: [0, 0],
};

export type CellFieldProps = {
  label: string;
  /** What the field starts with; `replace` puts the caret behind it, otherwise all of it is selected. */
  text: string;
  replace: boolean;
  problem: string | null;
  /** The line that says what is wrong, by its id. */
  saysId: string;
  maxLength?: number;
  onCommit: (text: string, leave: Leave) => void;
  onCancel: () => void;
  onBlur: (text: string) => void;
};

/** Where a key leaves the cell to. */
export function leaveBy({ key, shiftKey }: KeyboardEvent): Leave | undefined {
  return ({ Enter: shiftKey ? 'up' : 'down', Tab: shiftKey ? 'left' : 'right' } as const)[key as 'Enter' | 'Tab'];
}

/** The text field in a cell that is being edited. Enter and Tab commit, Esc puts back; what is refused is typed over. */
export function CellField(props: CellFieldProps) {
  const { label, text: first, replace, problem, saysId, maxLength = 400, onCommit, onCancel, onBlur } = props;
  const [text, setText] = useState(first);
  const field = useRef<HTMLInputElement>(null);
  const closing = useRef(false);

  useEffect(() => {
    field.current?.focus();
    if (replace) field.current?.setSelectionRange(first.length, first.length);
    else field.current?.select();
    // only when the field opens
  }, []);

  // a field that goes without a key or a click (another view by key, a cell that somebody took away) was left with what stands in it
  const left = useRef(() => {});
  left.current = () => !closing.current && onBlur(text);
  useEffect(
    () => () => {
      left.current();
    },
    [],
  );

  const onKeyDown = (event: KeyboardEvent): void => {
    event.stopPropagation();
    if (event.key === 'Escape') {
      closing.current = true;
      return onCancel();
    }
    const leave = leaveBy(event);
    if (!leave) return;
    event.preventDefault();
    // what is taken closes the field; what is refused stays, and the next letter takes its place
    closing.current = true;
    onCommit(text, leave);
    requestAnimationFrame(() => (closing.current = false));
    field.current?.select();
  };

  return (
    <input
      ref={field}
      className={styles.field}
      aria-label={label}
      aria-invalid={problem !== null}
      aria-describedby={problem === null ? undefined : saysId}
      value={text}
      maxLength={maxLength}
      autoComplete="off"
      spellCheck={false}
      onChange={(event) => {
        closing.current = false;
        setText(event.target.value);
      }}
      onKeyDown={onKeyDown}
      onBlur={() => {
        if (closing.current) return;
        closing.current = true;
        onBlur(text);
      }}
      onCopy={(event) => event.stopPropagation()}
      onPaste={(event) => event.stopPropagation()}
    />
  );
}
