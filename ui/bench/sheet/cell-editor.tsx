'use client';

import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import type { SheetQuantity } from '../../../core/sheet/quantities';
import styles from './sheet.module.scss';

export type Leave = 'down' | 'up' | 'right' | 'left' | 'stay';

type Props = {
  quantity: SheetQuantity;
  label: string;
  /** What the field starts with; `replace` puts the caret behind it, otherwise all of it is selected. */
  text: string;
  replace: boolean;
  problem: string | null;
  /** Commits; answers with the sentence that says why not. */
  onCommit: (text: string, leave: Leave) => void;
  onCancel: () => void;
  onBlur: (text: string) => void;
};

/** The field in a cell that is being edited. Enter and Tab commit, Esc puts back. */
export function CellEditor({ quantity, label, text: first, replace, problem, onCommit, onCancel, onBlur }: Props) {
  const [text, setText] = useState(first);
  const field = useRef<HTMLInputElement & HTMLSelectElement>(null);
  const closing = useRef(false);

  useEffect(() => {
    field.current?.focus();
    if (!replace) field.current?.select?.();
  }, [replace]);

  const onKeyDown = (event: KeyboardEvent): void => {
    event.stopPropagation();
    if (event.key === 'Escape') {
      closing.current = true;
      return onCancel();
    }
    const leave = { Enter: event.shiftKey ? 'up' : 'down', Tab: event.shiftKey ? 'left' : 'right' }[event.key] as
      Leave | undefined;
    if (!leave) return;
    event.preventDefault();
    onCommit(text, leave);
  };

  const shared = {
    ref: field,
    className: styles.field,
    'aria-label': label,
    'aria-invalid': problem !== null,
    'aria-describedby': problem === null ? undefined : 'sheet-says',
    onKeyDown,
    onBlur: () => !closing.current && onBlur(text),
    onCopy: (event: { stopPropagation: () => void }) => event.stopPropagation(),
    onPaste: (event: { stopPropagation: () => void }) => event.stopPropagation(),
  };

  if (quantity.choices) {
    const chosen =
      quantity.choices.find((choice) => choice === text) ??
      quantity.choices.find((choice) => choice.startsWith(text.toLowerCase())) ??
      first;
    return (
      <select
        {...shared}
        value={chosen}
        onChange={(event) => {
          setText(event.target.value);
          onCommit(event.target.value, 'stay');
        }}
      >
        {quantity.choices.map((choice) => (
          <option key={choice}>{choice}</option>
        ))}
      </select>
    );
  }
  return (
    <input
      {...shared}
      value={text}
      maxLength={quantity.id === 'notes' ? 5000 : 400}
      autoComplete="off"
      spellCheck={false}
      onChange={(event) => setText(event.target.value)}
    />
  );
}
