'use client';

import { useForm } from 'react-hook-form';
import { Field } from '../parts/field';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import styles from './sign-in.module.scss';
import { Button } from '../parts/button';

type Credentials = { email: string; password: string };
export type DemoSignIn = { name: string; email: string; password: string; says: string };

/** E-mail and password. `demo` offers the demo's people, one click each. */
export function SignInForm({ onSignedIn, demo = [] }: { onSignedIn: () => void; demo?: DemoSignIn[] }) {
  // no default values: what was typed before the page woke up is taken over, not emptied
  const { register, handleSubmit, setError, setFocus, formState } = useForm<Credentials>();
  const { errors, isSubmitting } = formState;
  const isAwake = useAwake();

  const signIn = async (credentials: Credentials): Promise<void> => {
    const answer = await send('POST', '/api/session', credentials);
    if (answer.ok) return onSignedIn();
    setError('root', { message: answer.problem });
    setFocus('password');
  };

  return (
    <>
      <form onSubmit={handleSubmit(signIn)} noValidate>
        <Field
          label="E-mail"
          type="email"
          autoComplete="username"
          autoFocus
          error={errors.email?.message}
          {...register('email', { required: 'Enter your e-mail address.' })}
        />
        <Field
          label="Password"
          type="password"
          autoComplete="current-password"
          error={errors.password?.message}
          {...register('password', { required: 'Enter your password.' })}
        />
        <Button look="primary" type="submit" disabled={isSubmitting || !isAwake}>
          {isSubmitting ? 'Signing in…' : 'Sign in'}
        </Button>
        {errors.root && (
          <p className="problem" role="alert">
            {errors.root.message}
          </p>
        )}
      </form>
      {demo.length > 0 && <DemoPeople demo={demo} isAwake={isAwake} onChoose={signIn} />}
    </>
  );
}

type DemoProps = { demo: DemoSignIn[]; isAwake: boolean; onChoose: (credentials: Credentials) => Promise<void> };

function DemoPeople({ demo, isAwake, onChoose }: DemoProps) {
  return (
    <section aria-label="Demo sign-ins" className={styles.demo}>
      <p className="soft">This is a demo. Sign in as</p>
      <ul>
        {demo.map(({ name, email, password, says }) => (
          <li key={email}>
            <Button look="quiet" disabled={!isAwake} onClick={() => onChoose({ email, password })}>
              {name}
            </Button>{' '}
            <span className="soft">{says.toLowerCase()}</span>
            <span className="number soft">
              {email}
              <br />
              {password}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
