'use client';

import { SAID } from '../../core/limits';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Problem } from '../parts/problem';
import styles from './review.module.scss';
import { Label } from '../parts/label';
import { TextArea } from '../parts/text-input';
import { Button } from '../parts/button';

type Props = {
  specId: string;
  revision: number;
  /** Why whoever answers does not approve; null where they may. */
  notApproving: string | null;
};

/** Approves the draft as it is shown, or asks for changes. What was typed stays until it was taken. */
export function AnswerForm({ specId, revision, notApproving }: Props) {
  const router = useRouter();
  const isAwake = useAwake();
  const id = useId();
  const [note, setNote] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const give = async (verdict: 'approve' | 'ask-changes'): Promise<void> => {
    setBusy(true);
    const answer = await send('POST', `/api/specs/${specId}/review/answers`, { verdict, note, revision });
    setBusy(false);
    setProblem(answer.ok ? null : answer.problem);
    if (answer.ok) setNote('');
    router.refresh();
  };
  return (
    <div className={styles.form}>
      <Label htmlFor={id}>Your review of draft {revision}</Label>
      <TextArea
        id={id}
        rows={3}
        maxLength={SAID.reviewNote}
        value={note}
        onChange={({ target }) => setNote(target.value)}
        placeholder="What’s good, or what should change"
      />
      <div className={styles.buttons}>
        {notApproving === null && (
          <Button look="primary" disabled={!isAwake || isBusy} onClick={() => void give('approve')}>
            Approve
          </Button>
        )}
        <Button disabled={!isAwake || isBusy} onClick={() => void give('ask-changes')}>
          Request changes
        </Button>
      </div>
      {notApproving !== null && <p className="soft">{notApproving}</p>}
      <Problem says={problem} />
    </div>
  );
}
