'use client';

import { type FormEvent, useState } from 'react';
import { breakpointAt } from '../../core/spec/ranges';
import { type TakenVerticals, takeVerticals } from '../../core/survey/take';
import type { Verticals } from '../../core/survey/verticals';
import { useDraftStore } from '../draft/draft-context';
import { Answers, Dialog } from '../parts/dialog';
import styles from './survey.module.scss';
import { Problem } from '../parts/problem';
import { Check } from '../parts/check';
import { Label } from '../parts/label';

type Props = { verticals: Verticals; width: number; onTaken: (says: string) => void; onClose: () => void };

/** Asks what the unit down the pages becomes in the spec. */
export function TakeUnitDialog({ verticals, width, onTaken, onClose }: Props) {
  const store = useDraftStore();
  const { document: spec } = store.getState();
  const own = breakpointAt(spec, width);
  const [taken, setTaken] = useState<TakenVerticals>({ base: false, baseline: true, rows: false });
  const [problem, setProblem] = useState<string | null>(null);
  const { unit, offset } = verticals;
  const from = offset > 0 ? ` from ${offset} px on` : '';
  const choices: [keyof TakenVerticals, string][] = [
    ['baseline', `${own.name}: a baseline of ${unit} px${from}`],
    ['rows', `${own.name}: rows of ${unit} px${from}`],
    ['base', `Whole specification: base unit of ${unit} px`],
  ];
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!Object.values(taken).some(Boolean)) return setProblem('Choose where to use the unit.');
    const refused = store.getState().take({ value: takeVerticals(spec, verticals, own.id, taken) });
    setProblem(refused);
    if (refused === null) onTaken(`The unit of ${unit} px is now in the specification. Ctrl+Z undoes it.`);
  };
  return (
    <Dialog
      title="Apply unit to sheet"
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Apply to sheet" onNo={onClose} />}
    >
      <fieldset className={styles.choices}>
        <Label as="legend">Use it as</Label>
        {choices.map(([key, title]) => (
          <label key={key}>
            <Check
              type="checkbox"
              checked={taken[key]}
              onChange={({ target }) => setTaken({ ...taken, [key]: target.checked })}
            />{' '}
            {title}
          </label>
        ))}
      </fieldset>
      <Problem says={problem} />
    </Dialog>
  );
}
