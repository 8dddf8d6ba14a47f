'use client';

import { type FormEvent, useState } from 'react';
import { lengthText } from '../../core/length/length';
import { parseLengthValue, lengthOf } from '../../core/length/length-value';
import type { Leaving } from '../../core/spec/schema';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { SelectField } from '../parts/select-field';

type Props = {
  name: string;
  /** How far it was drawn beyond its line, and at which side; both can be chosen otherwise. */
  side?: Leaving['side'];
  beyond?: number;
  /** Takes the reason; answers with what speaks against it. */
  onReason: (side: Leaving['side'], to: Leaving['to'], reason: string) => string | null;
  onCancel: () => void;
};

type To = 'line' | 'margin' | 'screen';

/** Asks which edge leaves the grid, how far, and why. */
export function ReasonDialog({ name, side: drawn = 'end', beyond: far = 16, onReason, onCancel }: Props) {
  const [side, setSide] = useState(drawn);
  const [to, setTo] = useState<To>('line');
  const [beyond, setBeyond] = useState(String(far));
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<{ in: 'beyond' | 'reason'; says: string } | null>(null);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const length = parseLengthValue(beyond);
    if (to === 'line' && length.value === undefined) return setProblem({ in: 'beyond', says: length.problem! });
    const where = to === 'line' ? lengthText(lengthOf(length.value!)) : to;
    const refused = onReason(side, where, reason);
    setProblem(refused === null ? null : { in: 'reason', says: refused });
  };
  return (
    <Dialog
      title={`${name} breaks the grid`}
      onClose={onCancel}
      onSubmit={submit}
      answers={<Answers yes="Break the grid" onNo={onCancel} />}
    >
      <Field
        label="Reason"
        value={reason}
        error={problem?.in === 'reason' ? problem.says : undefined}
        onChange={({ target }) => setReason(target.value)}
      />
      <SelectField
        id="leaves-side"
        label="Edge"
        value={side}
        options={{ start: 'Its start', end: 'Its end' }}
        onChange={setSide}
      />
      <SelectField
        id="leaves-to"
        label="Ends"
        value={to}
        options={{ line: 'off its column line', margin: 'at the margin', screen: 'at the edge of the screen' }}
        onChange={setTo}
      />
      {to === 'line' && (
        <Field
          label="Distance from the line"
          value={beyond}
          error={problem?.in === 'beyond' ? problem.says : undefined}
          onChange={({ target }) => setBeyond(target.value)}
        />
      )}
    </Dialog>
  );
}
