'use client';

import { useEffect } from 'react';
import type { Address, Change } from '../../core/edits/edit';
import { useDraft, useViewStore } from '../draft/draft-context';
import type { Hint } from '../frame/hint-ids';
import { useHint } from '../frame/hints';
import { BareButton } from '../parts/bare-button';
import { Button } from '../parts/button';
import styles from './first-steps.module.scss';

type Step = {
  title: string;
  says: string;
  /** Where the focus goes: a row of the sheet, or publishing. */
  leads: 'from' | 'count' | 'rowRule' | 'publish';
};

/** A step that is done by changing something, and is kept as done. */
type Doing = Step & { hint: Hint; isOf: (at: Address) => boolean };

const ofBreakpoint =
  (...parts: string[]) =>
  ([list, , part = '']: Address): boolean =>
    list === 'breakpoints' && parts.includes(part);

const SCREENS: Doing = {
  title: 'Screens',
  says: 'Set where each breakpoint starts and its design size.',
  leads: 'from',
  hint: 'did-screens',
  // a breakpoint that is added or removed is an edit of the whole
  isOf: ofBreakpoint('', 'name', 'from', 'reference'),
};
const COLUMNS: Doing = {
  title: 'Columns',
  says: 'Enter columns, gutters and margins. What you leave on auto is calculated.',
  leads: 'count',
  hint: 'did-columns',
  isOf: ofBreakpoint('columns'),
};
const ROWS: Doing = {
  title: 'Rows and type',
  says: 'Choose a row rule and a baseline, then set your text on it in Type rhythm.',
  leads: 'rowRule',
  hint: 'did-rows',
  isOf: (at) => at[0] === 'type' || ofBreakpoint('rows', 'baseline')(at),
};
const PUBLISH: Step = {
  title: 'Publish',
  says: 'Publish a first edition with the button at the top right.',
  leads: 'publish',
};

/** The first steps beside the bench, each done by doing it; gone for good once they are dismissed. */
export function FirstSteps() {
  const past = useDraft((draft) => draft.past);
  const isPublished = useDraft((draft) => draft.edition !== null);
  const first = useDraft((draft) => draft.document.breakpoints[0]!.id);
  const view = useViewStore();
  const { dismiss } = useHint('first-steps');
  const steps: [Step, isDone: boolean][] = [
    [SCREENS, useDone(SCREENS, past)],
    [COLUMNS, useDone(COLUMNS, past)],
    [ROWS, useDone(ROWS, past)],
    [PUBLISH, isPublished],
  ];
  const [next] = steps.find(([, isDone]) => !isDone) ?? [];
  const goTo = ({ leads }: Step): void => {
    if (leads !== 'publish') view.getState().selectCell(first, leads);
    const target = leads === 'publish' ? 'header [data-key="P"]' : '[role=gridcell][tabindex="0"]';
    requestAnimationFrame(() => document.querySelector<HTMLElement>(target)?.focus());
  };
  return (
    <section className={styles.steps} aria-label="First steps">
      <ol>
        {steps.map(([step, isDone], index) => (
          <li key={step.title} data-done={isDone || undefined} aria-current={step === next ? 'step' : undefined}>
            <BareButton
              aria-label={`Step ${index + 1}, ${step.title}${isDone ? ', done' : ''}`}
              onClick={() => goTo(step)}
            >
              <span aria-hidden>{isDone ? '✓' : index + 1}</span> {step.title}
            </BareButton>
          </li>
        ))}
      </ol>
      <p role="status">{next ? next.says : 'That’s all. Everything else is in the guide, under ?.'}</p>
      <Button look="quiet" onClick={dismiss}>
        Dismiss
      </Button>
    </section>
  );
}

/** Whether a step was done: by one of the steps that can be undone here, or at some time before. */
function useDone({ hint, isOf }: Doing, past: readonly Change[]): boolean {
  const { isShown, dismiss } = useHint(hint);
  const isDoneNow = past.some(({ edits }) => edits.some(({ at }) => isOf(at)));
  useEffect(() => {
    if (isDoneNow && isShown) dismiss();
  });
  return !isShown || isDoneNow;
}
