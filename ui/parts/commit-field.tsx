'use client';

import { type ChangeEvent, type KeyboardEvent, useId, useState } from 'react';
import styles from './commit-field.module.scss';

type Props = {
  /** What the field says when nobody types in it. */
  value: string;
  label: string;
  /** Takes the text over; answers with the sentence that says why not, or null. */
  onCommit: (text: string) => string | null;
  placeholder?: string;
  title?: string;
  className?: string;
  maxLength?: number;
  /** Empties itself after a text was taken, for adding one thing after another. */
  empties?: boolean;
  /** Several lines: Enter begins another, and Ctrl+Enter takes them over. */
  isMany?: boolean;
};

/** A text of more characters gets a wider field while it is typed. */
const LONG = 10;

/** A text field that takes over at Enter or when it is left, and puts back at Esc. What is refused stays as typed. */
export function CommitField(props: Props) {
  const { value, label, onCommit, placeholder, title, className = '', maxLength = 60, empties = false } = props;
  const { isMany = false } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const says = useId();

  const commit = (): void => {
    if (typed === null || typed === value || (empties && typed.trim() === '')) {
      setTyped(null);
      return setProblem(null);
    }
    const refused = onCommit(typed);
    setProblem(refused);
    if (refused === null) setTyped(null);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Enter' && (!isMany || event.ctrlKey || event.metaKey)) commit();
    // with nothing to put back, it means what is around
    if (event.key !== 'Escape' || (typed === null && problem === null)) return;
    event.stopPropagation();
    setTyped(null);
    setProblem(null);
  };

  const Input = isMany ? 'textarea' : 'input';
  return (
    <span className={styles.field}>
      <Input
        {...(isMany && { rows: Math.min(8, (typed ?? value).split('\n').length + 1) })}
        className={`number ${className}`}
        aria-label={label}
        aria-invalid={problem !== null}
        aria-describedby={problem === null ? undefined : says}
        value={typed ?? value}
        data-long={(typed ?? value).length > LONG || undefined}
        placeholder={placeholder}
        title={title}
        maxLength={maxLength}
        autoComplete="off"
        spellCheck={false}
        onChange={(event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={onKeyDown}
      />
      {problem && (
        <span id={says} className={`problem ${styles.problem}`} role="alert">
          {problem}
        </span>
      )}
    </span>
  );
}
