import { readSpec } from '../../../core/document/read';
import { applyEdits } from '../../../core/edits/apply-edits';
import { addressText, type Edit } from '../../../core/edits/edit';
import { editsBetween } from '../../../core/edits/edits-between';
import { type Collision, meet, takeOwn, valueAt } from '../../../core/edits/meet';
import { merge } from '../../../core/edits/merge';
import { sameJson } from '../../../core/edits/same-json';
import { inWords } from '../../../core/quantities/in-words';
import type { Spec } from '../../../core/spec/schema';
import { NO_ANSWER, type send } from '../../frame/send';
import { type DraftStore, ONLY_READING } from '../draft-store';
import { type SaveState, type TogetherStore, withCollisions } from '../together/together-store';

/** What others saved: their edits, a list for each revision, and who they are. */
export type Between = { edits: Edit[][]; by: string[] };

/** What the server tells of new revisions, and what it answers to a save. */
export type News = Between & { revision: number; changedAt: string };
type SavedAnswer = { revision: number; changedAt: string; between: Between | null };
type NewerDraft = { revision: number; document: Spec; changedBy: string; changedAt: string };

/** Where what was typed is kept until the server has it, and what waits for a choice until it is made. */
export type Keeper = {
  unsaved: (document: Spec, base: { revision: number; document: Spec }, sent: readonly Spec[]) => void;
  saved: () => void;
  waiting: () => void;
};

type Given = {
  store: DraftStore;
  together: TogetherStore;
  spec: { id: string; revision: number; changedAt: string; changedBy: string };
  ask: typeof send;
  keep: Keeper;
  /** Does something later, unless it is called off; by default after so many ms. */
  later?: (work: () => void, ms: number) => () => void;
};

/** A save waits for a pause of this length (a shorter one while somebody else is there), but no longer than the last one, in ms. */
const PAUSE_MS = 500;
const PAUSE_AMONG_OTHERS_MS = 150;
const LONGEST_WAIT_MS = 2_000;
const RETRY_MS = 2_500;
const MOST_UNANSWERED = 20;

/** The disk of the server is full (RFC 4918, section 11.5): it is asked again now and then. */
const [DISK_FULL, FULL_RETRY_MS] = [507, 10_000];

const isKept = (document: Spec): boolean => readSpec(document).problem === undefined;

/**
 * Keeps a draft in step with the server: saves it a moment after each change, takes in what others save, and puts aside what both changed until it is chosen.
 * A server that does not answer is asked again until it does; a save whose answer was lost is sent again.
 */
