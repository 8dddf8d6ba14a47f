import type { Edit } from '../../../core/edits/edit';
import type { Wire } from '../../../app/wire';
import type { News } from '../../../server/specs/drafts';
import type { Meeting } from './meeting';
import { type Syncing, withRevisions } from './synced';

/** What the server tells of new revisions, by the event stream. */
export type Heard = Wire<News>;

export type Hearing = ReturnType<typeof createHearing>;

/** Takes in what others save. */
export function createHearing(syncing: Syncing, meeting: Meeting, refused: (status: number, problem: string) => void) {
  /** News that came while a save had no answer: the answer says what of them is known. */
  let heard: Heard[] = [];

  const isNewTo = ({ revision }: { revision: number }): boolean => revision > syncing.synced.revision;
  const apart = (): Edit[] | null => (syncing.isAway() ? syncing.synced.pending : null);

  /** Takes in what others saved, as the server tells it. */
  const hear = (news: Heard): void => {
    if (!isNewTo(news)) return;
    if (syncing.isBusy || syncing.synced.unanswered) {
      heard.push(news);
      // the server can be reached
      if (!syncing.isBusy) syncing.soon(0);
      return;
    }
    const { revision, document } = syncing.synced;
    const known = revision - (news.revision - news.edits.length);
    const newest = known < 0 ? null : withRevisions(document, news.edits.slice(known));
    if (!newest) return void readAnew();
    meeting.meetNewer({ ...news, document: newest, by: news.by.join(', ') }, apart());
  };

  const catchUp = (): void => {
    if (syncing.synced.unanswered) return;
    const waiting = heard;
    heard = [];
    waiting.forEach(hear);
  };

  /** Reads the draft as the server has it: too much is new to be told, or what was told does not fit. */
  const readAnew = async (): Promise<void> => {
    if (syncing.isBusy) return;
    // what has no answer may be in it: its answer comes first, and says what is new
    if (syncing.synced.unanswered) return syncing.soon(0);
    syncing.isBusy = true;
    const answer = await syncing.ask('GET', `/api/specs/${syncing.spec.id}/draft`);
    syncing.isBusy = false;
    if (!answer.ok) refused(answer.status, answer.problem);
    else if (isNewTo(answer.body)) meeting.meetNewer({ ...answer.body, by: answer.body.changedBy }, apart());
    else meeting.settle();
    catchUp();
  };

  return { hear, catchUp, readAnew };
}
