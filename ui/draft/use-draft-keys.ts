'use client';

import { useEffect } from 'react';
import type { Spec } from '../../core/spec/schema';
import { type DraftStore } from './draft-store';
import { GROUNDS, type ViewStore } from './view-store';
import { OVERLAY_KEYS, WAY_KEYS } from './preview-keys';
import { WHOLE_VIEW } from './zoomed';

/** What a key stands for. */
function named<T extends string>(keys: Record<T, string>, pressed: string): T | undefined {
  return (Object.keys(keys) as T[]).find((name) => keys[name] === pressed);
}

/** Keys of the preview: overlays, ways to look, what lies under, distances, zoom. */
function pressInPreview(store: ViewStore, key: string, { overlays }: Spec): void {
  const bench = store.getState();
  // a combination of the specification goes before what its digit does otherwise
  const combination = overlays?.combinations?.find((each) => each.key === key);
  if (combination) return bench.showOnly(combination.shows);
  const [overlay, way] = [named(OVERLAY_KEYS, key), named(WAY_KEYS, key)];
  if (overlay) bench.toggle(overlay);
  if (way) bench.showAs(way);
  if (key === 'u') bench.layOn(GROUNDS[(GROUNDS.indexOf(bench.ground) + 1) % GROUNDS.length]!);
  if (key === 'x') bench.turn(bench.direction === 'ltr' ? 'rtl' : 'ltr');
  if (key === 'd') bench.measure(!bench.isMeasuring);
  if (key === '+' || key === '-') bench.zoom(key === '+' ? 1 : -1);
  if (key === '0') bench.look(WHOLE_VIEW);
  if (key === '1') bench.zoom('1:1');
  if (key === 'e') bench.snap(!bench.isSnapping);
}

/** Keys that work everywhere on the bench. Single letters are left to the sheet and to fields. */
export function useDraftKeys(draft: DraftStore, view: ViewStore): void {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement;
      if (target.closest('input, select, textarea, [role=dialog]')) return;
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && !event.altKey && (key === 'z' || key === 'y')) {
        event.preventDefault();
        const { undo, redo } = draft.getState();
        return key === 'y' || event.shiftKey ? redo() : undo();
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (target.closest('[role=grid]')) return;
      pressInPreview(view, key, draft.getState().document);
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [draft, view]);
}
