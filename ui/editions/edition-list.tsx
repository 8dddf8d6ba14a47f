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
  files: { count: number; bytes: number };
  /** What differs from the edition before it; null for the first. */
  since: { version: string; differences: Difference[] } | null;
};

type Props = {
  address: string;
  draft: { revision: number; differences: number; findings: number };
  editions: ListedEdition[];
  /** Two of them, or one and the draft, held against each other. */
  compared: Compared | null;
};

export type Compared = { before: string; after: string; differences: Difference[] };

/** Every edition of a spec, the newest first, and what each changed. */
export function EditionList({ address, draft, editions, compared }: Props) {
  return (
    <main id="content" className="page">
      <div className={styles.head}>
        <h1>Editions</h1>
        <p className="soft">{draftSentence(draft, editions[0]?.version ?? null)}</p>
        <Link className="btn btn-primary" href={`${address}/publish`}>
          Publish…
        </Link>
      </div>
      {editions.length > 0 && (
        <CompareEditions {...{ address, compared }} versions={editions.map(({ version }) => version)} />
      )}
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
                <p className="soft">
                  <Link href={`${address}/editions/${edition.version}#files`}>
                    {counted(edition.files.count, 'file')}
                  </Link>
                  , {kilobytes(edition.files.bytes)} kB
                  {', '}
                  <Link href={`${address}/editions/${edition.version}/compare`}>hold a site against it</Link>
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

function kilobytes(bytes: number): string {
  return Math.round(bytes / 1000).toLocaleString('en');
}

type CompareProps = { address: string; versions: readonly string[]; compared: Compared | null };

/** Chooses two editions, or one and the draft, and says what differs. */
function CompareEditions({ address, versions, compared }: CompareProps) {
  const choices = ['draft', ...versions];
  return (
    <section className={styles.compare} aria-label="Compare two">
      <form action={`${address}/editions`}>
        <label>
          <span className="form-label">Compare</span>
          <select className="form-select" name="before" defaultValue={compared?.before ?? versions[0]}>
            {choices.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        <label>
          <span className="form-label">with</span>
          <select className="form-select" name="after" defaultValue={compared?.after ?? 'draft'}>
            {choices.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        <button type="submit" className="btn btn-line">
          Compare
        </button>
      </form>
      {compared &&
        (compared.differences.length === 0 ? (
          <p role="status">
            {compared.before} and {compared.after} say the same.
          </p>
        ) : (
          <DifferenceTable differences={compared.differences} before={compared.before} after={compared.after} />
        ))}
    </section>
  );
}
