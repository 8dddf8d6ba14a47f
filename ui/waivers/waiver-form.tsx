'use client';

import { LIMITS } from '../../core/limits';
import { useForm } from 'react-hook-form';
import styles from './waiver-form.module.scss';

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
      <input
        className="form-control form-control-sm"
        autoFocus
        aria-label="Why this is accepted"
        placeholder="Why is this accepted?"
        maxLength={LIMITS.reason}
        {...register('reason', { validate: (reason) => reason.trim() !== '' || 'A waiver needs a reason.' })}
      />
      <button type="submit" className="btn btn-sm btn-primary">
        Waive with this reason
      </button>
      <button type="button" className="btn btn-sm btn-line" onClick={onCancel}>
        Cancel
      </button>
      {formState.errors.reason && (
        <span className="problem" role="alert">
          {formState.errors.reason.message}
        </span>
      )}
    </form>
  );
}
