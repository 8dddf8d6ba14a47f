'use client';

import { LIMITS } from '../../core/limits';
import { useForm } from 'react-hook-form';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import type { Answer } from '../frame/send';

type Props<T> = {
  title: string;
  action: string;
  /** The name that is proposed. */
  name: string;
  submit: (name: string) => Promise<Answer<T>>;
  onDone: (body: T) => void;
  onClose: () => void;
};

/** A dialog that asks for the name of a spec. */
export function NameDialog<T>({ title, action, name, submit, onDone, onClose }: Props<T>) {
  const { register, handleSubmit, setError, formState } = useForm<{ name: string }>({ defaultValues: { name } });
  const { errors, isSubmitting } = formState;

  const send = async (fields: { name: string }): Promise<void> => {
    const answer = await submit(fields.name.trim());
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
          validate: (typed) => typed.trim() !== '' || 'Enter a name, such as Passenger site.',
          maxLength: { value: LIMITS.name, message: `A name has at most ${LIMITS.name} characters.` },
        })}
      />
    </Dialog>
  );
}
