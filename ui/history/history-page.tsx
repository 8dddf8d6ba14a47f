'use client';

import { SAID } from '../../core/limits';
import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { counted } from '../../core/length/present';
import { keepStep } from '../draft/kept-drafts';
import { send } from '../frame/send';
import { Moment } from '../frame/moment';
import { Answers, Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { Notice } from '../parts/notice';
import styles from './history.module.scss';
import { type ListedRevision, runsOf } from './runs';
import { Button } from '../parts/button';

type Start = { set: string; spec: string; version: string; newest: string; changed: boolean; comparison: string };

type Props = {
  specId: string;
  address: string;
  newest: number;
  mayEdit: boolean;
  revisions: readonly ListedRevision[];
  /** The revision before which earlier ones stand; null where there are none. */
  earlier: number | null;
  /** The revision before which the listed ones stand, as it was asked; null for the newest. */
  before: number | null;
  /** Which revision is drawn; null where there is none to draw. */
  shown: number | null;
  start: Start | null;
  /** What the shown revision changed, drawn. */
  children: ReactNode;
};

/** Every revision: who, when, what changed in words; saves in a row by one person are drawn together. */
export function HistoryPage({
  specId,
  address,
  newest,
  mayEdit,
  revisions,
  earlier,
  before,
  shown,
  start,
  children,
}: Props) {
  const router = useRouter();
  const [naming, setNaming] = useState<ListedRevision | null>(null);
  const [restoring, setRestoring] = useState<ListedRevision | null>(null);
  const [said, setSaid] = useState<{ text: string; of: 'news' | 'problem' } | null>(null);

  const restore = async ({ revision }: ListedRevision): Promise<void> => {
    const answer = await send('POST', `/api/specs/${specId}/revisions/${String(revision)}`, { basedOn: newest });
    if (answer.ok)
      keepStep(specId, { label: `Restore revision ${revision}`, edits: answer.body.edits }, answer.body.document);
    setRestoring(null);
    setSaid(
      answer.ok
        ? {
            text: `Revision ${revision} restored as revision ${answer.body.revision}. Ctrl+Z on the bench undoes it.`,
            of: 'news',
          }
        : { text: answer.problem, of: 'problem' },
    );
    router.refresh();
  };
  const drawn = (revision: number): string =>
    `${address}/history?${before === null ? '' : `before=${before}&`}of=${revision}`;
  const row = { address, newest, mayEdit, shown, drawn, onName: setNaming, onRestore: setRestoring };
  return (
    <>
      <h1>History</h1>
      {said && <Notice of={said.of}>{said.text}</Notice>}
      {start && (
        <p>
          Started from {start.set}, {start.spec} {start.version}.{' '}
          {start.changed ? (
            <Link href={start.comparison}>Changes there since, up to {start.newest}</Link>
          ) : (
            <span className="soft">No newer edition there.</span>
          )}
        </p>
      )}
      <div className={styles.page}>
        <ol className={styles.list}>
          {runsOf(revisions).map((run) => (
            <li key={run[0]!.revision} className={styles.run}>
              <Row of={run[0]!} {...row} />
              {run.length > 1 && (
                <details open={run.some(({ revision }) => revision === shown && revision !== run[0]!.revision)}>
                  <summary>
                    {counted(run.length - 1, 'save')} more by {run[0]!.madeBy} before that
                  </summary>
                  <ol className={styles.list}>
                    {run.slice(1).map((revision) => (
                      <li key={revision.revision}>
                        <Row of={revision} {...row} />
                      </li>
                    ))}
                  </ol>
                </details>
              )}
            </li>
          ))}
        </ol>
        {shown !== null && (
          <section className={styles.shown} aria-labelledby="shown">
            <h2 id="shown">What changed in revision {shown}</h2>
            {children}
          </section>
        )}
      </div>
      {earlier && (
        <p>
          <Link href={`${address}/history?before=${earlier}`}>Earlier</Link>
        </p>
      )}
      {naming && (
        <NameRevision
          specId={specId}
          revision={naming}
          onClose={() => setNaming(null)}
          onDone={() => {
            setNaming(null);
            router.refresh();
          }}
        />
      )}
      {restoring && (
        <Dialog
          title={`Restore revision ${restoring.revision}?`}
          onClose={() => setRestoring(null)}
          onSubmit={(event) => {
            event.preventDefault();
            void restore(restoring);
          }}
          answers={<Answers yes="Restore" onNo={() => setRestoring(null)} />}
        >
          <p>
            The draft becomes revision {restoring.revision} again, as revision {newest + 1}. The current draft stays in
            the history.
          </p>
        </Dialog>
      )}
    </>
  );
}

type RowProps = {
  of: ListedRevision;
  address: string;
  newest: number;
  mayEdit: boolean;
  shown: number | null;
  /** The address at which a revision is drawn. */
  drawn: (revision: number) => string;
  onName: (revision: ListedRevision) => void;
  onRestore: (revision: ListedRevision) => void;
};

function Row({ of, address, newest, mayEdit, shown, drawn, onName, onRestore }: RowProps) {
  const { revision, label, madeBy, madeAt, name, edition } = of;
  return (
    <div className={styles.row} aria-current={revision === shown ? 'true' : undefined}>
      <span className="number">{revision}</span>
      <div>
        <p>
          {name && <strong>{name}: </strong>}
          {revision === 1 ? 'Created' : label || 'Saved'}
          {edition && (
            <>
              {' '}
              <Link className={styles.edition} href={`${address}/editions/${edition}`}>
                published as {edition}
              </Link>
            </>
          )}
        </p>
        <p className="soft">
          {madeBy}, <Moment at={madeAt} />
        </p>
      </div>
      <div className={styles.acts}>
        {revision > 1 && (
          <Link href={drawn(revision)} scroll={false}>
            What changed
          </Link>
        )}
        {revision < newest && (
          <Link href={`${address}/comparison?before=r${revision}&after=draft`}>Changes since then</Link>
        )}
        {mayEdit && (
          <Button look="quiet" onClick={() => onName(of)} aria-label={`Name revision ${revision}`}>
            {name ? 'Rename…' : 'Name…'}
          </Button>
        )}
        {mayEdit && revision < newest && (
          <Button look="quiet" onClick={() => onRestore(of)} aria-label={`Restore revision ${revision}`}>
            Restore…
          </Button>
        )}
      </div>
    </div>
  );
}

type NameProps = { specId: string; revision: ListedRevision; onClose: () => void; onDone: () => void };

function NameRevision({ specId, revision, onClose, onDone }: NameProps) {
  const [name, setName] = useState(revision.name ?? '');
  const [problem, setProblem] = useState<string | null>(null);
  const keep = async (): Promise<void> => {
    const answer = await send('PATCH', `/api/specs/${specId}/revisions/${String(revision.revision)}`, { name });
    if (answer.ok) onDone();
    else setProblem(answer.problem);
  };
  return (
    <Dialog
      title={`Name revision ${revision.revision}`}
      onClose={onClose}
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
      answers={<Answers yes="Save name" onNo={onClose} />}
    >
      <Field
        label="Name"
        required={false}
        autoComplete="off"
        maxLength={SAID.name}
        value={name}
        error={problem ?? undefined}
        onChange={({ target }) => setName(target.value)}
      />
      <p className="soft">Leave it empty to remove the name.</p>
    </Dialog>
  );
}
