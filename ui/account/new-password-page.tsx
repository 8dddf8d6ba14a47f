'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Wordmark } from '../frame/wordmark';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Field } from '../parts/field';
import { Problem } from '../parts/problem';
import styles from './sign-in.module.scss';
import { Button } from '../parts/button';
import { LinkButton } from '../parts/link-button';

type Props = {
  secret: string;
  link: { email: string; name: string } | null;
  /** Why it cannot be used; null where it can. */
  closed: string | null;
  shortest: number;
};

/** Choosing a new password by a link from an owner of the team. */
export function NewPasswordPage({ secret, link, closed, shortest }: Props) {
  const [isDone, setDone] = useState(false);
  const { register, handleSubmit, setError, formState } = useForm<{ password: string }>();
  const isAwake = useAwake();
  const choose = async (fields: { password: string }): Promise<void> => {
    const answer = await send('POST', `/api/password/${secret}`, fields);
    if (answer.ok) return setDone(true);
    setError('password', { message: answer.problem });
  };
  return (
    <main id="content" className={styles.page}>
      <div className={styles.card}>
        <h1>
          <Wordmark size={26} /> Ypsiline
        </h1>
        {isDone || closed || !link ? (
          <>
            <p role="status">{isDone ? 'Password changed. Sign in with the new one.' : closed}</p>
            <LinkButton look="primary" isLoaded href="/sign-in">
              Sign in
            </LinkButton>
          </>
        ) : (
          <form onSubmit={handleSubmit(choose)} noValidate>
            <p>
              A new password for {link.name}, {link.email}. You’ll be signed out everywhere.
            </p>
            <input type="email" autoComplete="username" value={link.email} readOnly hidden />
            <Field
              label="New password"
              type="password"
              autoComplete="new-password"
              autoFocus
              error={formState.errors.password?.message}
              {...register('password', {
                required: 'Choose a password.',
                minLength: { value: shortest, message: `Use at least ${shortest} characters.` },
              })}
            />
            <Button look="primary" type="submit" disabled={formState.isSubmitting || !isAwake}>
              Change password
            </Button>
            <Problem says={formState.errors.root?.message} />
          </form>
        )}
      </div>
    </main>
  );
}
