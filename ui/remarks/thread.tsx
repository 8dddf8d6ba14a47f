'use client';

import { useState } from 'react';
import { Moment } from '../frame/moment';
import { type Answer, send } from '../frame/send';
import { Problem } from '../parts/problem';
import type { ListedRemark, Mentioned } from './listed-remark';
import { RemarkForm } from './remark-form';
import styles from './remarks.module.scss';
import { Button } from '../parts/button';

type Props = {
  specId: string;
  first: ListedRemark;
  answers: readonly ListedRemark[];
  self: string;
  members: readonly Mentioned[];
  onDone: () => void;
};

/** A thread: what it is about, what was said, and an answer. */
export function Thread({ specId, first, answers, self, members, onDone }: Props) {
  const [isAnswering, setAnswering] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const base = `/api/specs/${specId}/remarks` as const;
  const done = (answer: Answer<unknown>): Answer<unknown> => {
    setProblem(answer.ok ? null : answer.problem);
    if (answer.ok) onDone();
    return answer;
  };
  const isSettled = first.settledAt !== null;
  return (
    <li className={styles.thread} id={first.id} data-settled={isSettled || undefined}>
      <div className={styles.about}>
        <strong>{first.about || 'The specification'}</strong>
        {first.isGone && <span className={styles.gone}>no longer exists</span>}
        {isSettled && (
          <span className="soft">
            resolved by {first.settledBy ?? 'somebody'}, <Moment at={first.settledAt!} />
          </span>
        )}
      </div>
      <ul>
        {[first, ...answers].map((remark) => (
          <Said
            key={remark.id}
            remark={remark}
            isOwn={remark.madeById === self}
            members={members}
            onChange={async (text) => done(await send('PATCH', `${base}/${remark.id}`, { text }))}
            onDelete={async () => void done(await send('DELETE', `${base}/${remark.id}`))}
          />
        ))}
      </ul>
      <Problem says={problem} />
      {isAnswering ? (
        <RemarkForm
          label="Reply"
          action="Reply"
          members={members}
          onSend={async (text, mentions) => {
            const answer = done(await send('POST', base, { text, mentions, thread: first.id }));
            if (answer.ok) setAnswering(false);
            return answer;
          }}
          onCancel={() => setAnswering(false)}
        />
      ) : (
        <div className={styles.buttons}>
          <Button look="quiet" onClick={() => setAnswering(true)}>
            Reply
          </Button>
          <Button
            look="quiet"
            onClick={async () => void done(await send('PATCH', `${base}/${first.id}`, { settled: !isSettled }))}
          >
            {isSettled ? 'Reopen' : 'Resolve'}
          </Button>
        </div>
      )}
    </li>
  );
}

type SaidProps = {
  remark: ListedRemark;
  isOwn: boolean;
  members: readonly Mentioned[];
  onChange: (text: string) => Promise<Answer<unknown>>;
  onDelete: () => Promise<void>;
};

/** One remark; one’s own can be changed and deleted. */
function Said({ remark, isOwn, members, onChange, onDelete }: SaidProps) {
  const [isEditing, setEditing] = useState(false);
  const { madeBy, madeAt, text, editedAt, isDeleted } = remark;
  return (
    <li>
      <p className={styles.by}>
        <strong>{madeBy}</strong>{' '}
        <span className="soft">
          <Moment at={madeAt} />
          {editedAt !== null && ', changed'}
        </span>
        {isOwn && !isDeleted && !isEditing && (
          <span className={styles.own}>
            <Button look="quiet" onClick={() => setEditing(true)}>
              Change
            </Button>
            <Button look="quiet" onClick={() => void onDelete()}>
              Delete
            </Button>
          </span>
        )}
      </p>
      {isEditing ? (
        <RemarkForm
          label="Your comment"
          action="Save"
          first={text}
          members={members}
          onSend={async (changed) => {
            const answer = await onChange(changed);
            if (answer.ok) setEditing(false);
            return answer;
          }}
          onCancel={() => setEditing(false)}
        />
      ) : (
        <p className={isDeleted ? `${styles.text} soft` : styles.text}>{isDeleted ? 'Deleted.' : text}</p>
      )}
    </li>
  );
}
