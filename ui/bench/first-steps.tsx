'use client';

import { useEffect, useRef } from 'react';
import type { Breakpoint, Spec } from '../../core/spec/schema';
import { useDraft, useViewStore } from '../draft/draft-context';
import { type Hint, useHint } from '../frame/hints';
import { Button } from '../parts/button';
import styles from './first-steps.module.scss';

type Step = {
  id: string;
  title: string;
  says: string;
  /** The row of the sheet to which it points. */
  row?: 'from' | 'count' | 'rowRule';
  hint?: Hint;
  /** What of a document it is about: changed, it is done. */
  of: (spec: Spec) => unknown;
};

const each = (of: (breakpoint: Breakpoint) => unknown) => (spec: Spec) => spec.breakpoints.map(of);

const STEPS: readonly Step[] = [
  {
    id: 'screens',
    title: 'Screens',
    says: 'Set where each breakpoint starts and its design size.',
    row: 'from',
    hint: 'did-screens',
    of: each(({ name, from, reference }) => [name, from, reference]),
  },
  {
    id: 'columns',
    title: 'Columns',
    says: 'Enter columns, gutters and margins. What you leave on auto is calculated.',
    row: 'count',
    hint: 'did-columns',
    of: each(({ columns }) => columns),
  },
  {
    id: 'rows',
    title: 'Rows and type',
    says: 'Choose a row rule and a baseline, then set your text on it in Type rhythm.',
    row: 'rowRule',
    hint: 'did-rows',
    of: (spec) => [spec.type, ...spec.breakpoints.map(({ rows, baseline }) => [rows, baseline])],
  },
  {
    id: 'publish',
    title: 'Publish',
    says: 'Publish a first edition with the button at the top right.',
    of: () => null,
  },
];

/** The first steps beside the bench, each done by doing it; gone for good once they are dismissed. */
export function FirstSteps() {
  const document = useDraft((draft) => draft.document);
  const isPublished = useDraft((draft) => draft.edition !== null);
  const view = useViewStore();
  const { dismiss } = useHint('first-steps');
  const did = {
    screens: useDoing(STEPS[0]!, document),
    columns: useDoing(STEPS[1]!, document),
    rows: useDoing(STEPS[2]!, document),
    publish: isPublished,
  } as Record<string, boolean>;
  const next = STEPS.find(({ id }) => !did[id]);
  const goTo = ({ row, id }: Step): void => {
    if (row) view.getState().selectCell(document.breakpoints[0]!.id, row);
    const target = row ? '[role=gridcell][tabindex="0"]' : `header [data-key="${id === 'publish' ? 'P' : ''}"]`;
    requestAnimationFrame(() => window.document.querySelector<HTMLElement>(target)?.focus());
  };
  return (
    <section className={styles.steps} aria-label="First steps">
      <ol>
        {STEPS.map((step, index) => (
          <li key={step.id} data-done={did[step.id] || undefined} aria-current={step === next ? 'step' : undefined}>
            <button
              type="button"
              aria-label={`Step ${index + 1}, ${step.title}${did[step.id] ? ', done' : ''}`}
              onClick={() => goTo(step)}
            >
              <span aria-hidden>{did[step.id] ? '✓' : index + 1}</span> {step.title}
            </button>
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

/** Whether a step was done, now or before: what it is about has changed since the page was opened. */
function useDoing({ hint, of }: Step, document: Spec): boolean {
  const { isShown, dismiss } = useHint(hint!);
  const before = useRef(JSON.stringify(of(document)));
  const isChanged = JSON.stringify(of(document)) !== before.current;
  useEffect(() => {
    if (isChanged && isShown) dismiss();
  });
  return !isShown || isChanged;
}
