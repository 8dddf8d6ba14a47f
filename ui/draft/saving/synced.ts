import { readSpec } from '../../../core/document/read';
import { applyEdits } from '../../../core/edits/apply-edits';
import { composed } from '../../../core/edits/compose';
import type { Edit } from '../../../core/edits/edit';
import type { Parsed } from '../../../core/parsed';
import type { Spec } from '../../../core/spec/schema';
import type { send } from '../../frame/send';
import type { DraftStore } from '../draft-store';
import type { Base, Sent } from '../kept-drafts';
import type { SaveState, TogetherStore } from '../together/together-store';

/** What a window keeps in step: its draft, and what is said of it; how the server is asked, and where what it does not have is kept. */
export type Given = {
  store: DraftStore;
  together: TogetherStore;
  spec: { id: string; revision: number; changedAt: string; changedBy: string };
  ask: typeof send;
  keep: Keeper;
  /** Does something later, unless it is called off; by default after so many ms. */
  later?: (work: () => void, ms: number) => () => void;
  /** An id for a save. */
  newId?: () => string;
};

/** Where what was typed is kept until the server has it, and what waits for a choice until it is made. */
export type Keeper = {
  unsaved: (base: Base, own: { sent?: Sent | undefined; edits: readonly Edit[] }) => void;
  saved: () => void;
  waiting: () => void;
};

/** A save that the server has not answered: it is sent again as it was, until it does; and the document in it. */
export type Unanswered = Sent & { document: Spec };

/** The draft as the server has it, and what of this window it does not have. */
export type Synced = Base & {
  changedAt: string;
  unanswered: Unanswered | null;
  /** What was changed since what was sent, or since the server’s document. */
  pending: Edit[];
};

export const isAllSaved = ({ unanswered, pending }: Synced): boolean => unanswered === null && pending.length === 0;

/** The newest document of which it is known what the server makes of it. */
export const knownTo = ({ unanswered, document }: Synced): Spec => unanswered?.document ?? document;

/** A save is given up: what was in it is to be sent with what was changed since. */
export function takenBack(synced: Synced): Synced {
  const { unanswered, pending } = synced;
  return unanswered ? { ...synced, unanswered: null, pending: composed(unanswered.edits, pending) } : synced;
}

/** A document after edits, a list for each revision; null where they do not fit it. */
export function withRevisions(document: Spec, revisions: readonly (readonly Edit[])[]): Spec | null {
  return revisions.reduce<Spec | null>((now, edits) => now && (applyEdits(now, edits).value ?? null), document);
}

/** The document itself, where it can be kept: what nobody changed in it stays the very same. */
export function asItStands(document: Spec): Parsed<Spec> {
  const { problem } = readSpec(document);
  return problem === undefined ? { value: document } : { problem };
}

/** What the parts of the saving share: what is known, and whether the server is being asked. */
export type Syncing = Omit<Given, 'later'> & {
  synced: Synced;
  isBusy: boolean;
  /** Does the document change because of others? */
  isTaking: boolean;
  say: (save: SaveState) => void;
  isAway: () => boolean;
  keepNow: () => void;
  /** Saves after so many ms. */
  soon: (wait: number) => void;
  /** A save begins: none is due any more. */
  begins: () => void;
};
