'use client';

import { useEffect, useState } from 'react';
import { send } from '../frame/send';
import type { DraftStore } from './draft-store';
import { baseOf, dropUnsaved, keepUnsaved, keepWaiting, keptWaiting, ownUnsaved, setAside } from './kept-drafts';
import { createSync, type Sync } from './saving/sync';
import type { TogetherStore } from './together/together-store';

type SpecNow = { id: string; revision: number; changedAt: string; changedBy: string };

/**
 * Saves the draft by itself, a moment after each change. Until the server has it, the browser keeps it, and goes on with it after a
 * reload.
 */
export function useSaving(store: DraftStore, together: TogetherStore, spec: SpecNow): Sync {
  const [sync] = useState(() =>
    createSync({
      store,
      together,
      spec,
      ask: send,
      keep: {
        unsaved: (base, own) => keepUnsaved(spec.id, base, own),
        saved: () => dropUnsaved(spec.id),
        waiting: () => keepWaiting(spec.id, together.getState().waiting),
      },
    }),
  );

  useEffect(() => {
    together.setState({ waiting: keptWaiting(spec.id) });
    const kept = ownUnsaved(spec.id);
    const loaded = { revision: spec.revision, document: store.getState().document };
    const base = kept && (baseOf(spec.id, kept) ?? (kept.basedOn === spec.revision ? loaded : null));
    if (kept && !(base && sync.goOnWith(kept, base))) setAside(spec.id, kept);
    const now = (): void => void sync.save();
    window.addEventListener('online', now);
    document.addEventListener('visibilitychange', now);
    return () => {
      sync.end();
      window.removeEventListener('online', now);
      document.removeEventListener('visibilitychange', now);
    };
  }, [spec.id, spec.revision, store, sync, together]);

  return sync;
}
