'use client';

import { type FormEvent, useMemo, useState } from 'react';
import { specOfSurvey } from '../../core/survey/take';
import type { Together } from '../../core/survey/together';
import { togetherText } from '../../core/survey/together-text';
import { counted } from '../../core/length/present';
import { ViewFrame } from '../frame/view-frame';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { useBeginSpec } from '../specs/use-begin-spec';
import { useHeld, useFoundTogether } from './held-against';
import { SurveyDesk } from './survey-desk';
import { SurveyProvider } from './survey-context';
import { createSurveyStore } from './survey-store';
import styles from './survey.module.scss';
import { type FoundState, useFound } from './use-found';
import { Button } from '../parts/button';

/** A survey without a spec yet: a new one is begun with what is found. */
export function NewSurvey({ team, mayBegin }: { team: string; mayBegin: boolean }) {
  const [store] = useState(() => createSurveyStore(`new ${team}`));
  const place = useMemo(() => ({ store, spec: null }), [store]);
  return (
    <SurveyProvider value={place}>
      <div className={styles.alone}>
        <ViewFrame view="survey">
          <Inside team={team} mayBegin={mayBegin} />
        </ViewFrame>
      </div>
    </SurveyProvider>
  );
}

function Inside({ team, mayBegin }: { team: string; mayBegin: boolean }) {
  const state = useFound();
  const held = useHeld(state.found);
  const [isBeginning, setBeginning] = useState(false);
  const together = useFoundTogether(state.found);
  return (
    <>
      <SurveyDesk state={state} held={held} onTakeGrid={nothing} onTakeUnit={nothing}>
        {mayBegin && (
          <section className={styles.kept} aria-label="New specification">
            <h2>New specification</h2>
            <p className="soft">
              {together
                ? `With ${counted(together.grids.length, 'breakpoint')}, one for each surveyed width.`
                : 'Choose a grid for every width to create a specification from them.'}
            </p>
            <Button look="primary" disabled={!together} onClick={() => setBeginning(true)}>
              Create…
            </Button>
          </section>
        )}
      </SurveyDesk>
      {isBeginning && together && <BeginDialog {...{ team, together, state }} onClose={() => setBeginning(false)} />}
    </>
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

function nothing(): void {}
