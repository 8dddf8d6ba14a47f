'use client';

import { useEffect } from 'react';
import type { Family } from '../../core/overlay/inks';
import { type DraftStore, GROUNDS, type Previewed } from './draft-store';
import { WHOLE_VIEW } from './zoomed';

type Steps = { undo: () => void; redo: () => void };

const OVERLAY_KEYS: Record<string, Family> = { c: 'columns', r: 'rows', b: 'baseline' };
const WAY_KEYS: Record<string, Previewed> = { s: 'all', w: 'spans', n: 'spacing', l: 'leading' };

/** Keys of the preview: overlays, ways to look, what lies under, distances, zoom. */
function pressInPreview(store: DraftStore, key: string): void {
  const bench = store.getState();
  const [overlay, way] = [OVERLAY_KEYS[key], WAY_KEYS[key]];
  if (overlay) bench.toggle(overlay);
  if (way) bench.showAs(way);
  if (key === 'u') bench.layOn(GROUNDS[(GROUNDS.indexOf(bench.ground) + 1) % GROUNDS.length]!);
  if (key === 'd') bench.measure(!bench.isMeasuring);
  if (key === '+' || key === '-') bench.zoom(key === '+' ? 1 : -1);
  if (key === '0') bench.look(WHOLE_VIEW);
}

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
      pressInPreview(store, key);
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [store, undo, redo, onHelp]);
}
