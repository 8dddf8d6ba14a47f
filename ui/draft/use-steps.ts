'use client';

import { useEffect } from 'react';
import { canonicalJson } from '../../core/edition/canonical';
import { type DraftStore } from './draft-store';
import { keepSteps, keptSteps } from './kept-drafts';

/** Undo and redo survive a reload of the window. */
export function useSteps(store: DraftStore, specId: string): void {
  useEffect(() => {
    const kept = keptSteps(specId);
    if (kept && kept.document === canonicalJson(store.getState().document))
      store.setState({ past: kept.past, future: kept.future });
    const keep = (): void => {
      const { document, past, future } = store.getState();
      keepSteps(specId, { document: canonicalJson(document), past, future });
    };
    window.addEventListener('pagehide', keep);
    return () => {
      keep();
      window.removeEventListener('pagehide', keep);
    };
  }, [specId, store]);
}
