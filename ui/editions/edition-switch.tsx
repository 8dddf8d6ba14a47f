import { counted } from '../../core/length/present';
import { changesOf, type Difference } from '../../core/diff/difference';
import { DifferenceTable } from '../drawing/difference-table';
import styles from './reading.module.scss';

/** The editions around this one: where each stands, and what differs from the one before it. */
export type Around = {
  versions: readonly string[];
  since: { version: string; differences: Difference[] } | null;
};

type Props = Around & { version: string; address: string };

/** Goes to another edition, and says what this one changed. */
export function EditionSwitch({ versions, since, version, address }: Props) {
  if (versions.length < 2) return null;
  const base = address.replace(/[^/]+$/, '');
  return (
    <div className={`${styles.switch} no-print`}>
      <nav aria-label="Editions">
        {versions.map((each) => (
          <a key={each} className="number" href={base + each} aria-current={each === version ? 'page' : undefined}>
            {each}
          </a>
        ))}
      </nav>
      {since && (
        <details>
          <summary>
            {counted(changesOf(since.differences).length, 'change')} since {since.version}
          </summary>
          <DifferenceTable differences={since.differences} before={since.version} after={version} />
        </details>
      )}
    </div>
  );
}
