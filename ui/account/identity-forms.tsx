'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Field } from '../parts/field';
import { Problem } from '../parts/problem';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Button } from '../parts/button';

/** Changes the name under which one is seen. */
export function NameForm({ name }: { name: string }) {
  const router = useRouter();
  const isAwake = useAwake();
  const { register, handleSubmit, setError, formState } = useForm<{ name: string }>({ defaultValues: { name } });
  const [isChanged, setChanged] = useState(false);
  const change = async (fields: { name: string }): Promise<void> => {
    const answer = await send('PATCH', '/api/account', fields);
    setChanged(answer.ok);
    if (answer.ok) router.refresh();
    else setError('name', { message: answer.problem });
  };
  return (
    <form onSubmit={handleSubmit(change)} noValidate aria-labelledby="name-title">
      <h2 id="name-title">Change name</h2>
      <Field
        label="Name"
        autoComplete="name"
        error={formState.errors.name?.message}
        {...register('name', { required: 'Enter your name.' })}
      />
      <Button type="submit" disabled={!isAwake || formState.isSubmitting}>
        Change name
      </Button>
      {isChanged && (
        <p className="fine" role="status">
          Name changed, also on your earlier work.
        </p>
      )}
    </form>
  );
}

/** Changes the e-mail with which one signs in; asks for the password. */
export function EmailForm({ email }: { email: string }) {
  const router = useRouter();
  const isAwake = useAwake();
  const { register, handleSubmit, setError, reset, formState } = useForm<{ email: string; password: string }>();
  const [isChanged, setChanged] = useState(false);
  const { errors, isSubmitting } = formState;
  const change = async (fields: { email: string; password: string }): Promise<void> => {
    const answer = await send('PATCH', '/api/account', fields);
    setChanged(answer.ok);
    if (!answer.ok) return setError('root', { message: answer.problem });
    reset();
    router.refresh();
  };
  return (
    <form onSubmit={handleSubmit(change)} noValidate aria-labelledby="email-title">
      <h2 id="email-title">Change e-mail</h2>
      <p className="soft">You sign in with it. It’s currently {email}.</p>
      <Field
        label="New e-mail"
        type="email"
        autoComplete="off"
        error={errors.email?.message}
        {...register('email', { required: 'Enter an e-mail address, such as rin@example.org.' })}
      />
      <Field
        label="Your password"
        type="password"
        autoComplete="current-password"
        error={errors.password?.message}
        {...register('password', { required: 'Enter your password.' })}
      />
      <Button type="submit" disabled={!isAwake || isSubmitting}>
        Change e-mail
      </Button>
      <Problem says={errors.root?.message} />
      {isChanged && (
        <p className="fine" role="status">
          E-mail changed.
        </p>
      )}
    </form>
  );
}
