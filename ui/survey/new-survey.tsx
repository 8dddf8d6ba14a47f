'use client';

import { useMemo, useState } from 'react';
import { ViewFrame } from '../frame/view-frame';
import { BeginSpec } from './begin-spec';
import { useHeld } from './held-against';
import { SurveyDesk } from './survey-desk';
import { SurveyProvider } from './survey-context';
import { createSurveyStore } from './survey-store';
import styles from './survey.module.scss';
import { useFound } from './use-found';

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
  return (
    <SurveyDesk state={state} held={held} onTakeGrid={nothing} onTakeUnit={nothing}>
      {mayBegin && <BeginSpec {...{ team, state }} />}
    </SurveyDesk>
  );
}

function nothing(): void {}
