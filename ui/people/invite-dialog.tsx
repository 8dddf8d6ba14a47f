'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { send } from '../frame/send';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { Problem } from '../parts/problem';
import { type ListedRole, ROLE_NAMES, ROLE_WORDS } from './listed-person';
import { Choices } from '../parts/choices';
import { Check } from '../parts/check';

type Fields = { email: string; role: ListedRole; says: string };
type Props = { team: string; onMade: (path: string) => void; onClose: () => void };

/** Asks who is invited, and as what. */
export function InviteDialog({ team, onMade, onClose }: Props) {
  const { register, handleSubmit, formState } = useForm<Fields>({
    defaultValues: { email: '', role: 'author', says: '' },
  });
  const [problem, setProblem] = useState<string | null>(null);
  const invite = async (fields: Fields): Promise<void> => {
    const answer = await send('POST', `/api/teams/${team}/invitations`, fields);
    if (answer.ok) onMade(answer.body.path);
    else setProblem(answer.problem);
  };
  return (
    <Dialog
      title="Invite someone"
      onClose={onClose}
      onSubmit={handleSubmit(invite)}
      answers={<Answers yes="Invite" isBusy={formState.isSubmitting} onNo={onClose} />}
    >
      <Field
        label="E-mail"
        type="email"
        autoComplete="off"
        error={formState.errors.email?.message}
        {...register('email', { required: 'Enter an e-mail address, such as rin@example.org.' })}
      />
      <Field
        label="Job title"
        required={false}
        autoComplete="off"
        placeholder="Front-end developer"
        {...register('says')}
      />
      <Choices legend="Role">
        {ROLE_NAMES.map((role) => (
          <label key={role}>
            <Check type="radio" value={role} {...register('role')} /> {role}{' '}
            <span className="soft">{ROLE_WORDS[role]}</span>
          </label>
        ))}
      </Choices>
      <Problem says={problem} />
    </Dialog>
  );
}
