'use client';

import { LIMITS } from '../../core/limits';
import { type FormEvent, useState } from 'react';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { useBeginSpec } from '../specs/use-begin-spec';
import { Problem } from '../parts/problem';
import { NotUnderstood } from './not-understood';
import { ReadRanges } from './read-ranges';
import { PASTED, Source } from './source';
import { Check } from '../parts/check';
import { useReading } from './use-reading';

type Props = { team: string; onClose: () => void };

/** Begins a specification with what a file says. */
export function NewFromFileDialog({ team, onClose }: Props) {
  const { state, give, refuse } = useReading();
  const [said, setName] = useState<string | null>(null);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState<string | null>(null);
  const { isBusy, begin } = useBeginSpec(team);
  const reading = state.is === 'read' ? state.reading : null;
  const proposed = reading
    ? reading.title === 'Document'
      ? reading.document.name
      : state.is === 'read' && state.name !== PASTED
        ? state.name.replace(/\.[a-z0-9]{1,5}$/i, '')
        : ''
    : '';
  const name = said ?? proposed;

  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    if (!reading) return setProblem('Choose a file or paste its content first.');
    const breakpoints = reading.document.breakpoints.filter(({ id }) => !left.has(id));
    if (breakpoints.length === 0) return setProblem('Include at least one breakpoint.');
    if (name.trim() === '') return setProblem('Enter a name, such as Passenger site.');
    const document = { ...reading.document, name: name.trim(), breakpoints };
    setProblem(await begin({ document }));
  };
  return (
    <Dialog
      title="New specification from a file"
      isWide
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Create specification" isBusy={isBusy} onNo={onClose} />}
    >
      <Source
        says="Drop or choose a style sheet, design tokens, a table (CSV) or a document (spec.json)."
        placeholder={'From,Columns,Gutter,Margin\n0,4,16,20'}
        onGiven={(files) => {
          setProblem(null);
          setLeft(new Set());
          give(files);
        }}
        onProblem={refuse}
      />
      <p className="soft" role="status">
        {state.is === 'reading' ? 'Reading…' : reading ? `Read as: ${reading.title}.` : ''}
      </p>
      {reading && (
        <>
          <Field label="Name" value={name} maxLength={LIMITS.name} onChange={({ target }) => setName(target.value)} />
          <ReadRanges
            reading={reading}
            goesTitle="Include"
            goes={(id) => (
              <Check
                type="checkbox"
                aria-label={`Take ${reading.document.breakpoints.find((each) => each.id === id)!.name}`}
                checked={!left.has(id)}
                onChange={({ target }) => {
                  const next = new Set(left);
                  if (target.checked) next.delete(id);
                  else next.add(id);
                  setLeft(next);
                }}
              />
            )}
          />
          <NotUnderstood unread={reading.unread} />
        </>
      )}
      <Problem says={problem ?? (state.is === 'refused' ? state.problem : null)} />
    </Dialog>
  );
}
