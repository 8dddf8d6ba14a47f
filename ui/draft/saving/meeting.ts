import { applyEdits } from '../../../core/edits/apply-edits';
import { addressText, type Edit } from '../../../core/edits/edit';
import { editsBetween } from '../../../core/edits/edits-between';
import { type Collision, ownInstead, putOnTop } from '../../../core/edits/meet';
import { inWords } from '../../../core/quantities/in-words';
import type { Spec } from '../../../core/spec/schema';
import { withCollisions } from '../together/together-store';
import { PAUSE_MS } from './timing';
import { asItStands, isAllSaved, knownTo, type Syncing } from './synced';

/** A newer draft than the one that is known, and who made it. */
export type Newer = { revision: number; changedAt: string; document: Spec; by: string };

export type Meeting = ReturnType<typeof createMeeting>;

/** Puts one’s own on top of what others made, and puts aside what both changed until it is chosen. */
export function createMeeting(syncing: Syncing) {
  const { store, together, keep } = syncing;
  /** Who changed what last, by address: whoever is met there is called by name. */
  const changedBy = new Map<string, string>();

  /** Changes the document because of others, or of what was made before the page was loaded: it is known already. */
  const taking = (change: () => void): void => {
    syncing.isTaking = true;
    change();
    syncing.isTaking = false;
  };

  const putAside = (collisions: readonly Collision[], by: string): void => {
    if (collisions.length === 0) return;
    together.setState({ waiting: withCollisions(together.getState().waiting, collisions, by) });
    keep.waiting();
  };

  /** Says what others changed, and oneself, while this window was on its own. */
  const sayApart = (
    by: string,
    theirs: [Spec, readonly Edit[]],
    own: [Spec, readonly Edit[]],
    waiting: number,
  ): void => {
    if (theirs[1].length > 0 && own[1].length > 0)
      together.setState({ apart: { by, theirs: inWords(...theirs), own: inWords(...own), waiting } });
  };

  /** The server has everything, or the rest follows. */
  const settle = (): void => {
    const { revision, changedAt } = syncing.synced;
    if (isAllSaved(syncing.synced)) {
      syncing.say({ is: 'saved', revision, at: changedAt });
      keep.saved();
    } else {
      syncing.keepNow();
      syncing.soon(PAUSE_MS);
    }
  };

  /**
   * The server has a newer document than what is known: what was changed since goes on top of it, or waits for a choice.
   *
   * @param apart what was changed while this window was on its own; null where it was not
   */
  const meetNewer = ({ revision, changedAt, document, by }: Newer, apart: readonly Edit[] | null): void => {
    const [known, mine, own] = [knownTo(syncing.synced), store.getState().document, syncing.synced.pending];
    const theirs = editsBetween(known, document);
    const met = putOnTop(document, own, theirs, asItStands);
    for (const { at } of theirs) changedBy.set(addressText(at), by);
    syncing.synced = { revision, changedAt, document, unanswered: null, pending: met.apply };
    if (theirs.length > 0) taking(() => store.getState().takeIn(met.document));
    putAside(met.collide, by);
    if (apart) sayApart(by, [document, theirs], [mine, apart], met.collide.length);
    settle();
  };

  return {
    meetNewer,
    settle,
    sayApart,
    taking,
    putAside,
    /** A change that meets what others did while it was typed: it waits for a choice. */
    wait: (mine: Spec): void => {
      const own = editsBetween(store.getState().document, mine);
      const by = own.map(({ at }) => changedBy.get(addressText(at))).find(Boolean) ?? 'Someone else';
      putAside([{ own, theirs: [] }], by);
    },
    /** One’s own side of a collision, or what stands there now, holds; what speaks against one’s own is answered. */
    choose: (id: string, mine: boolean): string | null => {
      const { waiting } = together.getState();
      const chosen = waiting.find((each) => each.id === id);
      if (!chosen) return null;
      if (mine) {
        const { document } = store.getState();
        const problem = store.getState().take(applyEdits(document, ownInstead(document, chosen)));
        if (problem !== null) return problem;
      }
      together.setState({ waiting: waiting.filter((each) => each !== chosen) });
      keep.waiting();
      return null;
    },
  };
}
