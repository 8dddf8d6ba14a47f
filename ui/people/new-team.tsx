'use client';

import { useRouter } from 'next/navigation';
import { useForm } from 'react-hook-form';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Field } from '../parts/field';
import { Button } from '../parts/button';

/** Makes a team of one's own. */
export function NewTeam() {
  const router = useRouter();
  const isAwake = useAwake();
  const { register, handleSubmit, setError, formState } = useForm<{ name: string }>();
  const make = async (wanted: { name: string }): Promise<void> => {
    const answer = await send('POST', '/api/teams', wanted);
    if (answer.ok) return router.push(`/${answer.body.slug}`);
    setError('name', { message: answer.problem });
  };
  return (
    <form className="narrow" onSubmit={handleSubmit(make)} noValidate aria-labelledby="new-team">
      <h2 id="new-team">New team</h2>
      <Field
        label="Team name"
        autoComplete="organization"
        error={formState.errors.name?.message}
        {...register('name', { required: 'Enter a name, such as Harbour office.' })}
      />
      <Button type="submit" disabled={!isAwake || formState.isSubmitting}>
        Create team
      </Button>
    </form>
  );
}
