'use client';

import { Link } from '../parts/link';
import { useMemo } from 'react';
import { changesOf } from '../../core/diff/difference';
import { differences } from '../../core/diff/differences';
import { counted } from '../../core/length/present';
import { Notice } from '../parts/notice';
import { useDraft } from './draft-context';
import type { LastEdition } from './draft-store';
import { Button } from '../parts/button';

type Props = { address: string; edition: LastEdition; onPutAway: () => void };

/** What the draft has changed since an edition, in a line. */
export function SinceEdition({ address, edition, onPutAway }: Props) {
  const document = useDraft((draft) => draft.document);
  const found = useMemo(() => changesOf(differences(edition.document, document)), [edition, document]);
  const names = [...new Set(found.map(({ what, breakpoint }) => (breakpoint ? `${what}, ${breakpoint}` : what)))];
  return (
    <Notice of="news">
      Draft. Published: <Link href={`${address}/editions/${edition.version}`}>{edition.version}</Link>,{' '}
      {found.length === 0
        ? 'no changes since.'
        : `${counted(found.length, 'change')} since: ${names.slice(0, 4).join('; ')}${names.length > 4 ? `; and ${names.length - 4} more` : ''}.`}{' '}
      <Button look="quiet" onClick={onPutAway}>
        Dismiss
      </Button>
    </Notice>
  );
}
