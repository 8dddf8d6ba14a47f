import type { ReactNode } from 'react';
import { Link } from '../parts/link';
import { weightCount } from '../../core/checks/rule';
import { counted } from '../../core/length/present';
import { Moment } from '../frame/moment';
import { Empty } from '../parts/empty';
import { EditionActs } from './edition-acts';
import styles from './edition-list.module.scss';
import { LinkButton } from '../parts/link-button';

export type ListedEdition = {
  version: string;
  note: string;
  publishedBy: string;
  publishedAt: string;
  revision: number;
  sha256: string;
  files: { count: number; bytes: number };
  stepReason: string;
  withdrawn: { reason: string; by: string } | null;
  /** What differs from the edition before it; null for the first. */
  since: { version: string; changes: number } | null;
  /** Its grids, small, with what they were before. */
  drawing: ReactNode;
};

type Props = {
  address: string;
  draft: { revision: number; changes: number; findings: number; drawing: ReactNode };
  editions: ListedEdition[];
  specId: string;
  may: { publish: boolean; edit: boolean };
};

/** Every edition of a spec, the newest first, and what each changed. */
export function EditionList({ address, specId, draft, editions, may }: Props) {
  return (
    <main id="content" className="page">
      <div className={styles.head}>
        <h1>Editions</h1>
        <p className="soft">{draftSentence(draft, editions[0]?.version ?? null)}</p>
        {may.publish && (
          <LinkButton look="primary" href={`${address}/publish`}>
            Publish…
          </LinkButton>
        )}
      </div>
      {editions.length === 0 ? (
        <Empty
          picture={draft.drawing}
          act={may.publish && <LinkButton href={`${address}/publish`}>Publish the first edition…</LinkButton>}
        >
          An edition is a version that never changes, for the team to build on. Publish the draft once everything adds
          up.
        </Empty>
      ) : (
        <ol className={styles.list}>
          {editions.map((edition) => (
            <li key={edition.version} className={styles.row} data-withdrawn={edition.withdrawn ? true : undefined}>
              <Link className={`${styles.version} number`} href={`${address}/editions/${edition.version}`}>
                {edition.version}
              </Link>
              <div>
                {edition.drawing}
                <p>{edition.note}</p>
                {edition.withdrawn && (
                  <p className={styles.withdrawn}>
                    Withdrawn by {edition.withdrawn.by}: {edition.withdrawn.reason}
                  </p>
                )}
                {edition.stepReason && <p className="soft">Smaller version than proposed: {edition.stepReason}</p>}
                <p className="soft">
                  {edition.publishedBy}, <Moment at={edition.publishedAt} />, from draft {edition.revision}, SHA-256{' '}
                  <span className="number">{edition.sha256.slice(0, 12)}…</span>
                </p>
                <p className="soft">
                  <Link href={`${address}/editions/${edition.version}#files`}>
                    {counted(edition.files.count, 'file')}
                  </Link>
                  , {kilobytes(edition.files.bytes)} kB
                  {', '}
                  <Link href={`${address}/editions/${edition.version}/compare`}>Check a site</Link>
                  {edition.since && (
                    <>
                      {', '}
                      <Link href={`${address}/comparison?before=${edition.since.version}&after=${edition.version}`}>
                        {counted(edition.since.changes, 'change')} since {edition.since.version}
                      </Link>
                    </>
                  )}
                </p>
                <EditionActs
                  specId={specId}
                  version={edition.version}
                  isWithdrawn={edition.withdrawn !== null}
                  may={may}
                />
              </div>
            </li>
          ))}
        </ol>
      )}
    </main>
  );
}

function draftSentence({ revision, changes, findings }: Props['draft'], last: string | null): string {
  const held = findings > 0 ? `, ${weightCount('must-fix', findings)}` : '';
  if (last === null) return `Draft ${revision}${held}`;
  if (changes === 0) return `Draft ${revision} is the same as ${last}`;
  return `Draft ${revision}: ${counted(changes, 'change')} since ${last}${held}`;
}

function kilobytes(bytes: number): string {
  return Math.round(bytes / 1000).toLocaleString('en');
}
