'use client';

import { type FormEvent, useState } from 'react';
import type { Reading, ReadPart } from '../../core/reading/reading';
import { type Goes, likelyTaking, takeReading, type Taking } from '../../core/reading/take-reading';
import { measureOf, WIDTH_NAMES } from '../../core/spec/measure';
import { byWidth } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import { useDraftStore } from '../draft/draft-context';
import { Answers, Dialog } from '../parts/dialog';
import { Problem } from '../parts/problem';
import { NotUnderstood } from './not-understood';
import { readAs, ReadRanges } from './read-ranges';
import { Source } from './source';
import { useReading } from './use-reading';
import styles from './reading-in.module.scss';
import { Label } from '../parts/label';
import { Check } from '../parts/check';
import { Select } from '../parts/select';

/** Reads a grid from a file into the draft: what was understood, what was not, and what of it is taken. */
export function ReadInDialog({ onClose }: { onClose: () => void }) {
  const store = useDraftStore();
  const { state, give, refuse } = useReading();
  const [changed, setChanged] = useState<{ of: Reading; taking: Taking } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { document: spec } = store.getState();
  const reading = state.is === 'read' ? state.reading : null;
  const taking = reading && (changed?.of === reading ? changed.taking : likelyTaking(spec, reading));
  const change = (next: Partial<Taking>): void => {
    if (reading && taking) setChanged({ of: reading, taking: { ...taking, ...next } });
  };

  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!reading || !taking) return setProblem('Choose a file or paste its content first.');
    const refused = store.getState().take(takeReading(spec, reading, taking));
    setProblem(refused);
    if (refused === null) onClose();
  };
  return (
    <Dialog
      title="Import grid"
      isWide
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Import into draft" onNo={onClose} />}
    >
      <Source
        says="Drop or choose a style sheet, design tokens, a table (CSV) or a document (spec.json)."
        placeholder={'.page { display: grid; grid-template-columns: repeat(12, 1fr); … }'}
        onGiven={(files) => {
          setProblem(null);
          give(files);
        }}
        onProblem={refuse}
      />
      <p className="soft" role="status">
        {state.is === 'reading' ? 'Reading…' : reading ? `Read as: ${readAs(reading)}. Nothing has changed yet.` : ''}
      </p>
      {reading && taking && (
        <>
          <ReadRanges
            reading={reading}
            goesTitle="Import to"
            goes={(id) => (
              <GoesTo
                label={`${reading.document.breakpoints.find((each) => each.id === id)!.name} imports to`}
                goes={taking.breakpoints[id] ?? 'nowhere'}
                from={reading.document.breakpoints.find((each) => each.id === id)!.from}
                own={byWidth(spec.breakpoints)}
                onChange={(goes) => change({ breakpoints: { ...taking.breakpoints, [id]: goes } })}
              />
            )}
          />
          <Parts spec={spec} reading={reading} taking={taking} onChange={change} />
          <NotUnderstood unread={reading.unread} />
        </>
      )}
      <Problem says={problem ?? (state.is === 'refused' ? state.problem : null)} />
    </Dialog>
  );
}

type GoesProps = {
  label: string;
  goes: Goes;
  from: number;
  own: readonly { id: string; name: string }[];
  onChange: (goes: Goes) => void;
};

function GoesTo({ label, goes, from, own, onChange }: GoesProps) {
  return (
    <Select
      aria-label={label}
      value={typeof goes === 'object' ? `into ${goes.into}` : goes}
      onChange={({ target: { value } }) =>
        onChange(value === 'new' || value === 'nowhere' ? value : { into: value.slice('into '.length) })
      }
    >
      {own.map(({ id, name }) => (
        <option key={id} value={`into ${id}`}>
          {name}
        </option>
      ))}
      <option value="new">a new breakpoint, from {from}</option>
      <option value="nowhere">don’t import</option>
    </Select>
  );
}

const PARTS: [ReadPart, string][] = [
  ['columns', 'Columns'],
  ['rows', 'Rows'],
  ['baseline', 'Baseline'],
];

/** Which of the things that the file says are taken. */
function Parts({
  spec,
  reading,
  taking,
  onChange,
}: {
  spec: Spec;
  reading: Reading;
  taking: Taking;
  onChange: (next: Partial<Taking>) => void;
}) {
  const said = new Set(Object.values(reading.parts).flat());
  return (
    <fieldset className={styles.parts}>
      <Label as="legend">What to import</Label>
      {PARTS.filter(([part]) => said.has(part)).map(([part, title]) => (
        <label key={part}>
          <Check
            type="checkbox"
            checked={taking.parts.includes(part)}
            onChange={({ target }) =>
              onChange({
                parts: target.checked ? [...taking.parts, part] : taking.parts.filter((each) => each !== part),
              })
            }
          />{' '}
          {title}
        </label>
      ))}
      <label>
        <Check
          type="checkbox"
          checked={taking.ranges}
          onChange={({ target }) => onChange({ ranges: target.checked })}
        />{' '}
        From widths
      </label>
      {reading.measure && reading.measure !== measureOf(spec) && (
        <label>
          <Check
            type="checkbox"
            checked={taking.measure}
            onChange={({ target }) => onChange({ measure: target.checked })}
          />{' '}
          Ranges by the width of {WIDTH_NAMES[reading.measure].alone}
        </label>
      )}
      {reading.spacing && (
        <label>
          <Check
            type="checkbox"
            checked={taking.spacing}
            onChange={({ target }) => onChange({ spacing: target.checked })}
          />{' '}
          Base unit and spacing steps
        </label>
      )}
    </fieldset>
  );
}
