'use client';

import { type FormEvent, useState } from 'react';
import { counted } from '../../core/length/present';
import { specOfSurvey } from '../../core/survey/take';
import type { Together } from '../../core/survey/together';
import { togetherText } from '../../core/survey/together-text';
import { Button } from '../parts/button';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { useBeginSpec } from '../specs/use-begin-spec';
import { useFoundTogether } from './held-against';
import styles from './survey.module.scss';
import type { FoundState } from './use-found';

/** The way to a new specification with the grids that were chosen. */
export function BeginSpec({ team, state }: { team: string; state: FoundState }) {
  const [isBeginning, setBeginning] = useState(false);
  const together = useFoundTogether(state.found);
  return (
    <section className={styles.kept} aria-label="New specification" data-edits>
      <h2>New specification</h2>
      <p className="soft">
        {together
          ? `With ${counted(together.grids.length, 'breakpoint')}, one for each surveyed width.`
          : 'Choose a grid for every width to create a specification from them.'}
      </p>
      <Button look="primary" disabled={!together} onClick={() => setBeginning(true)}>
        Create…
      </Button>
      {isBeginning && together && <BeginDialog {...{ team, together, state }} onClose={() => setBeginning(false)} />}
    </section>
  );
}

type BeginProps = { team: string; together: Together; state: FoundState; onClose: () => void };

function BeginDialog({ team, together, state, onClose }: BeginProps) {
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const { isBusy, begin } = useBeginSpec(team);
  const verticals = state.found!.verticals;
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    if (name.trim() === '') return setProblem('Enter a name, such as Passenger site.');
    const document = specOfSurvey(name.trim(), together, verticals);
    setProblem(await begin({ document }));
  };
  return (
    <Dialog
      title="New specification from these grids"
      onClose={onClose}
      onSubmit={(event) => void submit(event)}
      answers={<Answers yes="Create specification" isBusy={isBusy} onNo={onClose} />}
    >
      <p>{togetherText(together)}</p>
      <Field
        label="Name"
        value={name}
        maxLength={120}
        error={problem ?? undefined}
        onChange={({ target }) => setName(target.value)}
      />
      <p className="soft">Each breakpoint starts at its screen’s width. You can change that on the bench.</p>
    </Dialog>
  );
}
