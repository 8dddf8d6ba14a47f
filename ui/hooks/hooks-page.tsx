'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { Dialog } from '../parts/dialog';
import { Empty } from '../parts/empty';
import { NumberTable } from '../parts/number-table';
import { Problem } from '../parts/problem';
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
      <div className={styles.head}>
        <h1>Web hooks</h1>
        <Button look="primary" onClick={() => setMaking(true)}>
          New web hook…
        </Button>
      </div>
      <p className="soft">
        What happens in the team is posted to an address as JSON, signed with HMAC-SHA-256 over <code>TIME.BODY</code>{' '}
        in the headers <code>Ypsiline-Time</code> and <code>Ypsiline-Signature</code>. What fails is tried again for two
        days.
      </p>
      <Problem says={problem} />
      {hooks.length === 0 ? (
        <Empty>No web hook yet. The receiver that is shipped shows what one would get.</Empty>
      ) : (
        <div className={styles.scroll}>
          <NumberTable of="words">
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Goes to</th>
                <th scope="col">Told when</th>
                <th scope="col">Last delivered</th>
                <th scope="col">Waiting</th>
                <th scope="col">
                  <span className="visually-hidden">Remove</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {hooks.map((hook) => (
                <tr key={hook.id}>
                  <th scope="row">{hook.name}</th>
                  <td className={styles.url}>{hook.url === 'own' ? 'the receiver here' : hook.url}</td>
                  <td>
                    {kinds
                      .filter(([id]) => hook.kinds.includes(id))
                      .map(([, says]) => says)
                      .join(', ')}
                  </td>
                  <td>{hook.lastDelivered ? <Moment at={hook.lastDelivered} /> : (hook.lastSaid ?? 'never')}</td>
                  <td className="number">{hook.waiting}</td>
                  <td>
                    <Button look="quiet" aria-label={`Remove ${hook.name}`} onClick={() => void remove(hook.id)}>
                      Remove
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </NumberTable>
        </div>
      )}
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
          title="The web hook is made"
          onClose={() => {
            setSecret(null);
            router.refresh();
          }}
        >
          <p>Its requests are signed with this secret. It is shown this once.</p>
          <p>
            <code className={styles.secret}>{secret}</code>
          </p>
        </Dialog>
      )}
    </>
  );
}
