'use client';

import { SAID } from '../../core/limits';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { send } from '../frame/send';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import type { ListedKey, ListedSpec } from './listed-key';
import styles from './keys.module.scss';
import { Problem } from '../parts/problem';
import { Label } from '../parts/label';
import { Check } from '../parts/check';
import { Choices } from '../parts/choices';
import { Select } from '../parts/select';

type Fields = {
  name: string;
  days: string;
  opens: 'all' | 'some';
  specIds: string[];
  specId: string;
  mayReport: boolean;
};
type Props = {
  kind: ListedKey['kind'];
  team: string;
  specs: readonly ListedSpec[];
  /** With the ids of the specifications that it opens; null for all. */
  onMade: (secret: string, opened: readonly string[] | null) => void;
  onClose: () => void;
};

/** Asks what a new key or public link is for, what it opens, and for how long. */
export function NewKeyDialog({ kind, team, specs, onMade, onClose }: Props) {
  const { register, handleSubmit, watch, formState } = useForm<Fields>({
    defaultValues: { name: '', days: '365', opens: 'all', specIds: [], specId: specs[0]?.id ?? '', mayReport: false },
  });
  const [problem, setProblem] = useState<string | null>(null);
  const isSome = watch('opens') === 'some';

  const submit = handleSubmit(async ({ name, days, opens, specIds, specId, mayReport }) => {
    const opened = kind === 'link' ? [specId] : opens === 'all' ? null : specIds;
    const body = { kind, name, days: Number(days), specIds: opened, mayReport: kind === 'key' && mayReport };
    const answer = await send('POST', `/api/teams/${team}/keys`, body);
    if (answer.ok) onMade(answer.body.secret, opened);
    else setProblem(answer.problem);
  });
  return (
    <Dialog
      title={kind === 'link' ? 'New public link' : 'New key'}
      onClose={onClose}
      onSubmit={(event) => void submit(event)}
      answers={
        <Answers yes={kind === 'link' ? 'Create link' : 'Create key'} isBusy={formState.isSubmitting} onNo={onClose} />
      }
    >
      <Field
        label="Name"
        placeholder={kind === 'link' ? 'The agency that builds it' : 'Passenger site build'}
        maxLength={SAID.name}
        error={formState.errors.name?.message}
        {...register('name', {
          validate: (name) => name.trim() !== '' || 'Enter a name, such as Passenger site build.',
        })}
      />
      <Field
        label="Expires in (days)"
        className="number"
        inputMode="numeric"
        error={formState.errors.days?.message}
        {...register('days', {
          validate: (days) => /^\d{1,3}$/.test(days.trim()) || 'Enter a whole number of days, such as 365.',
        })}
      />
      {kind === 'link' ? (
        <>
          <Label htmlFor="link-spec">Gives access to editions of</Label>
          <Select id="link-spec" {...register('specId')}>
            {specs.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
          <p className="soft">Anyone with the link can read them without signing in. Drafts stay private.</p>
        </>
      ) : (
        <>
          <Choices legend="Access">
            <label>
              <Check type="radio" value="all" {...register('opens')} /> all specifications, including new ones
            </label>
            <label>
              <Check type="radio" value="some" {...register('opens')} /> selected specifications
            </label>
            {isSome &&
              specs.map(({ id, name }) => (
                <label key={id} className={styles.one}>
                  <Check type="checkbox" value={id} {...register('specIds')} /> {name}
                </label>
              ))}
          </Choices>
          <Choices legend="Allowed">
            <label>
              <Check type="checkbox" checked disabled readOnly /> download editions
            </label>
            <label>
              <Check type="checkbox" {...register('mayReport')} /> send measurements of the built site
            </label>
          </Choices>
        </>
      )}
      <Problem says={problem} />
    </Dialog>
  );
}
