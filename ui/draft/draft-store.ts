import { createStore } from 'zustand/vanilla';
import { readSpec } from '../../core/document/read';
import { applyEdits } from '../../core/edits/apply-edits';
import { type Change, type Edit, turnedBack } from '../../core/edits/edit';
import { editsBetween } from '../../core/edits/edits-between';
import type { Parsed } from '../../core/parsed';
import { inWords } from '../../core/quantities/in-words';
import { type MovedBlock, movedElsewhere } from '../../core/layouts/moved-elsewhere';
import type { NamedGrid, Spec } from '../../core/spec/schema';

/** The newest edition of the spec, against which its draft is held. */
export type LastEdition = { version: string; document: Spec };

/** The document of a draft, and the changes that led to it. Where one looks has a store of its own. */
export type DraftState = {
  specId: string;
  /** May whoever looks change it? */
  mayEdit: boolean;
  /** The pattern by which the team names its grids; empty: none. */
  pattern: string;
  edition: LastEdition | null;
  document: Spec;
  /** The whole document, where `document` is that of one of its grids (`grid-draft.ts`); else the same. */
  whole: Spec;
  /** The grid beside the main one of which `document` is; null: the main one. */
  grid: NamedGrid | null;
  /** The whole document that a changed one stands for. */
  wholeOf: (changed: Spec) => Spec;
  /** Takes a change of the whole document over, whichever grid is shown. */
  takeWhole: (written: Parsed<Spec>) => string | null;
  changeWhole: (document: Spec) => void;
  /** The edits of the newest change of one’s own, by which the document came to be what it is. */
  made: readonly Edit[];
  /** What can be undone, the newest last, and what can be done again, the next last. */
  past: readonly Change[];
  future: readonly Change[];
  /** Why the newest change was not taken; it is said until it is put away or something else is changed. */
  notTaken: string | null;
  /** What the newest change moved where it was not made; it is said until it is undone, put away, or something else is changed. */
  elsewhere: readonly MovedBlock[];
  /** Takes a changed document over, if it is one that can be kept; answers with what speaks against it. */
  tryChange: (document: Spec) => string | null;
  /** The same with what came of reading a person's text, which may be a problem already. */
  take: (written: Parsed<Spec>) => string | null;
  /** The same for those who have no place to say it: it is said over the view. */
  change: (document: Spec) => void;
  /** The same with a change that is there as edits. */
  edit: (change: Change) => void;
  /** Takes over what others saved; it is no step of one’s own. */
  takeIn: (document: Spec) => void;
  putAway: () => void;
  undo: () => void;
  redo: () => void;
};

export type DraftStore = ReturnType<typeof createDraftStore>;

const MOST_STEPS = 200;

/** Why whoever reads a draft does not change it. */
export const ONLY_READING = 'You can view this draft. Owners and authors can edit it.';

/** Why a step is not taken back: what it changed was changed by somebody else since. */
function onTop({ label }: Change): string {
  return `someone else changed ${label} since then; undoing yours would undo theirs too.`;
}

/** A document after a step: what was said of the step before it goes. */
const to = (document: Spec, made: readonly Edit[]) => ({
  document,
  whole: document,
  made,
  notTaken: null,
  elsewhere: [] as const,
});

export function createDraftStore(
  document: Spec,
  specId: string,
  edition: LastEdition | null = null,
  { mayEdit = true, pattern = '' } = {},
) {
  return createStore<DraftState>()((set, get) => {
    /** The document after a step back or forth; null where there is none. */
    const stepped = (change: Change | undefined, back: boolean): Spec | null =>
      (change && applyEdits(get().document, back ? turnedBack(change.edits) : change.edits).value) ?? null;
    /** Takes over what edits make of the document; by default they are said in words. */
    const taken = (changed: Spec, edits: readonly Edit[], label?: string): string | null => {
      const { document: before, past } = get();
      if (edits.length === 0) return null;
      if (!mayEdit) return ONLY_READING;
      const { problem } = readSpec(changed);
      if (problem !== undefined) return problem;
      const step: Change = { label: label ?? inWords(changed, edits), edits };
      set({
        ...to(changed, edits),
        past: [...past, step].slice(-MOST_STEPS),
        future: [],
        elsewhere: movedElsewhere(before, changed),
      });
      return null;
    };
    return {
      specId,
      mayEdit,
      pattern,
      edition,
      document,
      whole: document,
      grid: null,
      wholeOf: (changed) => changed,
      made: [],
      past: [],
      future: [],
      notTaken: null,
      elsewhere: [],
      tryChange: (changed) => taken(changed, editsBetween(get().document, changed)),
      take: ({ value, problem }) => problem ?? get().tryChange(value!),
      change: (changed) => set({ notTaken: get().tryChange(changed) }),
      takeWhole: (written) => get().take(written),
      changeWhole: (changed) => get().change(changed),
      edit: ({ label, edits }) => {
        const { value, problem } = applyEdits(get().document, edits);
        set({ notTaken: problem ?? taken(value!, edits, label) });
      },
      takeIn: (changed) => set({ document: changed, whole: changed }),
      putAway: () => set({ notTaken: null, elsewhere: [] }),
      undo: () => {
        const { past, future } = get();
        const step = past.at(-1);
        const before = stepped(step, true);
        // the step before it can be undone next
        if (step && !before) return set({ notTaken: onTop(step), past: past.slice(0, -1) });
        if (before)
          set({ ...to(before, turnedBack(step!.edits)), past: past.slice(0, -1), future: [...future, step!] });
      },
      redo: () => {
        const { document: before, past, future } = get();
        const step = future.at(-1);
        const after = stepped(step, false);
        if (step && !after) return set({ notTaken: onTop(step), future: future.slice(0, -1) });
        if (after)
          set({
            ...to(after, step!.edits),
            past: [...past, step!],
            future: future.slice(0, -1),
            elsewhere: movedElsewhere(before, after),
          });
      },
    };
  });
}
