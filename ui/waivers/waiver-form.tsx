'use client';

import { LIMITS } from '../../core/limits';
import { useForm } from 'react-hook-form';
import styles from './waiver-form.module.scss';
import { TextInput } from '../parts/text-input';
import { Button } from '../parts/button';

type Props = { onWaive: (reason: string) => void; onCancel: () => void };

/** Asks why a finding is accepted. */
export function WaiverForm({ onWaive, onCancel }: Props) {
  const { register, handleSubmit, formState } = useForm<{ reason: string }>({ defaultValues: { reason: '' } });
  return (
    <form
      className={styles.waiver}
      onSubmit={handleSubmit(({ reason }) => onWaive(reason.trim()))}
      onKeyDown={(event) => event.key === 'Escape' && onCancel()}
    >
      <TextInput
        isSmall
        autoFocus
        aria-label="Reason"
        placeholder="Why is this OK?"
        maxLength={LIMITS.reason}
        {...register('reason', { validate: (reason) => reason.trim() !== '' || 'Enter a reason.' })}
      />
      <Button type="submit" look="primary" isSmall>
        Waive
      </Button>
      <Button isSmall onClick={onCancel}>
        Cancel
      </Button>
      {formState.errors.reason && (
        <span className="problem" role="alert">
          {formState.errors.reason.message}
        </span>
      )}
    </form>
  );
}
