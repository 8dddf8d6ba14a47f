'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { Answers, Dialog } from '../parts/dialog';
import { Empty } from '../parts/empty';
import { Notice } from '../parts/notice';
import { NumberTable } from '../parts/number-table';
import type { ListedKey, ListedSpec } from './listed-key';
import { MadeKeyDialog } from './made-key-dialog';
import styles from './keys.module.scss';
import { NewKeyDialog } from './new-key-dialog';
import { Button } from '../parts/button';

type Props = { team: string; keys: readonly ListedKey[]; specs: readonly ListedSpec[] };

/** The keys of a team: what each opens, when it lapses, when it was last used; made and revoked here. */
export function KeysPage({ team, keys, specs }: Props) {
  const router = useRouter();
  const [making, setMaking] = useState<ListedKey['kind'] | null>(null);
  const [made, setMade] = useState<{
    kind: ListedKey['kind'];
    secret: string;
    opened: readonly string[] | null;
  } | null>(null);
  const [revoking, setRevoking] = useState<ListedKey | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  const revoke = async ({ id }: ListedKey): Promise<void> => {
    const answer = await send('DELETE', `/api/teams/${team}/keys/${id}`);
    setProblem(answer.ok ? null : answer.problem);
    setRevoking(null);
    router.refresh();
  };
  // the list waits until the secret has been kept: nothing may take it from the screen before
  const closeMade = (): void => {
    setMade(null);
    router.refresh();
  };
  return (
    <>
      <div className={styles.head}>
        <h1>Keys and links</h1>
        <Button onClick={() => setMaking('link')}>New public link…</Button>
        <Button look="primary" onClick={() => setMaking('key')}>
          New key…
        </Button>
      </div>
      <p>
        A key lets a build read the files of published editions by their addresses, such as{' '}
        <code>
          /e/{team}/{(specs.find(({ isPublished }) => isPublished) ?? specs[0])?.slug ?? 'specification'}
          /latest/grid.css
        </code>
        . A public link opens the editions of one specification to whoever has it. Neither reads drafts, or changes
        anything.
      </p>
      {problem && <Notice of="problem">{problem}</Notice>}
      {keys.length === 0 ? (
        <Empty>
          Nothing yet. Make a key for each build and a link for each reader, so that one can be revoked without the
          others.
        </Empty>
      ) : (
        <div className={styles.scroll}>
          <NumberTable of="words">
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Kind</th>
                <th scope="col">Opens</th>
                <th scope="col">Made</th>
                <th scope="col">Last used</th>
                <th scope="col">Lapses</th>
                <th scope="col">
                  <span className="visually-hidden">Revoke</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {keys.map((key) => (
                <tr key={key.id} data-closed={isClosed(key) || undefined}>
                  <th scope="row">{key.name}</th>
                  <td>{key.kind === 'link' ? 'public link' : 'key'}</td>
                  <td>{key.specs === null ? 'all specifications' : key.specs.join(', ')}</td>
                  <td>
                    {key.madeBy}, <Moment at={key.madeAt} />
                  </td>
                  <td>{key.usedAt ? <Moment at={key.usedAt} /> : 'never'}</td>
                  <td>
                    {key.revokedAt ? (
                      <>
                        revoked <Moment at={key.revokedAt} />
                      </>
                    ) : (
                      <Moment at={key.lapsesAt} />
                    )}
                  </td>
                  <td>
                    {!isClosed(key) && (
                      <Button look="quiet" onClick={() => setRevoking(key)} aria-label={`Revoke ${key.name}`}>
                        Revoke…
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </NumberTable>
        </div>
      )}
      {making && (
        <NewKeyDialog
          {...{ team, specs }}
          kind={making}
          onMade={(secret, opened) => {
            setMade({ kind: making, secret, opened });
            setMaking(null);
          }}
          onClose={() => setMaking(null)}
        />
      )}
      {made && (
        <MadeKeyDialog
          {...{ team, ...made }}
          specs={specs.filter(({ id }) => made.opened === null || made.opened.includes(id))}
          onClose={closeMade}
        />
      )}
      {revoking && (
        <Dialog
          title={`Revoke ${revoking.name}?`}
          onClose={() => setRevoking(null)}
          onSubmit={(event) => {
            event.preventDefault();
            void revoke(revoking);
          }}
          answers={<Answers yes="Revoke it" no="Keep it" onNo={() => setRevoking(null)} />}
        >
          <p>Builds that use this key fail from now on. It cannot be brought back; a new one can be made.</p>
        </Dialog>
      )}
    </>
  );
}

function isClosed({ revokedAt, lapsesAt }: ListedKey): boolean {
  return revokedAt !== null || new Date(lapsesAt).getTime() < Date.now();
}
