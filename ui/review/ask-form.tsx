'use client';

import { SAID } from '../../core/limits';
import { useRouter } from 'next/navigation';
import { useForm } from 'react-hook-form';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Problem } from '../parts/problem';
import styles from './review.module.scss';
import { Check } from '../parts/check';
import { Label } from '../parts/label';
import { TextArea } from '../parts/text-input';
import { Button } from '../parts/button';

type Fields = { note: string; people: string[] };
type Props = { specId: string; reviewers: readonly { id: string; name: string; role: string }[] };

/** Asks people for a review, with a note. */
export function AskForm({ specId, reviewers }: Props) {
  const router = useRouter();
  const isAwake = useAwake();
  const { register, handleSubmit, setError, formState } = useForm<Fields>({ defaultValues: { note: '', people: [] } });
  const { errors, isSubmitting } = formState;
  const ask = async ({ note, people }: Fields): Promise<void> => {
    const answer = await send('POST', `/api/specs/${specId}/review`, { note, people: people || [] });
    if (answer.ok) return router.refresh();
    setError('root', { message: answer.problem });
  };
  return (
    <form className={styles.form} onSubmit={handleSubmit(ask)} noValidate>
      <Label className="needed" htmlFor="ask-note">
        What should reviewers look at?{' '}
      </Label>
      <TextArea
        id="ask-note"
        rows={3}
        maxLength={SAID.reviewNote}
        aria-required
        aria-invalid={Boolean(errors.note)}
        {...register('note', { required: 'Enter what reviewers should look at.' })}
      />
      <Problem says={errors.note?.message} />
      {reviewers.length > 0 && (
        <fieldset className={styles.people}>
          <legend>Ask</legend>
          {reviewers.map(({ id, name, role }) => (
            <label key={id}>
              <Check type="checkbox" value={id} {...register('people')} /> {name} <span className="soft">{role}</span>
            </label>
          ))}
        </fieldset>
      )}
      <Button type="submit" look="primary" disabled={!isAwake || isSubmitting}>
        Request a review
      </Button>
      <Problem says={errors.root?.message} />
    </form>
  );
}
