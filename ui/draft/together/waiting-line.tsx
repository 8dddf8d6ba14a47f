'use client';

import { useDraft } from '../draft-context';
import type { Waiting } from './together-store';
import { metBy } from './waiting';

/** What two put into the selected cell, and the key that takes either. */
export function WaitingLine({ waiting }: { waiting: Waiting }) {
  const document = useDraft((draft) => draft.document);
  const [met] = metBy(document, waiting);
  return (
    <>
      <strong>
        {waiting.by} has {met?.theirs ?? 'changed it'}, you have {met?.mine ?? 'a different value'}
      </strong>{' '}
      <kbd>Space</kbd> uses yours, <kbd>Esc</kbd> keeps theirs.
    </>
  );
}
