import type { ConditionName, NearMiss, Solution } from '../../core/finder/search';
import { Empty } from '../parts/empty';
import styles from './finder.module.scss';
import { Button } from '../parts/button';

const DROPPED: Record<ConditionName, string> = {
  gutter: 'Other gutters',
  multiples: 'Without the multiples',
  parts: 'Without halves, thirds, quarters or sixths',
  leastColumn: 'With narrower columns',
  ratios: 'Without whole device pixels',
  sameGutter: 'With a gutter for each width',
};

type Props = { misses: NearMiss[]; isEmpty: boolean; onTake: (solution: Solution) => void };

/** What each condition alone keeps out: which one to drop, and what would come of it. */
export function NearMisses({ misses, isEmpty, onTake }: Props) {
  if (misses.length === 0) {
    return isEmpty ? (
      <Empty>Relaxing a single condition doesn’t help. Try other widths or a range, such as 1100 to 1200.</Empty>
    ) : null;
  }
  return (
    <section className={styles.misses} aria-label="Near misses">
      <h2>{isEmpty ? 'Relax one condition' : 'Near misses'}</h2>
      <ul>
        {misses.map(({ condition, count, nearest }) => (
          <li key={condition}>
            <strong>{DROPPED[condition]}</strong> there{' '}
            {count === 1 ? 'is 1 more' : `are ${count.toLocaleString('en')} more`}; the nearest:{' '}
            <span className="number">
              {nearest.count} × {nearest.column}, gutter {nearest.gutter}, container {nearest.container}
            </span>{' '}
            <Button look="quiet" data-edits onClick={() => onTake(nearest)}>
              Use this grid
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
