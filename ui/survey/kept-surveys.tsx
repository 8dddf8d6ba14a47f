'use client';

import { type FormEvent, useCallback, useEffect, useRef, useState } from 'react';
import { surveyed } from '../../core/survey/correct';
import { countOff, type KeptSurvey, offOfSurvey, readSurvey, writeSurvey } from '../../core/survey/kept-survey';
import { useDraft, useView } from '../draft/draft-context';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { BareButton } from '../parts/bare-button';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { Notice } from '../parts/notice';
import { ToolButton } from '../parts/toggle';
import type { Held } from './held-against';
import { useSurvey, useSurveyStore } from './survey-context';
import { type Chosen, NOTHING_SURVEYED } from './survey-store';
import styles from './survey.module.scss';
import { asSurveyed } from './use-bring';
import { Button } from '../parts/button';
import type { Wire } from '../../app/wire';
import type { ListedSurvey } from '../../server/specs/surveys';

type Listed = Wire<ListedSurvey>;
type Props = { specId: string; held: readonly Held[]; say: (says: string) => void };

/** Keeps the survey under way with the spec, and opens those that were kept. */
export function KeptSurveys({ specId, held, say }: Props) {
  const store = useSurveyStore();
  const address = `/api/specs/${specId}/surveys` as const;
  const [listed, setListed] = useState<readonly Listed[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [isKeeping, setKeeping] = useState(false);
  const [removing, setRemoving] = useState<Listed | null>(null);
  const isEmpty = held.length === 0;
  const whole = useDraft((draft) => draft.whole);
  const chooseGrid = useView((view) => view.chooseGrid);

  const load = useCallback(async (): Promise<void> => {
    const answer = await send('GET', address);
    if (answer.ok) setListed(answer.body.surveys);
    else setProblem(answer.problem);
  }, [address]);
  useEffect(() => void load(), [load]);

  // who comes without a survey under way sees the last one that was kept
  const last = listed[0];
  const isUnbegun = useSurvey((survey) => survey.isUnbegun && survey.screens.length === 0);
  const isOpened = useRef(false);
  useEffect(() => {
    if (!last || !isUnbegun || isOpened.current) return;
    isOpened.current = true;
    void open(last, false);
  });

  const open = async ({ id, madeAt, slips: before }: Listed, isAsked = true): Promise<void> => {
    const answer = await send('GET', `${address}/${id}`);
    // meanwhile a survey may have been begun
    if (!isAsked && store.getState().screens.length > 0) return;
    if (!answer.ok) return setProblem(answer.problem);
    const { value: survey, problem: unread } = readSurvey(answer.body);
    if (!survey) return setProblem(unread!);
    const { slips } = countOff(offOfSurvey({ ...survey, chosen: [] }, whole));
    chooseGrid(survey.grid);
    store.getState().begin(begun(survey), { isShownAlone: !isAsked });
    setProblem(null);
    say(
      `${survey.name}: ${before} were off on ${new Date(madeAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}; against the spec as it is now, ${slips} are.`,
    );
  };
  const remove = async ({ id }: Listed): Promise<void> => {
    const answer = await send('DELETE', `${address}/${id}`);
    setProblem(answer.ok ? null : answer.problem);
    setRemoving(null);
    await load();
  };
  return (
    <section className={styles.kept} aria-label="Saved surveys">
      <h2>Saved with this specification</h2>
      <p className={styles.acts} data-edits>
        <ToolButton disabled={isEmpty} onClick={() => setKeeping(true)}>
          Save survey…
        </ToolButton>
        <ToolButton disabled={isEmpty} onClick={() => store.getState().begin(NOTHING_SURVEYED)}>
          New survey
        </ToolButton>
      </p>
      {problem && <Notice of="problem">{problem}</Notice>}
      {listed.length === 0 && <p className="soft">None yet. Save a survey to share it with the team.</p>}
      <ul>
        {listed.map((survey) => (
          <li key={survey.id}>
            <Button look="quiet" onClick={() => void open(survey)}>
              {survey.name}
            </Button>
            <span className="soft">
              {survey.screens === 1 ? '1 screen' : `${survey.screens} screens`}, {survey.slips} off; {survey.madeBy},{' '}
              <Moment at={survey.madeAt} />
            </span>
            <BareButton
              className={styles.remove}
              data-edits
              aria-label={`Remove ${survey.name}`}
              onClick={() => setRemoving(survey)}
            >
              ×
            </BareButton>
          </li>
        ))}
      </ul>
      {isKeeping && (
        <KeepDialog
          {...{ address, held }}
          onClose={() => setKeeping(false)}
          onKept={() => {
            setKeeping(false);
            void load();
          }}
        />
      )}
      {removing && (
        <Dialog
          title={`Remove ${removing.name}?`}
          onClose={() => setRemoving(null)}
          onSubmit={(event) => {
            event.preventDefault();
            void remove(removing);
          }}
          answers={<Answers yes="Remove" no="Cancel" onNo={() => setRemoving(null)} />}
        >
          <p>It will be removed for the whole team. What you applied to the specification stays.</p>
        </Dialog>
      )}
    </section>
  );
}

/** A kept survey as one that is under way: without pictures. */
function begun({ name, screens, chosen }: KeptSurvey) {
  const own = asSurveyed(screens, 'boxes');
  const byWidth: Record<number, Chosen> = Object.fromEntries(screens.map(({ width }) => [width, 'spec' as const]));
  for (const grid of chosen) byWidth[grid.width] = grid;
  return { ...NOTHING_SURVEYED, name, screens: own, shown: own[0]?.id ?? null, chosen: byWidth };
}

type KeepProps = {
  address: `/api/specs/${string}/surveys`;
  held: readonly Held[];
  onKept: () => void;
  onClose: () => void;
};

function KeepDialog({ address, held, onKept, onClose }: KeepProps) {
  const store = useSurveyStore();
  const proposed = useSurvey((survey) => survey.name) || held[0]?.screen.name || 'Survey';
  const [name, setName] = useState(proposed);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const grid = useDraft((draft) => draft.grid?.id ?? null);

  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const grids = new Map(held.flatMap(({ screen, by }) => (by && by !== 'spec' ? [[screen.width, by] as const] : [])));
    const survey: KeptSurvey = {
      name: name.trim(),
      screens: held.map(({ screen }) => surveyed(screen)),
      chosen: [...grids.values()],
      grid,
    };
    setBusy(true);
    const answer = await send('POST', address, writeSurvey(survey));
    setBusy(false);
    if (!answer.ok) return setProblem(answer.problem);
    store.getState().call(survey.name);
    onKept();
  };
  return (
    <Dialog
      title="Save survey with the specification"
      onClose={onClose}
      onSubmit={(event) => void submit(event)}
      answers={<Answers yes="Save survey" isBusy={isBusy} onNo={onClose} />}
    >
      <Field
        label="Name"
        value={name}
        maxLength={200}
        error={problem ?? undefined}
        onChange={({ target }) => setName(target.value)}
      />
      <p className="soft">
        The team sees names, sizes and boxes of the screens, the chosen grids and what is off. Pictures stay in this
        browser.
      </p>
    </Dialog>
  );
}
