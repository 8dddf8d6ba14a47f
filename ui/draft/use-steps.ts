'use client';

import { useEffect } from 'react';
import { canonicalJson } from '../../core/edition/canonical';
import type { Spec } from '../../core/spec/schema';
import type { DraftStore } from './draft-store';
import { keepSteps, keptSteps } from './kept-drafts';

/** Undo and redo, which survive a reload of the window. */
export function useSteps(store: DraftStore, specId: string): { undo: () => void; redo: () => void } {
  useEffect(() => {
    const kept = keptSteps(specId);
    if (kept && canonicalJson(kept.document) === canonicalJson(store.getState().document)) {
      const states = (documents: Spec[]) => documents.map((document) => ({ document }));
      store.temporal.setState({ pastStates: states(kept.past), futureStates: states(kept.future) });
    }
    const keep = (): void => {
      const { pastStates, futureStates } = store.temporal.getState();
      const documents = (states: { document?: Spec }[]) =>
        states.flatMap(({ document }) => (document ? [document] : []));
      keepSteps(specId, {
        document: store.getState().document,
        past: documents(pastStates),
        future: documents(futureStates),
      });
    };
    window.addEventListener('pagehide', keep);
    return () => {
      keep();
      window.removeEventListener('pagehide', keep);
    };
  }, [specId, store]);

  return { undo: () => store.temporal.getState().undo(), redo: () => store.temporal.getState().redo() };
}
