import { composed } from '../../../core/edits/compose';
import type { AnswerOf } from '../../../app/api/sent';
import { NO_ANSWER } from '../../frame/send';
import { ONLY_READING } from '../draft-store';
import type { Hearing } from './hearing';
import type { Meeting } from './meeting';
import { isAllSaved, type Syncing, takenBack, type Unanswered, withRevisions } from './synced';
import { FULL_RETRY_MS, RETRY_MS } from './timing';

type SavedAnswer = AnswerOf<'PUT', `/api/specs/${string}/draft`>;

/** The disk of the server is full (RFC 4918, section 11.5): it is asked again now and then. */
const DISK_FULL = 507;

/** With these the server says that it has not written a save, and will not: malformed, collides, too large, cannot be kept (RFC 9110, section 15.5). */
const NOT_WRITTEN = [400, 409, 413, 422];

/** Why the server did not do what it was asked: said, and tried again where that may help. */
export function createRefusal(syncing: Syncing) {
  return (status: number, problem: string): void => {
    if (status === NO_ANSWER) {
      syncing.say({ is: 'unreachable' });
      syncing.soon(RETRY_MS);
    } else syncing.say(status === 401 ? { is: 'signed-out' } : { is: 'refused', problem });
    if (status === DISK_FULL) syncing.soon(FULL_RETRY_MS);
  };
}

/** Sends what the server does not have, one save at a time; a save that is not answered is sent again as it was, until it is. */
export function createSaving(
  syncing: Syncing,
  meeting: Meeting,
  hearing: Hearing,
  refused: (status: number, problem: string) => void,
) {
  const { store, together, spec, newId = () => crypto.randomUUID() } = syncing;
  let sending: Promise<unknown> | undefined;

  /** The save to send: the one that was not answered, or a new one; null where there is none. */
  const toSend = (): Unanswered | null => {
    const { unanswered, pending } = syncing.synced;
    if (unanswered || pending.length === 0) return unanswered;
    const save = { id: newId(), edits: pending, document: store.getState().document };
    syncing.synced = { ...syncing.synced, unanswered: save, pending: [] };
    return save;
  };

  const isSaved = async (save: Unanswered, { by, ...answer }: SavedAnswer, wasAway: boolean): Promise<void> => {
    const { revision, changedAt, since } = answer;
    const { document: base, pending } = syncing.synced;
    const newest = answer.document ?? (since ? withRevisions(base, since) : save.document);
    if (!newest) {
      // what came in between does not fit what this window knows
      syncing.synced = { ...syncing.synced, document: save.document, unanswered: null };
      return hearing.readAnew();
    }
    const newer = { revision, changedAt, document: newest, by: by.join(', ') };
    meeting.meetNewer(newer, wasAway ? composed(save.edits, pending) : null);
  };

  const save = async (): Promise<void> => {
    syncing.begins();
    if (syncing.isBusy) return;
    if (isAllSaved(syncing.synced)) return meeting.settle();
    if (!store.getState().mayEdit) return syncing.say({ is: 'refused', problem: ONLY_READING });
    const wasAway = syncing.isAway();
    // what asks somebody to do something stays until it is done
    if (['saved', 'saving'].includes(together.getState().save.is)) syncing.say({ is: 'saving' });
    const one = toSend()!;
    // a page that is left before the answer comes has to know what it sent
    syncing.keepNow();
    syncing.isBusy = true;
    const { id, edits } = one;
    const asked = syncing.ask('PUT', `/api/specs/${spec.id}/draft`, {
      id,
      revision: syncing.synced.revision,
      edits,
    });
    sending = asked;
    const answer = await asked;
    syncing.isBusy = false;
    if (answer.ok) await isSaved(one, answer.body, wasAway);
    else {
      if (NOT_WRITTEN.includes(answer.status)) syncing.synced = takenBack(syncing.synced);
      const { newer } = answer.body;
      if (newer) meeting.meetNewer({ ...newer, by: newer.changedBy }, wasAway ? syncing.synced.pending : null);
      else refused(answer.status, answer.problem);
    }
    hearing.catchUp();
  };

  return {
    save,
    /** Saves at once what is not saved yet, and waits for it; answers whether the server has everything. */
    flush: async (): Promise<boolean> => {
      // a save that is on its way, or was not answered, may carry an older document; another then follows it
      for (let turn = 0; turn < 3 && !isAllSaved(syncing.synced); turn++) {
        if (syncing.isBusy) await sending;
        await save();
      }
      return isAllSaved(syncing.synced);
    },
  };
}
