'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { useOrigin } from '../frame/use-origin';
import { Confirm } from '../parts/confirm';
import { Notice } from '../parts/notice';
import { PageHead } from '../parts/page-head';
import { type Column, RecordTable } from '../parts/record-table';
import type { ListedKey, ListedSpec } from './listed-key';
import { MadeKeyDialog } from './made-key-dialog';
import styles from './keys.module.scss';
import { NewKeyDialog } from './new-key-dialog';
import { Button } from '../parts/button';

type Props = { team: string; keys: readonly ListedKey[]; specs: readonly ListedSpec[] };

/** The keys of a team: what each opens, when it expires, when it was last used; made and revoked here. */
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

  const sample = (specs.find(({ isPublished }) => isPublished) ?? specs[0])?.slug ?? 'specification';
  const origin = useOrigin();

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
      <PageHead
        title="Keys and links"
        acts={
          <>
            <Button onClick={() => setMaking('link')}>New public link…</Button>
            <Button look="primary" onClick={() => setMaking('key')}>
              New key…
            </Button>
          </>
        }
      >
        A key lets a build download the files of published editions, such as{' '}
        <code>
          /e/{team}/{sample}
          /latest/grid.css
        </code>
        . A public link lets anyone who has it read the editions of one specification. Neither can read drafts or change
        a specification; a key may also send measurements of the built site.
      </PageHead>
      {problem && <Notice of="problem">{problem}</Notice>}
      <RecordTable
        label="Keys"
        records={keys}
        columns={COLUMNS}
        isOver={isClosed}
        acts={(key) =>
          !isClosed(key) && (
            <Button look="quiet" onClick={() => setRevoking(key)} aria-label={`Revoke ${key.name}`}>
              Revoke…
            </Button>
          )
        }
        empty="Create one key for each build and one link for each reader, so that you can revoke one without the others."
      />
      <section aria-labelledby="use-a-key">
        <h2 id="use-a-key">Use a key in your build</h2>
        <pre className={styles.sample} tabIndex={0}>
          {`curl --fail --remote-name ${origin}/ypsiline.mjs
node ypsiline.mjs pull --from ${origin}/e/${team}/${sample}/latest --key-from-env YPSILINE_KEY --to src/grid`}
        </pre>
      </section>
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
        <Confirm
          title={`Revoke ${revoking.name}?`}
          yes="Revoke"
          onYes={() => void revoke(revoking)}
          onClose={() => setRevoking(null)}
        >
          Builds that use this {revoking.kind} will fail from now on. This can’t be undone; you can always create a new
          one.
        </Confirm>
      )}
    </>
  );
}

const COLUMNS: Column<ListedKey>[] = [
  { head: 'Name', says: ({ name }) => name },
  {
    head: 'Kind',
    says: ({ kind, scopes }) => (kind === 'link' ? 'public link' : scopes.includes('report') ? 'key, measures' : 'key'),
  },
  { head: 'Access', says: ({ specs }) => (specs === null ? 'all specifications' : specs.join(', ')) },
  {
    head: 'Created',
    says: ({ madeBy, madeAt }) => (
      <>
        {madeBy}, <Moment at={madeAt} />
      </>
    ),
  },
  { head: 'Last used', says: ({ usedAt }) => (usedAt ? <Moment at={usedAt} /> : 'never') },
  {
    head: 'Expires',
    says: ({ revokedAt, lapsesAt }) =>
      revokedAt ? (
        <>
          revoked <Moment at={revokedAt} />
        </>
      ) : (
        <Moment at={lapsesAt} />
      ),
  },
];

function isClosed({ revokedAt, lapsesAt }: ListedKey): boolean {
  return revokedAt !== null || new Date(lapsesAt).getTime() < Date.now();
}
