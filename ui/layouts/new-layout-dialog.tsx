'use client';

import { LIMITS } from '../../core/limits';
import { type FormEvent, useState } from 'react';
import { STARTING_LAYOUTS, type StartingLayout } from '../../core/layouts/starting-kinds';
import { addLayout } from '../../core/layouts/starting-layouts';
import { mapped } from '../../core/parsed';
import { useDraftStore } from '../draft/draft-context';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import styles from './layouts.module.scss';
import { Check } from '../parts/check';
import { Label } from '../parts/label';

/** Asks what a new layout begins with, and what it is called. */
export function NewLayoutDialog({ onMade, onClose }: { onMade: (id: string) => void; onClose: () => void }) {
  const store = useDraftStore();
  const [start, setStart] = useState<StartingLayout>('front');
  const [name, setName] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const title = STARTING_LAYOUTS.find(({ id }) => id === start)!.title;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const { document, take } = store.getState();
    const added = addLayout(document, start, name ?? title);
    const refused = take(mapped(added, ({ spec }) => spec));
    setProblem(refused);
    if (added.value && refused === null) onMade(added.value.id);
  };
  return (
    <Dialog
      title="New layout"
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Create layout" onNo={onClose} />}
    >
      <fieldset className={styles.starts}>
        <Label as="legend">Start with</Label>
        {STARTING_LAYOUTS.map((each) => (
          <label key={each.id}>
            <Check type="radio" name="start" checked={each.id === start} onChange={() => setStart(each.id)} />
            <span>
              <strong>{each.title}</strong> {each.says}
            </span>
          </label>
        ))}
      </fieldset>
      <Field
        label="Name"
        value={name ?? title}
        maxLength={LIMITS.breakpointName}
        error={problem ?? undefined}
        onChange={({ target }) => setName(target.value)}
      />
    </Dialog>
  );
}
