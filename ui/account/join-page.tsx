'use client';

import { useForm } from 'react-hook-form';
import { Wordmark } from '../frame/wordmark';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Field } from '../parts/field';
import { Problem } from '../parts/problem';
import styles from './sign-in.module.scss';
import { Button } from '../parts/button';
import { LinkButton } from '../parts/link-button';

type Opened = { teamName: string; email: string; role: string; madeBy: string };
type Props = {
  secret: string;
  invitation: Opened | null;
  /** Why it cannot be taken; null where it can. */
  closed: string | null;
  person: { name: string; email: string } | null;
  shortest: number;
};
type Fields = { name: string; email: string; password: string };

/** An invitation: taken by whoever is signed in, or with a new account. */
export function JoinPage({ secret, invitation, closed, person, shortest }: Props) {
  return (
    <main id="content" className={styles.page}>
      <div className={styles.card}>
        <h1>
          <Wordmark size={26} /> Ypsiline
        </h1>
        {closed || !invitation ? (
          <>
            <p>{closed}</p>
            <LinkButton isLoaded href="/sign-in">
              Sign in
            </LinkButton>
          </>
        ) : (
          <>
            <p>
              {invitation.madeBy} invites you to <strong>{invitation.teamName}</strong>, as {invitation.role}.
            </p>
            <JoinForm secret={secret} email={invitation.email} person={person} shortest={shortest} />
          </>
        )}
      </div>
    </main>
  );
}

function JoinForm({ secret, email, person, shortest }: Omit<Props, 'invitation' | 'closed'> & { email: string }) {
  const { register, handleSubmit, setError, formState } = useForm<Fields>({ defaultValues: { email } });
  const { errors, isSubmitting } = formState;
  const isAwake = useAwake();
  const join = async (fields: Fields): Promise<void> => {
    const answer = await send('POST', `/api/join/${secret}`, person ? undefined : fields);
    if (answer.ok) return window.location.assign(`/${answer.body.team}`);
    setError('root', { message: answer.problem });
  };
  return (
    <form onSubmit={handleSubmit(join)} noValidate>
      {person ? (
        <p>
          You are signed in as {person.name}, {person.email}.
        </p>
      ) : (
        <>
          <Field
            label="Your name"
            autoComplete="name"
            autoFocus
            error={errors.name?.message}
            {...register('name', { required: 'Enter your name.' })}
          />
          <Field
            label="E-mail"
            type="email"
            autoComplete="username"
            readOnly
            title="The invitation is for this address"
            error={errors.email?.message}
            {...register('email')}
          />
          <Field
            label="Choose a password"
            type="password"
            autoComplete="new-password"
            error={errors.password?.message}
            {...register('password', {
              required: 'Choose a password.',
              minLength: { value: shortest, message: `Use at least ${shortest} characters.` },
            })}
          />
        </>
      )}
      <Button look="primary" type="submit" disabled={isSubmitting || !isAwake}>
        Join team
      </Button>
      <Problem says={errors.root?.message} />
      {!person && (
        <p className="soft">
          Already have an account? <a href={`/sign-in?to=${encodeURIComponent(`/join/${secret}`)}`}>Sign in</a> first.
        </p>
      )}
    </form>
  );
}
