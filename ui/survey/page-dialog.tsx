'use client';

import { type FormEvent, useState } from 'react';
import { readNumbers } from '../../core/finder/read-numbers';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { measurePage } from './saved-page';
import { useSurveySpec, useSurveyStore } from './survey-context';
import { asSurveyed, usualWidths } from './use-bring';

type Props = { name: string; html: string; onClose: () => void };

const MOST_WIDTHS = 12;

/** Asks at which widths a saved page is measured, and measures it. */
export function PageDialog({ name, html, onClose }: Props) {
  const store = useSurveyStore();
  const spec = useSurveySpec();
  const [text, setText] = useState(() => usualWidths(spec).slice(0, MOST_WIDTHS).join(', '));
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);

  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const { value: widths, problem: misread } = readNumbers(text, { name: 'width', least: 100, most: 6000 });
    if (!widths) return setProblem(misread!);
    if (widths.length > MOST_WIDTHS) return setProblem(`Measure a page at up to ${MOST_WIDTHS} widths at once.`);
    setBusy(true);
    setProblem(null);
    const { value: screens, problem: unmeasured } = await measurePage(html, name, widths);
    setBusy(false);
    const refused = screens ? store.getState().add(asSurveyed(screens, 'page')) : unmeasured!;
    setProblem(refused);
    if (refused === null) onClose();
  };
  return (
    <Dialog
      title={`Measure ${name}`}
      onClose={onClose}
      onSubmit={(event) => void submit(event)}
      answers={<Answers yes={isBusy ? 'Measuring…' : 'Measure page'} isBusy={isBusy} onNo={onClose} />}
    >
      <p>
        The page is laid out in this browser with its own styles, without scripts or network. Everything visible is
        measured.
      </p>
      <Field
        label="Widths (px)"
        value={text}
        maxLength={120}
        error={problem ?? undefined}
        onChange={({ target }) => setText(target.value)}
      />
    </Dialog>
  );
}
