'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { allBreakpoints, type Asked, COMMON_QUANTITIES, isScalable } from '../../../core/sheet/all-breakpoints';
import type { QuantityId } from '../../../core/quantities/registry';
import { useDraft, useView } from '../../draft/draft-context';
import { Answers, Dialog } from '../../parts/dialog';
import { Choice } from '../../parts/choice';
import { Field } from '../../parts/field';
import { NumberTable } from '../../parts/number-table';
import { Problem } from '../../parts/problem';
import { SelectField } from '../../parts/select-field';

type Fields = { text: string; first: string; last: string };

const WAYS = [
  { value: 'same', title: 'The same everywhere' },
  { value: 'scaled', title: 'Scale with the screen' },
] as const;

const LABELS = Object.fromEntries(
  COMMON_QUANTITIES.map(({ id, label, name }) => [id, name === label ? label : name]),
) as Record<QuantityId, string>;

/** One quantity of all breakpoints at once, shown before it is applied. */
export function AllBreakpointsDialog({ onClose }: { onClose: () => void }) {
  const document = useDraft((draft) => draft.document);
  const take = useDraft((draft) => draft.take);
  const selected = useView((view) => view.selected.quantity);
  const [id, setId] = useState<QuantityId>(selected in LABELS ? selected : 'gutter');
  const [how, setHow] = useState<Asked['how']>('same');
  const [refused, setRefused] = useState<{ asked: string; problem: string } | null>(null);
  const { register, handleSubmit, watch } = useForm<Fields>({ defaultValues: { text: '', first: '', last: '' } });

  const quantity = COMMON_QUANTITIES.find((each) => each.id === id)!;
  const isScaled = how === 'scaled' && isScalable(quantity);
  const fields = watch();
  const asked: Asked = isScaled ? { how: 'scaled', ...fields } : { how: 'same', text: fields.text };
  const isFilled = isScaled ? fields.first !== '' && fields.last !== '' : fields.text !== '';
  const shown = isFilled ? allBreakpoints(document, id, asked) : null;
  // what was refused is no longer said when something else is asked
  const question = JSON.stringify([id, asked]);
  const problem = shown?.problem ?? (refused?.asked === question ? refused.problem : null);

  const apply = (): void => {
    const wrong = shown?.value ? take({ value: shown.value.spec }) : (shown?.problem ?? 'Enter a value.');
    if (wrong) return setRefused({ asked: question, problem: wrong });
    onClose();
  };

  return (
    <Dialog
      title="All breakpoints"
      isWide
      onClose={onClose}
      onSubmit={handleSubmit(apply)}
      answers={<Answers yes="Apply to all" onNo={onClose} />}
    >
      <SelectField id="all-quantity" label="Quantity" value={id} options={LABELS} onChange={setId} />
      {isScalable(quantity) && <Choice label="How" options={WAYS} value={how} onChange={setHow} />}
      <p>{isScaled ? scaledHint(quantity.kind) : quantity.hint}</p>
      {isScaled ? (
        <>
          <Field label="At the narrowest" className="number" autoComplete="off" {...register('first')} />
          <Field label="At the widest" className="number" autoComplete="off" {...register('last')} />
        </>
      ) : (
        <Field label="Value" className="number" autoComplete="off" {...register('text')} />
      )}
      <Problem says={problem} />
      {shown?.value && (
        <NumberTable aria-label="What changes">
          <thead>
            <tr>
              <th scope="col">Breakpoint</th>
              <th scope="col">Design width</th>
              <th scope="col">Now</th>
              <th scope="col">Then</th>
            </tr>
          </thead>
          <tbody>
            {shown.value.rows.map(({ breakpoint, before, after }) => (
              <tr key={breakpoint.id}>
                <th scope="row">{breakpoint.name}</th>
                <td>{breakpoint.reference.width}</td>
                <td>{before}</td>
                <td>{after}</td>
              </tr>
            ))}
          </tbody>
        </NumberTable>
      )}
    </Dialog>
  );
}

function scaledHint(kind: string): string {
  return kind === 'count'
    ? 'Whole numbers in between, by design width.'
    : 'In between by design width, rounded to the base unit.';
}
