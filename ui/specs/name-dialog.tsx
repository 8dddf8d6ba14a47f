'use client';

import { LIMITS } from '../../core/limits';
import type { ReactNode } from 'react';
import { useForm, type UseFormRegister } from 'react-hook-form';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import type { Answer } from '../frame/send';

export type NameFields = { name: string; start: string };

type Props<T> = {
  title: string;
  action: string;
  defaults: NameFields;
  children?: (register: UseFormRegister<NameFields>) => ReactNode;
  submit: (fields: NameFields) => Promise<Answer<T>>;
  onDone: (body: T) => void;
  onClose: () => void;
};

/** A dialog that asks for the name of a spec, and what else its children ask. */
export function NameDialog<T>({ title, action, defaults, children, submit, onDone, onClose }: Props<T>) {
  const { register, handleSubmit, setError, formState } = useForm<NameFields>({ defaultValues: defaults });
  const { errors, isSubmitting } = formState;

  const send = async (fields: NameFields): Promise<void> => {
    const answer = await submit({ ...fields, name: fields.name.trim() });
    if (answer.ok) onDone(answer.body);
    else setError('name', { message: answer.problem });
  };

  return (
    <Dialog
      title={title}
      onClose={onClose}
      onSubmit={handleSubmit(send)}
      answers={<Answers yes={action} isBusy={isSubmitting} onNo={onClose} />}
    >
      <Field
        label="Name"
        autoComplete="off"
        placeholder="Passenger site"
        error={errors.name?.message}
        {...register('name', {
          validate: (name) => name.trim() !== '' || 'Type a name, such as Passenger site.',
          maxLength: { value: LIMITS.name, message: `A name has at most ${LIMITS.name} characters.` },
        })}
      />
      {children?.(register)}
    </Dialog>
  );
}
