'use client';

import { useRouter } from 'next/navigation';
import { QUANTITIES, type QuantityId } from '../../../core/quantities/registry';
import type { Spec } from '../../../core/spec/schema';
import { VIEWS } from '../../frame/views';
import { useDraft, useTogether, useViewStore } from '../draft-context';
import { BareButton } from '../../parts/bare-button';
import { initialsOf, personInk } from './person-mark';
import type { Other } from './together-store';
import styles from './together.module.scss';

/** So many are shown one by one. */
const MOST = 4;

/** Who else is at the draft; a click goes to where they are. */
export function PeopleHere({ address, person }: { address: string; person: string }) {
  const others = useTogether((together) => together.others);
  const document = useDraft((draft) => draft.document);
  const view = useViewStore();
  const router = useRouter();
  const people = [...new Map(others.map((other) => [other.person, other])).values()];
  if (people.length === 0) return null;

  const goTo = (other: Other): void => {
    const [breakpoint = '', quantity = ''] = other.cell.split(' ');
    if (other.view === 'bench' && isQuantity(quantity)) view.getState().selectCell(breakpoint, quantity);
    router.push(`${address}${VIEWS.find(({ id }) => id === other.view)?.path ?? ''}`);
  };
  return (
    <ul className={styles.people} aria-label="People here">
      {people.slice(0, MOST).map((other) => {
        const who = other.name === person ? 'You, in another window' : other.name;
        const initials = initialsOf(other.name);
        const where = placeOf(document, other);
        return (
          <li key={other.person}>
            <BareButton
              className={styles.person}
              data-ink={personInk(other.person)}
              title={`${who}: ${where}`}
              aria-label={`${who}, ${initials}: ${where}`}
              onClick={() => goTo(other)}
            >
              {initials}
            </BareButton>
          </li>
        );
      })}
      {people.length > MOST && (
        <li
          title={people
            .slice(MOST)
            .map(({ name }) => name)
            .join(', ')}
        >
          +{people.length - MOST}
        </li>
      )}
    </ul>
  );
}

const isQuantity = (id: string): id is QuantityId => QUANTITIES.some((each) => each.id === id);

/** Where somebody is, in words. */
function placeOf(document: Spec, { view, cell }: Other): string {
  const title = VIEWS.find(({ id }) => id === view)?.title ?? '';
  const [id, quantity] = cell.split(' ');
  const breakpoint = document.breakpoints.find((each) => each.id === id);
  const label = QUANTITIES.find((each) => each.id === quantity)?.name;
  return view === 'bench' && breakpoint && label ? `${title}, ${label} of ${breakpoint.name}` : title;
}
