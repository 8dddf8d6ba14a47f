'use client';

import { type FormEvent, useState } from 'react';
import { breakpointAt } from '../../core/spec/ranges';
import { type TakenVerticals, takeVerticals } from '../../core/survey/take';
import type { Verticals } from '../../core/survey/verticals';
import { useDraftStore } from '../draft/draft-context';
import { Answers, Dialog } from '../parts/dialog';
import styles from './survey.module.scss';
import { Problem } from '../parts/problem';
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
    ['base', `The whole spec: a base unit of ${unit} px`],
  ];
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!Object.values(taken).some(Boolean)) return setProblem('Choose what the unit becomes.');
    const refused = store.getState().take({ value: takeVerticals(spec, verticals, own.id, taken) });
    setProblem(refused);
    if (refused === null) onTaken(`The unit of ${unit} px is in the spec now. Ctrl+Z takes it back.`);
  };
  return (
    <Dialog
      title="Take this unit into the sheet"
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Take it" onNo={onClose} />}
    >
      <fieldset className={styles.choices}>
        <Label as="legend">It becomes</Label>
        {choices.map(([key, title]) => (
          <label key={key}>
            <input
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
