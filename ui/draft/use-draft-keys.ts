'use client';

import { useEffect } from 'react';
import type { DraftStore, Overlay } from './draft-store';

type Steps = { undo: () => void; redo: () => void };

const OVERLAY_KEYS: Record<string, Overlay> = { c: 'columns', r: 'rows', b: 'baseline' };

/** Keys that work everywhere on the bench. Single letters are left to the sheet and to fields. */
export function useDraftKeys(store: DraftStore, { undo, redo }: Steps, onHelp: () => void): void {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement;
      if (target.closest('input, select, textarea, [role=dialog]')) return;
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && !event.altKey && (key === 'z' || key === 'y')) {
        event.preventDefault();
        return key === 'y' || event.shiftKey ? redo() : undo();
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === '?') return onHelp();
      if (target.closest('[role=grid]')) return;
      const overlay = OVERLAY_KEYS[key];
      if (overlay) store.getState().toggle(overlay);
      if (key === 's') store.getState().showAs('all');
      if (key === 'w') store.getState().showAs('spans');
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [store, undo, redo, onHelp]);
}
