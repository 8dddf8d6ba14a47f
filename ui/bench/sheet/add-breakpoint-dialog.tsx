'use client';

import { type FormEvent, useState } from 'react';
import { addBreakpoint, roomForBreakpoint } from '../../../core/breakpoints/breakpoints';
import { mapped, type Parsed } from '../../../core/parsed';
import { readWidth } from '../../../core/quantities/breakpoint/screen';
import { breakpointAt, rangeText } from '../../../core/spec/ranges';
import { useDraftStore, useViewStore } from '../../draft/draft-context';
import { Answers, Dialog } from '../../parts/dialog';
import { Field } from '../../parts/field';

type Props = { onAdded: (id: string) => void; onClose: () => void };

/** Asks from which width a new breakpoint applies, and says which grid it begins with. */
export function AddBreakpointDialog({ onAdded, onClose }: Props) {
  const store = useDraftStore();
  const view = useViewStore();
  const [text, setText] = useState(() =>
    String(roomForBreakpoint(store.getState().document, view.getState().viewport)),
  );
  const [problem, setProblem] = useState<string | null>(null);
  const { document } = store.getState();
  const from = readWidth(text);
  const cut = from.problem === undefined ? breakpointAt(document, from.value) : null;

  const add = (event: FormEvent): void => {
    event.preventDefault();
    const bench = store.getState();
    const added: Parsed<{ id: string; spec: typeof document }> =
      from.problem === undefined ? addBreakpoint(bench.document, from.value) : from;
    const refused = bench.take(mapped(added, ({ spec }) => spec));
    setProblem(refused);
    if (added.value && refused === null) onAdded(added.value.id);
  };

  return (
    <Dialog
      title="Add breakpoint"
      onClose={onClose}
      onSubmit={add}
      answers={<Answers yes="Add breakpoint" onNo={onClose} />}
    >
      <Field
        label="From width (px)"
        value={text}
        inputMode="numeric"
        maxLength={40}
        error={problem ?? undefined}
        onFocus={({ target }) => target.select()}
        onChange={({ target }) => {
          setText(target.value);
          setProblem(null);
        }}
      />
      {cut && (
        <p className="soft">
          Copy grid from {cut.name}, {rangeText(document, cut)}.
        </p>
      )}
    </Dialog>
  );
}
