import type { StoreApi } from 'zustand';
import { withGridAs } from '../../core/breakpoints/grid-parts';
import { applyEdits } from '../../core/edits/apply-edits';
import { mapped } from '../../core/parsed';
import { gridOf, specOfGrid } from '../../core/spec/named-grids';
import type { Spec } from '../../core/spec/schema';
import type { DraftState, DraftStore } from './draft-store';

/**
 * A draft as one of its grids has it: the document is that of the grid (`specOfGrid`), and what is changed of it is given by the grid. Whatever shows and changes
 * a main grid so shows and changes one beside it. Where the grid is gone, it is the draft itself.
 */
export function gridDraft(draft: DraftStore, id: string): DraftStore {
  const wholeOf = (changed: Spec): Spec => withGridAs(draft.getState().document, id, changed);
  const shown = (): Spec => known().document;
  const acts: Pick<DraftState, 'wholeOf' | 'tryChange' | 'take' | 'change' | 'edit'> = {
    wholeOf,
    tryChange: (changed) => draft.getState().tryChange(wholeOf(changed)),
    take: (written) => draft.getState().take(mapped(written, wholeOf)),
    change: (changed) => draft.getState().change(wholeOf(changed)),
    edit: ({ edits }) => draft.getState().take(mapped(applyEdits(shown(), edits), wholeOf)),
  };
  let before: DraftState | null = null;
  let state: DraftState | null = null;
  /** The same object as long as the draft is: whoever listens is told of changes alone. */
  const known = (): DraftState => {
    const now = draft.getState();
    if (before === now && state) return state;
    const grid = gridOf(now.document, id);
    before = now;
    state = grid ? { ...now, ...acts, grid, document: specOfGrid(now.document, grid) } : now;
    return state;
  };
  const subscribe: StoreApi<DraftState>['subscribe'] = (listen) => {
    let last = known();
    return draft.subscribe(() => {
      const next = known();
      const previous = last;
      last = next;
      listen(next, previous);
    });
  };
  return { ...draft, getState: known, getInitialState: known, subscribe };
}
