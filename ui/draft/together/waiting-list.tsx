'use client';

import { useState } from 'react';
import { counted } from '../../../core/length/present';
import { useDraft, useSync, useTogether, useTogetherStore } from '../draft-context';
import type { Waiting } from './together-store';
import styles from './together.module.scss';
import { metBy } from './waiting';
import { Button } from '../../parts/button';

/** What came of working apart from the server, and everything that two changed: over the view, until it is chosen. */
export function WaitingList() {
  const waiting = useTogether((together) => together.waiting);
  const apart = useTogether((together) => together.apart);
  const store = useTogetherStore();
  return (
    <>
      {apart && (
        <p className={styles.apart} role="status">
          While you were offline, <strong>{apart.by}</strong> changed {apart.theirs}. Your changes ({apart.own}) were
          applied on top
          {apart.waiting > 0 ? `; ${counted(apart.waiting, 'conflict')} to resolve.` : '.'}{' '}
          <Button look="quiet" onClick={() => store.setState({ apart: null })}>
            Dismiss
          </Button>
        </p>
      )}
      {waiting.length > 0 && (
        <section className={styles.waiting} aria-label="Conflicts">
          <div role="alert">
            <ul>
              {waiting.map((each) => (
                <Choice key={each.id} waiting={each} />
              ))}
            </ul>
          </div>
        </section>
      )}
    </>
  );
}

/** More than this is counted, not told. */
const MOST_TOLD = 3;

function Choice({ waiting }: { waiting: Waiting }) {
  const document = useDraft((draft) => draft.document);
  const sync = useSync();
  const [problem, setProblem] = useState<string | null>(null);
  const met = metBy(document, waiting);
  const more = met.length - MOST_TOLD;
  return (
    <li>
      <span>
        {met.slice(0, MOST_TOLD).map(({ what, theirs, mine }) => (
          <span key={what} className={styles.met}>
            <strong>{what}</strong>: {waiting.by} has <b className="number">{theirs}</b>, you have{' '}
            <b className="number">{mine}</b>
          </span>
        ))}
        {more > 0 && `and ${more} more`}
        {problem !== null && <span className={styles.problem}>Yours can’t be used: {problem}</span>}
      </span>
      <span className={styles.choices}>
        <Button onClick={() => sync.choose(waiting.id, false)}>Keep theirs</Button>
        <Button onClick={() => setProblem(sync.choose(waiting.id, true))}>Use yours</Button>
      </span>
    </li>
  );
}