export function createSync({ store, together, spec, ask, keep, later = afterMs }: Given) {
  let { revision, changedAt } = spec;
  /** What the server has: every edit that is sent is made of it. */
  let saved = store.getState().document;
  let isBusy = false;
  let isTaking = false;
  let isOver = false;
  let sending: Promise<unknown> | undefined;
  let callOff = (): void => {};
  let waitsSince: number | null = null;
  /** What was sent and never answered: the server may have it. */
  let unanswered: Spec[] = [];
  /** News that came while a save was under way: its answer says whether it is in them. */
  let heard: News[] = [];
  /** Who changed what last, by address: whoever is met there is called by name. */
  const changedBy = new Map<string, string>();

  const say = (save: SaveState): void => together.setState({ save });
  const isAway = (): boolean => together.getState().save.is === 'unreachable';
  const take = (document: Spec): void => {
    if (document === store.getState().document) return;
    isTaking = true;
    store.getState().takeIn(document);
    isTaking = false;
  };

  const soon = (wait: number): void => {
    callOff();
    if (!isOver) callOff = later(() => void save(), wait);
  };

  /** Keeps what the server does not have, as it is now. */
  const keepNow = (): void => keep.unsaved(store.getState().document, { revision, document: saved }, unanswered);

  /** The server has everything, or the rest follows. */
  const settle = (): void => {
    const { document } = store.getState();
    if (document === saved) {
      say({ is: 'saved', revision, at: changedAt });
      keep.saved();
    } else {
      keepNow();
      soon(PAUSE_MS);
    }
  };

  /** What both changed waits for a choice. */
  const putAside = (collisions: readonly Collision[], by: string): void => {
    if (collisions.length === 0) return;
    together.setState({ waiting: withCollisions(together.getState().waiting, collisions, by) });
    keep.waiting();
  };

  /** Says what others changed, and oneself, while this window was on its own. */
  const sayApart = (
    by: string,
    theirs: readonly [Spec, Edit[]],
    own: readonly [Spec, Edit[]],
    waiting: number,
  ): void => {
    if (theirs[1].length > 0 && own[1].length > 0)
      together.setState({ apart: { by, theirs: inWords(...theirs), own: inWords(...own), waiting } });
  };

  /** The server has a newer document: what is one’s own since `base` goes on top of it, or waits for a choice. */
  const meetNewer = (newer: Omit<NewerDraft, 'changedBy'> & { by: string }, known: Spec, wasApart: boolean): void => {
    const mine = store.getState().document;
    const base = withOwn(known, newer.document, unanswered);
    unanswered = [];
    const theirs = editsBetween(base, newer.document);
    const met = meet(base, mine, newer.document, isKept);
    for (const { at } of theirs) changedBy.set(addressText(at), newer.by);
    const own = wasApart ? editsBetween(base, mine) : [];
    [revision, changedAt, saved] = [newer.revision, newer.changedAt, newer.document];
    take(met.document);
    putAside(met.collisions, newer.by);
    sayApart(newer.by, [newer.document, theirs], [mine, own], met.collisions.length);
    settle();
  };

  /** Takes in what others saved, as the server tells it. */
  const hear = (news: News): void => {
    if (isBusy) return void heard.push(news);
    if (news.revision <= revision) return;
    const known = revision - (news.revision - news.edits.length);
    const theirs = known < 0 ? null : news.edits.slice(known).reduce<Spec | null>(withEdits, saved);
    if (!theirs) return void readAnew();
    meetNewer({ ...news, document: theirs, by: news.by.join(', ') }, saved, isAway());
  };

  const catchUp = (): void => {
    const waiting = heard;
    heard = [];
    waiting.forEach(hear);
  };

  /** Reads the draft as the server has it: too much is new to be told, or what was told does not fit. */
  const readAnew = async (): Promise<void> => {
    if (isBusy) return;
    isBusy = true;
    const answer = await ask<NewerDraft>('GET', `/api/specs/${spec.id}/draft`);
    isBusy = false;
    if (!answer.ok) refused(answer);
    else if (answer.body.revision > revision) meetNewer({ ...answer.body, by: answer.body.changedBy }, saved, isAway());
    else settle();
    catchUp();
  };

  const refused = ({ status, problem }: { status: number; problem: string }): void => {
    if (status === NO_ANSWER) {
      say({ is: 'unreachable' });
      soon(RETRY_MS);
    } else say(status === 401 ? { is: 'signed-out' } : { is: 'refused', problem });
    if (status === DISK_FULL) soon(FULL_RETRY_MS);
  };

  const save = async (): Promise<void> => {
    callOff();
    waitsSince = null;
    if (isBusy) return;
    const { document, mayEdit } = store.getState();
    if (document === saved) return settle();
    if (!mayEdit) return say({ is: 'refused', problem: ONLY_READING });
    isBusy = true;
    const wasAway = isAway();
    // what asks somebody to do something stays until it is done
    if (['saved', 'saving'].includes(together.getState().save.is)) say({ is: 'saving' });
    const base = saved;
    const own = editsBetween(base, document);
    // a page that is left before the answer comes has to know what it sent
    const before = unanswered;
    unanswered = [...before, document].slice(-MOST_UNANSWERED);
    keepNow();
    const asked = ask<SavedAnswer>('PUT', `/api/specs/${spec.id}/draft`, { revision, edits: own });
    sending = asked;
    const answer = await asked;
    isBusy = false;
    if (answer.ok || answer.status !== NO_ANSWER) unanswered = before;
    if (answer.ok) {
      const { between, ...now } = answer.body;
      const newest = between ? afterSave(base, own, between) : document;
      if (!newest) {
        // what came in between does not fit what this window knows
        await readAnew();
        return;
      }
      if (between && wasAway) sayApart(between.by.join(', '), [newest, between.edits.flat()], [newest, own], 0);
      meetNewer({ ...now, document: newest, by: between?.by.join(', ') ?? '' }, document, false);
    } else if (answer.status === 409) {
      const newer = answer.body.newer as NewerDraft;
      meetNewer({ ...newer, by: newer.changedBy }, base, wasAway);
    } else {
      refused(answer);
    }
    catchUp();
  };

  const unsubscribe = store.subscribe(({ document }, before) => {
    if (document === before.document || isTaking) return;
    if (document === saved) keep.saved();
    else keepNow();
    if (together.getState().save.is === 'saved') say({ is: 'saving' });
    waitsSince ??= Date.now();
    const pause = together.getState().others.length > 0 ? PAUSE_AMONG_OTHERS_MS : PAUSE_MS;
    soon(Math.max(0, Math.min(pause, waitsSince + LONGEST_WAIT_MS - Date.now())));
  });

  return {
    save,
    hear,
    readAnew,
    /** The newest revision that this window knows. */
    revision: (): number => revision,
    /** Goes on with what was typed before the page was loaded, of the document that it was made of; what was sent then may have arrived. */
    goOnWith: (kept: Spec, known: Spec, sent: readonly Spec[] = []): void => {
      const { document } = store.getState();
      const base = withOwn(known, document, [...sent, kept]);
      const met = meet(base, kept, document, isKept);
      store.getState().change(met.document);
      putAside(met.collisions, spec.changedBy);
      const [theirs, own] = [editsBetween(base, document), editsBetween(base, kept)];
      sayApart(spec.changedBy, [document, theirs], [kept, own], met.collisions.length);
      void save();
    },
    /** A change that meets what others did while it was typed: it waits for a choice. */
    wait: (mine: Spec): void => {
      const own = editsBetween(store.getState().document, mine);
      const by = own.map(({ at }) => changedBy.get(addressText(at))).find(Boolean) ?? 'Somebody else';
      putAside([{ own, theirs: [] }], by);
    },
    /** One’s own side of a collision, or what stands there now, holds; what speaks against one’s own is answered. */
    choose: (id: string, mine: boolean): string | null => {
      const { waiting } = together.getState();
      const chosen = waiting.find((each) => each.id === id);
      if (!chosen) return null;
      if (mine) {
        const problem = store.getState().take(takeOwn(store.getState().document, chosen));
        if (problem !== null) return problem;
      }
      together.setState({ waiting: waiting.filter((each) => each !== chosen) });
      keep.waiting();
      return null;
    },
    /** Saves at once what is not saved yet, and waits for it; answers whether the server has everything. */
    flush: async (): Promise<boolean> => {
      // a save that is on its way may carry an older document; a second one then follows it
      for (let turn = 0; turn < 2 && store.getState().document !== saved; turn++) {
        if (isBusy) await sending;
        await save();
      }
      return store.getState().document === saved;
    },
    end: (): void => {
      unsubscribe();
      isOver = true;
      // whoever leaves does not wait for the pause
      void save();
    },
  };
}

const afterMs = (work: () => void, ms: number): (() => void) => {
  const timer = setTimeout(work, ms);
  return () => clearTimeout(timer);
};

export type Sync = ReturnType<typeof createSync>;

function withEdits(document: Spec | null, edits: readonly Edit[]): Spec | null {
  return document && (applyEdits(document, edits).value ?? null);
}

/** The document that is known, with what of the newer one was sent by this window and not answered: nobody meets themselves. */
function withOwn(known: Spec, newer: Spec, unanswered: readonly Spec[]): Spec {
  if (unanswered.length === 0) return known;
  const own = editsBetween(known, newer).filter(({ at, after }) =>
    unanswered.some((sent) => sameJson(valueAt(sent, at), after)),
  );
  return applyEdits(known, own).value ?? known;
}

/** What the server has after a save that met others’: theirs, and what was sent on top, as the server has put them together. */
function afterSave(base: Spec, own: Edit[], between: Between): Spec | null {
  const theirs = between.edits.reduce<Spec | null>(withEdits, base);
  return withEdits(theirs, merge(own, between.edits).edits ?? []);
}
