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
  const required = 'Enter your current password.';
  return (
    <form onSubmit={handleSubmit(change)} noValidate aria-labelledby="password-title">
      <h2 id="password-title">Change password</h2>
      <p className="soft">At least {shortest} characters. You’ll be signed out everywhere else.</p>
      <input type="email" autoComplete="username" value={email} readOnly hidden />
      <Field
        label="Current password"
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
          minLength: { value: shortest, message: `Use at least ${shortest} characters.` },
        })}
      />
      <Field
        label="Repeat new password"
        type="password"
        autoComplete="new-password"
        error={errors.again?.message}
        {...register('again', {
          required,
          validate: (again) => again === getValues('next') || 'The passwords don’t match.',
        })}
      />
      <Button type="submit" look="primary" disabled={!isAwake || isSubmitting}>
        Change password
      </Button>
      {errors.root && (
        <p className="problem" role="alert">
          {errors.root.message}
        </p>
      )}
      {isChanged && (
        <p className="fine" role="status">
          Password changed. You’re signed out everywhere else.
        </p>
      )}
    </form>
  );
}
