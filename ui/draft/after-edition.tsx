'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { differences } from '../../core/diff/differences';
import { counted } from '../../core/length/present';
import { useAfterEdition } from './came-from-edition';
import { useDraft } from './draft-context';
import styles from './saving/saving.module.scss';

/** Somebody who comes from an edition to its draft is told that this is not what was published, and what differs. */
export function AfterEdition({ address }: { address: string }) {
  const edition = useDraft((draft) => draft.edition);
  const document = useDraft((draft) => draft.document);
  const [isPutAway, putAway] = useState(false);
  const cameFromEdition = useAfterEdition();
  const isShown = edition !== null && cameFromEdition && !isPutAway;
  const found = useMemo(() => (isShown ? differences(edition.document, document) : []), [isShown, edition, document]);
  if (!isShown) return null;
  const names = [...new Set(found.map(({ what, breakpoint }) => (breakpoint ? `${what}, ${breakpoint}` : what)))];
  return (
    <p className={styles.after} role="status">
      This is the draft; <Link href={`${address}/editions/${edition.version}`}>{edition.version}</Link> is what is
      built.{' '}
      {found.length === 0
        ? 'They say the same.'
        : `${counted(found.length, 'difference')}: ${names.slice(0, 4).join('; ')}${names.length > 4 ? `; and ${names.length - 4} more` : ''}.`}{' '}
      <button type="button" className="quiet" onClick={() => putAway(true)}>
        Put this away
      </button>
    </p>
  );
}
