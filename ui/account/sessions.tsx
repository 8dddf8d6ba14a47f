'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { type Column, RecordTable } from '../parts/record-table';
import { Button } from '../parts/button';
import type { Wire } from '../../app/wire';
import type { Session } from '../../server/sign-in/sessions';

export type ListedSession = Wire<Session>;

/** Where one is signed in; each session can be ended. */
export function Sessions({ sessions }: { sessions: readonly ListedSession[] }) {
  const router = useRouter();
  const [said, setSaid] = useState<{ text: string; isProblem: boolean } | null>(null);
  const isAwake = useAwake();
  const others = sessions.filter(({ isThis }) => !isThis).length;
  const end = async (id: string | null): Promise<void> => {
    const answer = await (id === null
      ? send('DELETE', '/api/account/sessions')
      : send('DELETE', `/api/account/sessions/${id}`));
    if (!answer.ok) return setSaid({ text: answer.problem, isProblem: true });
    setSaid({ text: `${answer.body.ended ?? 1} ended.`, isProblem: false });
    router.refresh();
  };
  return (
    <section aria-labelledby="sessions-title">
      <h2 id="sessions-title">Sessions</h2>
      <p>
        {others === 0
          ? 'You’re only signed in here.'
          : `You’re signed in here and in ${others} other ${others === 1 ? 'place' : 'places'}.`}
      </p>
      <RecordTable
        label="Sessions"
        records={sessions}
        columns={COLUMNS}
        acts={({ id, address, browser, isThis }) =>
          !isThis && (
            <Button
              look="quiet"
              disabled={!isAwake}
              aria-label={`End the session from ${address}, ${browserWords(browser)}`}
              onClick={() => void end(id)}
            >
              End
            </Button>
          )
        }
        empty="No sessions."
      />
      <Button disabled={!isAwake || others === 0} onClick={() => void end(null)}>
        End other sessions
      </Button>
      {said && (
        <p className={said.isProblem ? 'problem' : 'fine'} role="status">
          {said.text}
        </p>
      )}
    </section>
  );
}

const COLUMNS: Column<ListedSession>[] = [
  { head: 'Browser', says: ({ browser }) => <span title={browser}>{browserWords(browser)}</span> },
  { head: 'IP address', isNumber: true, says: ({ address }) => address },
  { head: 'Last seen', says: ({ isThis, seenAt }) => (isThis ? 'this session' : <Moment at={seenAt} />) },
];

/** The last product that a browser names of itself, with the system: "Firefox/128.0, Linux". */
function browserWords(browser: string): string {
  const products = browser.match(/[A-Z][A-Za-z]+\/\d+/g) ?? [];
  const [, system] = /\(([^;)]+)/.exec(browser) ?? [];
  const name = products.find((each) => /^(Firefox|Edg|Chrome|HeadlessChrome)\//.test(each)) ?? products.at(-1);
  return [name ?? 'unknown', system].filter(Boolean).join(', ');
}
