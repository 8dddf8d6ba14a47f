import { differences } from '../../../core/diff/differences';
import { applyEdits } from '../../../core/edits/apply-edits';
import { ownInstead } from '../../../core/edits/meet';
import { nameOfAddress } from '../../../core/quantities/in-words';
import { ORDER } from '../../../core/edits/edit';
import type { Spec } from '../../../core/spec/schema';
import type { Waiting } from './together-store';

/** One thing that two changed: what stands there now, and what one’s own would make of it. */
export type Met = { what: string; theirs: string; mine: string };

/** What two changed, in words; the same for as long as the document is. */
export function metBy(document: Spec, waiting: Waiting): Met[] {
  const mine = applyEdits(document, ownInstead(document, waiting)).value;
  const found = mine ? differences(document, mine).filter(({ follows }) => !follows) : [];
  if (found.length > 0)
    return found.map(({ what, breakpoint, before, after }) => ({
      what: breakpoint ? `${what}, ${breakpoint}` : what,
      theirs: before ?? 'nothing',
      mine: after ?? 'nothing',
    }));
  return waiting.own
    .filter(({ at }) => at.at(-1) !== ORDER)
    .map(({ at, after }) => ({
      what: nameOfAddress(document, at),
      theirs: 'changed',
      mine:
        typeof after === 'string' || typeof after === 'number'
          ? String(after)
          : after === undefined
            ? 'removed'
            : 'changed',
    }));
}
