'use client';

import { useTogether } from '../draft-context';
import { initialsOf, personInk } from './person-mark';
import { othersAt } from './together-store';
import styles from './together.module.scss';

/** Who else is in a cell: a frame in their colour, with their initials. */
export function Guests({ place }: { place: string }) {
  const others = useTogether((together) => othersAt(together.others, together.view, place));
  const [first] = others;
  if (!first) return null;
  const names = [...new Set(others.map(({ name }) => name))];
  const more = names.length > 1 ? `+${names.length - 1}` : '';
  return (
    <span
      className={styles.guest}
      data-ink={personInk(first.person)}
      data-initials={`${initialsOf(first.name)}${more}`}
      title={`${names.join(', ')} ${names.length > 1 ? 'are' : 'is'} here`}
    />
  );
}
