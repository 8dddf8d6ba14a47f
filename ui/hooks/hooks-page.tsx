'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { Dialog } from '../parts/dialog';
import { PageHead } from '../parts/page-head';
import { Problem } from '../parts/problem';
import { type Column, RecordTable } from '../parts/record-table';
import { Secret } from '../parts/secret';
import { Delivered, type Deliveries, Received, type ReceivedList } from './deliveries';
import styles from './hooks.module.scss';
import type { HookKind } from '../../server/hooks/tell-hooks';
import { NewHookDialog } from './new-hook-dialog';
import { Button } from '../parts/button';
import type { Wire } from '../../app/wire';
import type { Hook } from '../../server/hooks/hooks';

type ListedHook = Wire<Hook>;

type Props = {
  team: string;
  kinds: [HookKind, string][];
  hooks: readonly ListedHook[];
  deliveries: Deliveries;
  received: ReceivedList;
};

/** The web hooks of a team: made and removed, what they sent, and what came to the receiver that is shipped. */
export function HooksPage({ team, kinds, hooks, deliveries, received }: Props) {
  const router = useRouter();
  const [isMaking, setMaking] = useState(false);
  const [secret, setSecret] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const remove = async (id: string): Promise<void> => {
    const answer = await send('DELETE', `/api/teams/${team}/hooks/${id}`);
    setProblem(answer.ok ? null : answer.problem);
    router.refresh();
  };
  return (
    <>
      <PageHead
        title="Web hooks"
        acts={
          <Button look="primary" onClick={() => setMaking(true)}>
            New web hook…
          </Button>
        }
      >
        Events of the team are posted to an address as JSON, signed with HMAC-SHA-256 over <code>TIME.BODY</code> in the
        headers <code>Ypsiline-Time</code> and <code>Ypsiline-Signature</code>. Failed deliveries are retried for two
        days.
      </PageHead>
      <Problem says={problem} />
      <RecordTable
        label="Web hooks"
        records={hooks}
        columns={columnsOf(kinds)}
        acts={({ id, name }) => (
          <Button look="quiet" aria-label={`Remove ${name}`} onClick={() => void remove(id)}>
            Remove
          </Button>
        )}
        empty="Tell your build or chat when an edition is published. Send a web hook to the test endpoint first to see what it gets."
      />
      {deliveries.length > 0 && <Delivered deliveries={deliveries} />}
      {received.length > 0 && <Received received={received} />}
      {isMaking && (
        <NewHookDialog
          {...{ team, kinds }}
          onMade={(made) => {
            setMaking(false);
            setSecret(made);
          }}
          onClose={() => setMaking(false)}
        />
      )}
      {secret && (
        <Dialog
          title="Web hook created"
          onClose={() => {
            setSecret(null);
            router.refresh();
          }}
        >
          <p>Its requests are signed with this secret. Copy it now. You won’t see it again.</p>
          <Secret>{secret}</Secret>
        </Dialog>
      )}
    </>
  );
}

const columnsOf = (kinds: Props['kinds']): Column<ListedHook>[] => [
  { head: 'Name', says: ({ name }) => name },
  { head: 'Address', says: ({ url }) => (url === 'own' ? 'test endpoint' : <span className={styles.url}>{url}</span>) },
  {
    head: 'Events',
    says: (hook) =>
      kinds
        .filter(([id]) => hook.kinds.includes(id))
        .map(([, says]) => says)
        .join(', '),
  },
  {
    head: 'Last delivered',
    says: ({ lastDelivered, lastSaid }) => (lastDelivered ? <Moment at={lastDelivered} /> : (lastSaid ?? 'never')),
  },
  { head: 'Waiting', isNumber: true, says: ({ waiting }) => waiting },
];
