'use client';

import { type ClipboardEvent, type FormEvent, useMemo, useState } from 'react';
import { readBoxes, screenOfBoxes } from '../../core/survey/read-boxes';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { useSurveySpec, useSurveyStore } from './survey-context';
import { asSurveyed, usualWidths } from './use-bring';
import styles from './survey.module.scss';
import { Problem } from '../parts/problem';
import { Button } from '../parts/button';
import { Label } from '../parts/label';
import { TextArea } from '../parts/text-input';

type Props = { name?: string; text?: string; onClose: () => void };

/** Asks for a list of boxes, the screen’s name, and how wide it is. */
export function BoxesDialog({ name: called = '', text: before = '', onClose }: Props) {
  const store = useSurveyStore();
  const spec = useSurveySpec();
  const widths = useMemo(() => usualWidths(spec), [spec]);
  const [text, setText] = useState(before);
  const [name, setName] = useState(called);
  const [said, setWidth] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const proposed = useMemo(() => proposedWidth(text, widths), [text, widths]);
  const width = said ?? proposed;

  const isLong = text.length > LONGEST_SHOWN;

  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const read = readBoxes(text);
    if (!read.value) return setProblem(read.problem!);
    let screens = read.value.screens;
    if (!screens) {
      const one = screenOfBoxes(name || `Screen, ${width}`, width, read.value.boxes!);
      if (!one.value) return setProblem(one.problem!);
      screens = [one.value];
    }
    const refused = store.getState().add(asSurveyed(screens, 'boxes'));
    setProblem(refused);
    if (refused === null) onClose();
  };
  return (
    <Dialog
      title="List of boxes"
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Survey boxes" onNo={onClose} />}
    >
      {isLong ? (
        <p>
          A list of {text.split('\n').length.toLocaleString('en')} lines, too long to show.{' '}
          <Button look="quiet" onClick={() => setText('')}>
            Use another
          </Button>
        </p>
      ) : (
        <ListField text={text} onText={setText} />
      )}
      <div className={styles.fields}>
        <Field
          label="Name"
          required={false}
          value={name}
          maxLength={200}
          onChange={({ target }) => setName(target.value)}
        />
        <Field
          label="Screen width (px)"
          value={width}
          maxLength={12}
          onChange={({ target }) => setWidth(target.value)}
        />
      </div>
      <Problem says={problem} />
    </Dialog>
  );
}

/** A text field takes very long to show more characters than this. */
const LONGEST_SHOWN = 200_000;

function ListField({ text, onText }: { text: string; onText: (text: string) => void }) {
  const onPaste = (event: ClipboardEvent): void => {
    const pasted = event.clipboardData.getData('text/plain');
    if (pasted.length <= LONGEST_SHOWN) return;
    event.preventDefault();
    onText(pasted);
  };
  return (
    <>
      <Label htmlFor="survey-boxes">One box per line: x, y, width, height, name</Label>
      <TextArea
        id="survey-boxes"
        className={`number ${styles.list}`}
        value={text}
        placeholder={'20\t80\t372\t40\tHeading'}
        spellCheck={false}
        onPaste={onPaste}
        onChange={({ target }) => onText(target.value)}
      />
    </>
  );
}

/** The least of the widths that holds all boxes. */
function proposedWidth(text: string, widths: readonly number[]): string {
  const boxes = readBoxes(text).value?.boxes ?? [];
  const right = Math.max(0, ...boxes.slice(0, 20_000).map(({ x, width }) => x + width));
  return String(widths.find((width) => width >= right) ?? Math.ceil(right));
}
