import { composed } from '../../../core/edits/compose';
import type { Base, Unsaved } from '../kept-drafts';
import { createGoingOn } from './going-on';
import { createHearing } from './hearing';
import { createMeeting } from './meeting';
import { createRefusal, createSaving } from './saving';
import { type Given, isAllSaved, type Syncing } from './synced';
import { createTiming } from './timing';

export type Sync = ReturnType<typeof createSync>;

/**
 * Keeps a draft in step with the server: saves it a moment after each change (`saving.ts`), takes in what others save (`hearing.ts`), and puts aside what both changed until it is
 * chosen (`meeting.ts`), and goes on with what the browser kept (`going-on.ts`).
 */
export function createSync({ later, ...given }: Given) {
  const { store, together, spec, keep } = given;
  const timing = createTiming(() => void saving.save(), later);
  const syncing: Syncing = {
    ...given,
    synced: {
      revision: spec.revision,
      changedAt: spec.changedAt,
      document: store.getState().document,
      unanswered: null,
      pending: [],
    },
    isBusy: false,
    isTaking: false,
    say: (save) => together.setState({ save }),
    isAway: () => together.getState().save.is === 'unreachable',
    keepNow: () => {
      const { revision, document, unanswered, pending } = syncing.synced;
      const sent = unanswered ? { id: unanswered.id, edits: unanswered.edits } : undefined;
      keep.unsaved({ revision, document }, { sent, edits: pending });
    },
    soon: timing.soon,
    begins: timing.begins,
  };
  const refused = createRefusal(syncing);
  const meeting = createMeeting(syncing);
  const goingOn = createGoingOn(syncing, meeting);
  const hearing = createHearing(syncing, meeting, refused);
  const saving = createSaving(syncing, meeting, hearing, refused);

  const unsubscribe = store.subscribe(({ document, made }, before) => {
    if (document === before.document || syncing.isTaking) return;
    syncing.synced = { ...syncing.synced, pending: composed(syncing.synced.pending, made) };
    if (isAllSaved(syncing.synced)) keep.saved();
    else syncing.keepNow();
    if (together.getState().save.is === 'saved') syncing.say({ is: 'saving' });
    timing.changed(together.getState().others.length > 0);
  });

  return {
    save: saving.save,
    flush: saving.flush,
    hear: hearing.hear,
    readAnew: hearing.readAnew,
    wait: meeting.wait,
    choose: meeting.choose,
    onTop: goingOn.onTop,
    takeOver: goingOn.takeOver,
    /** The newest revision that this window knows. */
    revision: (): number => syncing.synced.revision,
    goOnWith: (kept: Unsaved, base: Base): boolean => {
      const isTaken = goingOn.goOnWith(kept, base);
      if (isTaken) void saving.save();
      return isTaken;
    },
    end: (): void => {
      unsubscribe();
      timing.end();
      // whoever leaves does not wait for the pause
      void saving.save();
    },
  };
}
