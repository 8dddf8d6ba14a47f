import Link from 'next/link';
import { counted } from '../../core/length/present';
import type { Difference } from '../../core/diff/differences';
import { DifferenceTable } from '../drawing/difference-table';
import { Moment } from '../frame/moment';
import { Empty } from '../parts/empty';
import styles from './edition-list.module.scss';

export type ListedEdition = {
  version: string;
  note: string;
  publishedBy: string;
  publishedAt: string;
  revision: number;
  sha256: string;
  /** What differs from the edition before it; null for the first. */
  since: { version: string; differences: Difference[] } | null;
};

type Props = {
  address: string;
  draft: { revision: number; differences: number; findings: number };
  editions: ListedEdition[];
};

/** Every edition of a spec, the newest first, and what each changed. */
export function EditionList({ address, draft, editions }: Props) {
  return (
    <main id="content" className="page">
      <div className={styles.head}>
        <h1>Editions</h1>
        <p className="soft">{draftSentence(draft, editions[0]?.version ?? null)}</p>
        <Link className="btn btn-primary" href={`${address}/publish`}>
          Publish…
        </Link>
      </div>
      {editions.length === 0 ? (
        <Empty>
          Nothing is published yet. An edition is a version that never changes, for the team to build on; publish the
          draft when its sums come out.
        </Empty>
      ) : (
        <ol className={styles.list}>
          {editions.map((edition) => (
            <li key={edition.version} className={styles.row}>
              <Link className={`${styles.version} number`} href={`${address}/editions/${edition.version}`}>
                {edition.version}
              </Link>
              <div>
                <p>{edition.note}</p>
                <p className="soft">
                  {edition.publishedBy}, <Moment at={edition.publishedAt} />, from draft {edition.revision}, SHA-256{' '}
                  <span className="number">{edition.sha256.slice(0, 12)}…</span>
                </p>
                {edition.since && (
                  <details>
                    <summary>
                      {counted(edition.since.differences.length, 'change')} since {edition.since.version}
                    </summary>
                    <DifferenceTable
                      differences={edition.since.differences}
                      before={edition.since.version}
                      after={edition.version}
                    />
                  </details>
                )}
              </div>
            </li>
          ))}
        </ol>
      )}
    </main>
  );
}

function draftSentence({ revision, differences, findings }: Props['draft'], last: string | null): string {
  const held = findings > 0 ? `, ${findings} to fix first` : '';
  if (last === null) return `Draft ${revision}${held}`;
  if (differences === 0) return `Draft ${revision} says the same as ${last}`;
  return `Draft ${revision}: ${counted(differences, 'change')} since ${last}${held}`;
}
