'use client';

import { type FormEvent, useState } from 'react';
import type { Leaving } from '../../core/spec/schema';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';

type Props = {
  title: string;
  /** px beyond the line. */
  beyond: number;
  /** Takes the reason; answers with what speaks against it. */
  onReason: (to: Leaving['to'], reason: string) => string | null;
  onCancel: () => void;
};

/** Asks how far an edge leaves the grid, and why. */
export function ReasonDialog({ title, beyond, onReason, onCancel }: Props) {
  const [reason, setReason] = useState('');
  const [to, setTo] = useState<'line' | 'margin' | 'screen'>('line');
  const [problem, setProblem] = useState<string | null>(null);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setProblem(onReason(to === 'line' ? `${beyond}px` : to, reason));
  };
  return (
    <Dialog
      title={title}
      onClose={onCancel}
      onSubmit={submit}
      answers={<Answers yes="Leave the grid" onNo={onCancel} />}
    >
      <Field
        label="Why it is meant so"
        value={reason}
        error={problem ?? undefined}
        onChange={({ target }) => setReason(target.value)}
      />
      <label className="form-label" htmlFor="leaves-to">
        It ends
      </label>
      <select
        id="leaves-to"
        className="form-select"
        value={to}
        onChange={({ target }) => setTo(target.value as typeof to)}
      >
        <option value="line">{beyond} px beyond its column line</option>
        <option value="margin">at the margin</option>
        <option value="screen">at the edge of the screen</option>
      </select>
    </Dialog>
  );
}
