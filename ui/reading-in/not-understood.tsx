import { counted } from '../../core/length/present';
import type { Unread } from '../../core/site/rules';
import styles from './reading-in.module.scss';

/** What could have been of a grid and was not read, and why. */
export function NotUnderstood({ unread }: { unread: readonly Unread[] }) {
  if (unread.length === 0) return <p className="soft">Everything was understood.</p>;
  return (
    <details className={styles.unread} open={unread.length <= 4}>
      <summary>{counted(unread.length, 'thing')} left out or not understood</summary>
      <ul>
        {unread.map(({ what, why, where }, index) => (
          <li key={index}>
            <strong>{what}</strong>
            <br />
            {why}
            {where !== undefined && <span className="number soft"> {where}</span>}
          </li>
        ))}
      </ul>
    </details>
  );
}
