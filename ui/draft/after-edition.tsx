'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { useAfterEdition } from './came-from-edition';
import { useDraft } from './draft-context';

// what compares documents is large, and few come from an edition
const SinceEdition = dynamic(() => import('./since-edition').then((file) => file.SinceEdition), { ssr: false });

/** Somebody who comes from an edition to its draft is told that this is not what was published, and what differs. */
export function AfterEdition({ address }: { address: string }) {
  const edition = useDraft((draft) => draft.edition);
  const [isPutAway, putAway] = useState(false);
  const cameFromEdition = useAfterEdition();
  if (edition === null || !cameFromEdition || isPutAway) return null;
  return <SinceEdition address={address} edition={edition} onPutAway={() => putAway(true)} />;
}
