import { weightCount } from '../../core/checks/rule';
import { Link } from '../parts/link';
import styles from './top-bar.module.scss';

type Props = { address: string; mustFix: number; weigh: number };

/** How many findings a draft has, as a way to them: "2 must fix · 11 to check". */
export function FindingCounts({ address, mustFix, weigh }: Props) {
  return (
    <Link href={`${address}#findings`} className={styles.counts} title="Go to the findings">
      {mustFix === 0 && weigh === 0 && 'Adds up'}
      {mustFix > 0 && <strong>{weightCount('must-fix', mustFix)}</strong>}
      {mustFix > 0 && weigh > 0 && ' · '}
      {weigh > 0 && weightCount('weigh', weigh)}
    </Link>
  );
}
