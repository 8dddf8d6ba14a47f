import { applyEdits, DoesNotApply } from '../../../core/edits/apply-edits';
import { composed } from '../../../core/edits/compose';
import type { Edit } from '../../../core/edits/edit';
import { editsBetween } from '../../../core/edits/edits-between';
import { madeOf, type OnTop, putOnTop } from '../../../core/edits/meet';
import { inWords } from '../../../core/quantities/in-words';
import type { Spec } from '../../../core/spec/schema';
import { ONLY_READING } from '../draft-store';
import type { Base, Unsaved } from '../kept-drafts';
import type { Meeting } from './meeting';
import { asItStands, type Syncing } from './synced';

/** Goes on with what the browser kept: of this window before its page was loaded, or of one that is gone. */
export function createGoingOn(syncing: Syncing, meeting: Meeting) {
  const { store, spec } = syncing;

  /** Goes on with what was changed before the page was loaded, as if it had never been left. False where that does not fit what it was made of. */
  const goOnWith = (kept: Unsaved, { revision, document: of }: Base): boolean => {
    const { document: loaded, mayEdit } = store.getState();
    if (!mayEdit) {
      store.setState({ notTaken: ONLY_READING });
      return false;
    }
    const edits = allOf(kept);
    const whole = applyEdits(of, edits);
    if (whole.value === undefined || asItStands(whole.value).problem !== undefined) return false;
    meeting.taking(() => {
      store.getState().takeIn(of);
      // it is a step like any other
      store.getState().edit({ label: inWords(whole.value, edits), edits });
    });
    const { sent } = kept;
    const unanswered = sent ? { ...sent, document: applyEdits(of, sent.edits).value! } : null;
    const pending = unanswered ? [...kept.edits] : edits;
    syncing.synced = { revision, document: of, changedAt: spec.changedAt, unanswered, pending };
    // what was sent may have arrived: only its answer says what is new
    if (!unanswered) meeting.meetNewer({ ...spec, document: loaded, by: spec.changedBy }, edits);
    return true;
  };

  /** What comes of what another window left behind, on top of the draft as it is now; what it was made of may not be known. */
  const onTop = (left: Unsaved, base: Base | null): OnTop<Spec> => {
    const { document } = store.getState();
    if (!base) return putOnTop(document, madeOf(document, allOf(left)), [], asItStands);
    return putOnTop(document, allOf(left), editsBetween(base.document, document), asItStands);
  };

  return {
    goOnWith,
    onTop,
    /** Takes over what another window left behind. */
    takeOver: (left: Unsaved, base: Base | null): void => {
      const { document, apply, collide } = onTop(left, base);
      if (apply.length > 0) store.getState().edit({ label: inWords(document, apply), edits: apply });
      meeting.putAside(collide, spec.changedBy);
    },
  };
}

/** Everything that the server may not have; of what does not fit together, what was changed last. */
function allOf({ sent, edits }: Unsaved): Edit[] {
  try {
    return composed(sent?.edits ?? [], edits);
  } catch (error) {
    if (error instanceof DoesNotApply) return [...edits];
    throw error;
  }
}
