'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { HookKind } from '../../server/hooks/tell-hooks';
import { send } from '../frame/send';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { Problem } from '../parts/problem';
import { Choices } from '../parts/choices';
import { Check } from '../parts/check';

type Fields = { name: string; goes: 'own' | 'address'; url: string; kinds: HookKind[] };
type Props = { team: string; kinds: [HookKind, string][]; onMade: (secret: string) => void; onClose: () => void };

/** Asks where a web hook goes, and of what it is told. */
export function NewHookDialog({ team, kinds, onMade, onClose }: Props) {
  const { register, handleSubmit, watch, formState } = useForm<Fields>({
    defaultValues: { name: '', goes: 'address', url: '', kinds: ['publish', 'withdraw'] },
  });
  const [problem, setProblem] = useState<string | null>(null);
  const isAddress = watch('goes') === 'address';
  const make = async ({ name, goes, url, kinds: chosen }: Fields): Promise<void> => {
    const wanted = { name, url: goes === 'own' ? 'own' : url, kinds: chosen || [] };
    const answer = await send('POST', `/api/teams/${team}/hooks`, wanted);
    if (answer.ok) onMade(answer.body.secret);
    else setProblem(answer.problem);
  };
  return (
    <Dialog
      title="New web hook"
      onClose={onClose}
      onSubmit={handleSubmit(make)}
      answers={<Answers yes="Create web hook" isBusy={formState.isSubmitting} onNo={onClose} />}
    >
      <Field
        label="Name"
        autoComplete="off"
        error={formState.errors.name?.message}
        {...register('name', { required: 'Enter a name, such as Site build.' })}
      />
      <Choices legend="Address">
        <label>
          <Check type="radio" value="address" {...register('goes')} /> your own endpoint
        </label>
        <label>
          <Check type="radio" value="own" {...register('goes')} /> the test endpoint here, to see what is sent
        </label>
      </Choices>
      {isAddress && (
        <Field
          label="URL"
          type="url"
          autoComplete="off"
          placeholder="https://build.example.org/grids"
          {...register('url')}
        />
      )}
      <Choices legend="Events">
        {kinds.map(([id, says]) => (
          <label key={id}>
            <Check type="checkbox" value={id} {...register('kinds')} /> {says}
          </label>
        ))}
      </Choices>
      <Problem says={problem} />
    </Dialog>
  );
}
