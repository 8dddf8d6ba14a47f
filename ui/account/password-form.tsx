'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Field } from '../parts/field';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Button } from '../parts/button';

type Passwords = { now: string; next: string; again: string };

/** Changes one's password. */
export function PasswordForm({ shortest, email }: { shortest: number; email: string }) {
  const { register, handleSubmit, setError, reset, getValues, formState } = useForm<Passwords>();
  const { errors, isSubmitting } = formState;
  const [isChanged, setIsChanged] = useState(false);
  const isAwake = useAwake();
  const change = async ({ now, next }: Passwords): Promise<void> => {
    const answer = await send('PUT', '/api/account/password', { now, next });
    setIsChanged(answer.ok);
    if (answer.ok) return reset();
    const field = answer.body.field === 'now' || answer.body.field === 'next' ? answer.body.field : 'root';
    setError(field, { message: answer.problem }, { shouldFocus: true });
  };
  const required = 'Type it here.';
  return (
    <form onSubmit={handleSubmit(change)} noValidate aria-labelledby="password-title">
      <h2 id="password-title">Change the password</h2>
      <p className="soft">At least {shortest} characters. Every other session of yours ends.</p>
      <input type="email" autoComplete="username" value={email} readOnly hidden />
      <Field
        label="Password now"
        type="password"
        autoComplete="current-password"
        error={errors.now?.message}
        {...register('now', { required })}
      />
      <Field
        label="New password"
        type="password"
        autoComplete="new-password"
        error={errors.next?.message}
        {...register('next', {
          required,
          minLength: { value: shortest, message: `A password has at least ${shortest} characters.` },
        })}
      />
      <Field
        label="New password again"
        type="password"
        autoComplete="new-password"
        error={errors.again?.message}
        {...register('again', {
          required,
          validate: (again) => again === getValues('next') || 'The two are not the same.',
        })}
      />
      <Button type="submit" look="primary" disabled={!isAwake || isSubmitting}>
        Change the password
      </Button>
      {errors.root && (
        <p className="problem" role="alert">
          {errors.root.message}
        </p>
      )}
      {isChanged && (
        <p className="fine" role="status">
          The password is changed, and your other sessions have ended.
        </p>
      )}
    </form>
  );
}
