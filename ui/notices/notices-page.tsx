'use client';

import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { Moment } from '../frame/moment';
import type { SentTo } from '../../app/api/sent';
import type { Notice, NoticeKind } from '../../server/team/notices';
import { send } from '../frame/send';
import { Empty } from '../parts/empty';
import { Problem } from '../parts/problem';
import styles from './notices.module.scss';
import { Button } from '../parts/button';
import { Check } from '../parts/check';
import type { Wire } from '../../app/wire';

type ListedNotice = Wire<Notice>;

type Props = {
  notices: readonly ListedNotice[];
  /** The grids that a notice tells of, by its path. */
  drawings: Readonly<Record<string, ReactNode>>;
  kinds: readonly { kind: NoticeKind; says: string; isWanted: boolean }[];
};

/** One’s notices, the newest first, and which kinds one wants. */
export function NoticesPage({ notices, drawings, kinds }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const change = async (body: SentTo<'PATCH', '/api/notices'>): Promise<void> => {
    const answer = await send('PATCH', '/api/notices', body);
    setProblem(answer.ok ? null : answer.problem);
    router.refresh();
  };
  const unread = notices.filter(({ isRead }) => !isRead).length;
  return (
    <>
      <div className={styles.head}>
        <h1>Notices</h1>
        <Button disabled={unread === 0} onClick={() => void change({ read: 'all' })}>
          Mark all as read
        </Button>
      </div>
      <Problem says={problem} />
      <div className={styles.page}>
        {notices.length === 0 ? (
          <Empty>You’ll see it here when someone mentions you, requests a review or publishes.</Empty>
        ) : (
          <ul className={styles.list}>
            {notices.map(({ id, text, path, team, madeBy, madeAt, isRead }) => (
              <li key={id} data-unread={!isRead || undefined}>
                <Link href={path} onClick={() => !isRead && void change({ read: id })}>
                  {text}
                </Link>
                {drawings[path] && <div>{drawings[path]}</div>}
                <p className="soft">
                  {madeBy ?? 'Ypsiline'}, {team}, <Moment at={madeAt} />
                  {!isRead && <span className="visually-hidden">, unread</span>}
                </p>
              </li>
            ))}
          </ul>
        )}
        <fieldset className={styles.kinds}>
          <legend>Notify me when</legend>
          {kinds.map(({ kind, says, isWanted }) => (
            <label key={kind}>
              <Check
                type="checkbox"
                checked={isWanted}
                onChange={({ target }) => void change({ kind, wanted: target.checked })}
              />{' '}
              {says}
            </label>
          ))}
        </fieldset>
      </div>
    </>
  );
}
