'use client';

import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { counted } from '../../core/length/present';
import { send } from '../frame/send';
import { Fractions } from '../drawing/numeral';
import { Moment } from '../frame/moment';
import { Notice } from '../parts/notice';
import { AnswerForm } from './answer-form';
import { AskForm } from './ask-form';
import type { ListedAnswer, ListedReview } from './listed-review';
import styles from './review.module.scss';
import { Button } from '../parts/button';

type Props = {
  specId: string;
  address: string;
  revision: number;
  may: { ask: boolean; answer: boolean };
  /** Why whoever answers does not approve; null where they may. */
  notApproving: string | null;
  self: string;
  needed: number;
  approvals: number;
  review: ListedReview | null;
  reviewers: readonly { id: string; name: string; role: string }[];
  findings: readonly string[];
  threads: number;
  /** What changed since the last edition. */
  children: ReactNode;
};

/** The review of a draft: asked for, answered, and all that one looks at for it. */
export function ReviewPage(props: Props) {
  const { specId, address, revision, may, notApproving, needed, approvals, review } = props;
  const { reviewers, findings, threads, children } = props;
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const callOff = async (): Promise<void> => {
    const answer = await send('DELETE', `/api/specs/${specId}/review`);
    setProblem(answer.ok ? null : answer.problem);
    router.refresh();
  };
  return (
    <>
      <h1>Review</h1>
      {problem && <Notice of="problem">{problem}</Notice>}
      <div className={styles.page}>
        <section aria-labelledby="state">
          <h2 id="state">{review ? `Draft ${revision} is in review` : 'No open review'}</h2>
          {review ? (
            <>
              <p>
                {review.askedBy} asked
                {review.people.length > 0 ? ` ${review.people.map(({ name }) => name).join(', ')}` : ''},{' '}
                <Moment at={review.askedAt} />:
              </p>
              <blockquote className={styles.note}>{review.note}</blockquote>
              <p>{stand(needed, approvals)}</p>
              <Answers answers={review.answers} />
              {may.answer && <AnswerForm specId={specId} revision={revision} notApproving={notApproving} />}
              {!may.answer && (
                <p className="soft">You can view this review. Owners, authors and reviewers can answer it.</p>
              )}
              {may.ask && (
                <Button look="quiet" onClick={() => void callOff()}>
                  Cancel review
                </Button>
              )}
            </>
          ) : (
            <>
              <p>
                {needed === 0
                  ? 'This team publishes without approvals. You can still request a review.'
                  : stand(needed, approvals)}
              </p>
              {may.ask ? (
                <AskForm specId={specId} reviewers={reviewers} />
              ) : (
                <p className="soft">Owners and authors can request a review.</p>
              )}
            </>
          )}
          <h3>Findings</h3>
          {findings.length === 0 ? (
            <p className="fine">Nothing to fix.</p>
          ) : (
            <ul className={styles.findings}>
              {findings.map((finding) => (
                <li key={finding}>
                  <Fractions text={finding} />
                </li>
              ))}
            </ul>
          )}
          <p>
            <Link href={`${address}/remarks`}>
              {threads === 0 ? 'No open comments' : counted(threads, 'open comment')}
            </Link>
          </p>
        </section>
        <section aria-labelledby="changed">
          <h2 id="changed">What changed since the last edition</h2>
          {children}
        </section>
      </div>
    </>
  );
}

function stand(needed: number, approvals: number): string {
  if (needed === 0)
    return `${approvals === 0 ? 'No approvals yet' : counted(approvals, 'approval')}; none needed to publish.`;
  return `${approvals} of ${counted(needed, 'approval')} needed to publish.`;
}

function Answers({ answers }: { answers: readonly ListedAnswer[] }) {
  if (answers.length === 0) return <p className="soft">No reviews yet.</p>;
  return (
    <ul className={styles.answers}>
      {answers.map(({ person, verdict, note, revision, at, holds, lapsedBy }, index) => (
        <li key={index} data-holds={holds}>
          <strong>{person}</strong>{' '}
          <span className={verdict === 'approve' ? styles.approved : styles.changes}>
            {verdict === 'approve' ? 'approved' : 'requested changes to'}
          </span>{' '}
          draft {revision}, <Moment at={at} />
          {note && <p>{note}</p>}
          {!holds && <p className="soft">Expired: {lapsedBy.join('; ') || 'the draft has changed'}.</p>}
        </li>
      ))}
    </ul>
  );
}
