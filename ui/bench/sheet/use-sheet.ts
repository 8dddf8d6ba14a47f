'use client';

import { removeBreakpoint } from '../../../core/breakpoints/breakpoints';
import { QUANTITIES, type QuantityId } from '../../../core/quantities/registry';
import { stepCell, stepToNamed } from '../../../core/sheet/step-cell';
import { type Cells, useCells } from '../../draft/cells/use-cells';
import { useDraftStore, useViewStore } from '../../draft/draft-context';

/** The cells of the bench's sheet; what is selected and refused in them stays while one goes from view to view. */
export function useSheet(): Cells<QuantityId> {
  const draft = useDraftStore();
  const view = useViewStore();
  return useCells<QuantityId>({
    rows: QUANTITIES,
    selection: () => view.getState(),
    select: (place, extend) => view.getState().select(place, extend),
    refuse: (key, refusal) => view.getState().refuse(key, refusal),
    remove: ({ breakpoint: id, quantity }, say) => {
      if (quantity !== 'name') return false;
      const { document, take } = draft.getState();
      const name = document.breakpoints.find((breakpoint) => breakpoint.id === id)!.name;
      say(take(removeBreakpoint(document, id)) ?? `${name} removed. Ctrl+Z brings it back.`);
      return true;
    },
    step: ({ breakpoint, quantity }, direction, half) =>
      stepCell(draft.getState().document, breakpoint, quantity, direction, half),
    stepNamed: ({ breakpoint, quantity }, direction) =>
      stepToNamed(draft.getState().document, breakpoint, quantity, direction),
  });
}
