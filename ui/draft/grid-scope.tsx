'use client';

import { type ReactNode, useMemo } from 'react';
import { DraftProvider, useStores, useView } from './draft-context';
import { gridDraft } from './grid-draft';

/** What is in it shows and changes the grid that is chosen: the main one, or one beside it. */
export function GridScope({ children }: { children: ReactNode }) {
  const stores = useStores();
  const grid = useView((view) => view.grid);
  const scoped = useMemo(
    () => (grid === null ? stores : { ...stores, draft: gridDraft(stores.draft, grid) }),
    [stores, grid],
  );
  return <DraftProvider value={scoped}>{children}</DraftProvider>;
}
