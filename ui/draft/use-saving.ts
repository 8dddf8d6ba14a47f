'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { canonicalJson } from '../../core/edition/canonical';
import { editsBetween } from '../../core/edits/edits-between';
import type { Spec } from '../../core/spec/schema';
import { NO_ANSWER, send } from '../frame/send';
import { type DraftStore } from './draft-store';
import { dropUnsaved, keepUnsaved, ownUnsaved } from './kept-drafts';
import { type Between, joinedWith, onTopOf } from './saving/joined';

export type NewerDraft = { revision: number; document: Spec; changedBy: string; changedAt: string };

/** How the draft stands with the server. */
export type SaveState =
  | { is: 'saved'; revision: number; at: string }
  | { is: 'saving' }
  | { is: 'unreachable' }
  | { is: 'signed-out' }
  | { is: 'refused'; problem: string }
  | { is: 'collided'; newer: NewerDraft; mine: Spec };

/** A save waits for a pause of this length, but no longer than the second one, in ms. */
const PAUSE_MS = 500;
const LONGEST_WAIT_MS = 2_000;
const RETRY_MS = 2_500;

const SAVING: SaveState = { is: 'saving' };

/** What the server answers to a save; `between` is what others saved since, under it. */
type SavedAnswer = { revision: number; changedAt: string; between: Between | null };

type Saving = {
  state: SaveState;
  retry: () => void;
  /** Saves at once what is not saved yet, and waits for it; answers whether the server has everything. */
  flush: () => Promise<boolean>;
  keepMine: () => void;
  takeTheirs: () => void;
};

/**
 * Saves the draft by itself, a moment after each change. Until the server has it, the browser keeps it. A server that
 * does not answer is asked again until it does.
 */
export function useSaving(store: DraftStore, spec: { id: string; revision: number; changedAt: string }): Saving {
  const [state, setState] = useState<SaveState>({ is: 'saved', revision: spec.revision, at: spec.changedAt });
  const revision = useRef(spec.revision);
  const saved = useRef(store.getState().document);
  const savedAt = useRef(spec.changedAt);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const waitsSince = useRef<number | null>(null);
  const busy = useRef(false);
  const stopped = useRef(false);

  const sent = useRef<Promise<unknown>>(undefined);

  const save = useCallback(async (): Promise<void> => {
    clearTimeout(timer.current);
    waitsSince.current = null;
    const { document } = store.getState();
    if (busy.current || stopped.current) return;
    if (document === saved.current) return setState({ is: 'saved', revision: revision.current, at: savedAt.current });
    const collide = (theirs: NewerDraft, base: Spec): void => {
      stopped.current = true;
      setState({ is: 'collided', newer: theirs, mine: onTopOf(theirs.document, base, store.getState().document) });
    };
    busy.current = true;
    setState((before) => (before.is === 'unreachable' ? before : SAVING));
    const sending = send<SavedAnswer>('PUT', `/api/specs/${spec.id}/draft`, {
      revision: revision.current,
      edits: editsBetween(saved.current, document),
    });
    sent.current = sending;
    const answer = await sending;
    busy.current = false;
    if (answer.ok) {
      const { between, ...now } = answer.body;
      const joined = joinedWith({ base: saved.current, sent: document, now: store.getState().document }, between);
      revision.current = now.revision;
      savedAt.current = now.changedAt;
      saved.current = joined.saved;
      if (joined.collided)
        return collide({ ...now, document: joined.saved, changedBy: between!.by.join(', ') }, document);
      if (between) store.getState().takeIn(joined.document);
      if (joined.document === joined.saved) {
        setState({ is: 'saved', revision: now.revision, at: now.changedAt });
        dropUnsaved(spec.id);
      } else {
        keepUnsaved(spec.id, joined.document, revision.current);
        timer.current = setTimeout(() => void save(), PAUSE_MS);
      }
      return;
    }
    if (answer.status === NO_ANSWER) {
      setState({ is: 'unreachable' });
      timer.current = setTimeout(() => void save(), RETRY_MS);
      return;
    }
    if (answer.status === 401) return setState({ is: 'signed-out' });
    if (answer.status !== 409) return setState({ is: 'refused', problem: answer.problem });
    const newer = answer.body.newer as NewerDraft;
    if (canonicalJson(newer.document) === canonicalJson(document)) {
      revision.current = newer.revision;
      saved.current = document;
      dropUnsaved(spec.id);
      return setState({ is: 'saved', revision: newer.revision, at: newer.changedAt });
    }
    collide(newer, saved.current);
  }, [spec.id, store]);

  useEffect(() => {
    const kept = ownUnsaved(spec.id);
    if (kept) {
      revision.current = kept.basedOn;
      store.getState().change(kept.document);
      void save();
    }
    const unsubscribe = store.subscribe(({ document }, before) => {
      if (document === before.document) return;
      if (document === saved.current) dropUnsaved(spec.id);
      else keepUnsaved(spec.id, document, revision.current);
      setState((state) => (state.is === 'saved' ? SAVING : state));
      clearTimeout(timer.current);
      waitsSince.current ??= Date.now();
      const left = waitsSince.current + LONGEST_WAIT_MS - Date.now();
      timer.current = setTimeout(() => void save(), Math.max(0, Math.min(PAUSE_MS, left)));
    });
    const now = (): void => void save();
    window.addEventListener('online', now);
    document.addEventListener('visibilitychange', now);
    return () => {
      unsubscribe();
      // whoever leaves does not wait for the pause
      void save();
      window.removeEventListener('online', now);
      document.removeEventListener('visibilitychange', now);
    };
  }, [save, spec.id, store]);

  /** Goes on from the newer draft: with this window's document on top of it, or with the newer one as an undoable step. */
  const goOn = (mine: boolean): void => {
    if (state.is !== 'collided') return;
    const { newer } = state;
    stopped.current = false;
    revision.current = newer.revision;
    saved.current = newer.document;
    if (mine) {
      store.getState().takeIn(state.mine);
      return void save();
    }
    store.getState().change(newer.document);
    dropUnsaved(spec.id);
    setState({ is: 'saved', revision: newer.revision, at: newer.changedAt });
  };

  const flush = async (): Promise<boolean> => {
    // a save that is on its way may carry an older document; a second one then follows it
    for (let turn = 0; turn < 2 && store.getState().document !== saved.current && !stopped.current; turn++) {
      if (busy.current) await sent.current;
      await save();
    }
    return store.getState().document === saved.current;
  };

  return { state, retry: () => void save(), flush, keepMine: () => goOn(true), takeTheirs: () => goOn(false) };
}
