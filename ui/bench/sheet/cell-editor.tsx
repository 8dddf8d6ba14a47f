'use client';

import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { ChoiceEditor } from './choice-editor';
import { type EditorProps, leaveBy } from './editor-props';
import styles from './sheet.module.scss';

/** The field in a cell that is being edited. Enter and Tab commit, Esc puts back. */
export function CellEditor(props: EditorProps) {
  return props.quantity.choices ? (
    <ChoiceEditor {...props} choices={props.quantity.choices} />
  ) : (
    <TextEditor {...props} />
  );
}

function TextEditor({ quantity, label, text: first, replace, problem, onCommit, onCancel, onBlur }: EditorProps) {
  const [text, setText] = useState(first);
  const field = useRef<HTMLInputElement>(null);
  const closing = useRef(false);

  useEffect(() => {
    field.current?.focus();
    if (replace) field.current?.setSelectionRange(first.length, first.length);
    else field.current?.select();
    // only when the field opens
  }, []);

  const onKeyDown = (event: KeyboardEvent): void => {
    event.stopPropagation();
    if (event.key === 'Escape') {
      closing.current = true;
      return onCancel();
    }
    const leave = leaveBy(event);
    if (!leave) return;
    event.preventDefault();
    onCommit(text, leave);
    // what is refused stays, and the next letter takes its place
    field.current?.select();
  };

  return (
    <input
      ref={field}
      className={styles.field}
      aria-label={label}
      aria-invalid={problem !== null}
      aria-describedby={problem === null ? undefined : 'sheet-says'}
      value={text}
      maxLength={quantity.id === 'notes' ? 5000 : 400}
      autoComplete="off"
      spellCheck={false}
      onChange={(event) => setText(event.target.value)}
      onKeyDown={onKeyDown}
      onBlur={() => !closing.current && onBlur(text)}
      onCopy={(event) => event.stopPropagation()}
      onPaste={(event) => event.stopPropagation()}
    />
  );
}
