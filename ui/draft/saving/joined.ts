import { applyEdits } from '../../../core/edits/apply-edits';
import { type Edit, isWithin } from '../../../core/edits/edit';
import { editsBetween } from '../../../core/edits/edits-between';
import { merge } from '../../../core/edits/merge';
import type { Spec } from '../../../core/spec/schema';

/** What others saved while one was at it: their edits, a list for each revision, and who they are. */
export type Between = { edits: Edit[][]; by: string[] };

type Window = {
  /** The document that was saved before, of which the sent one was made. */
  base: Spec;
  sent: Spec;
  /** What stands in the window now: typing goes on while a save is under way. */
  now: Spec;
};

/** What the server has now, and what the window shows then; collided where what was typed meanwhile meets what others saved. */
type Joined = { saved: Spec; document: Spec; collided: boolean };

/**
 * Puts what others saved under what stands in this window, as the server has put it under what was sent.
 *
 *     joinedWith({ base, sent, now: sent }, { edits: [[gutter of the tablet 16 → 24]], by: ['Obi Lorne'] }).document   // sent, with 24
 */
export function joinedWith({ base, sent, now }: Window, between: Between | null): Joined {
  if (!between) return { saved: sent, document: now, collided: false };
  const theirs = between.edits.reduce<Spec>((document, edits) => applyEdits(document, edits).value ?? document, base);
  const own = merge(editsBetween(base, sent), between.edits).edits ?? [];
  const saved = applyEdits(theirs, own).value ?? sent;
  if (now === sent) return { saved, document: saved, collided: false };
  const later = merge(editsBetween(sent, now), between.edits);
  const document = later.edits && applyEdits(saved, later.edits).value;
  return document ? { saved, document, collided: false } : { saved, document: now, collided: true };
}

/**
 * A newer document with this window’s own changes on top of it: what others changed elsewhere stays as they have it.
 *
 * @param base what this window’s changes were made of
 */
export function onTopOf(newer: Spec, base: Spec, mine: Spec): Spec {
  const own = editsBetween(base, mine);
  const touching = editsBetween(newer, mine).filter(({ at }) =>
    own.some((edit) => isWithin(edit.at, at) || isWithin(at, edit.at)),
  );
  return applyEdits(newer, touching).value ?? mine;
}
