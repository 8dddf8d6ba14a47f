'use client';

import { usePinch } from '@use-gesture/react';
import { type RefObject, useEffect } from 'react';
import { useView, useViewStore } from '../draft/draft-context';
import { type View, WHOLE_VIEW, zoomed } from '../draft/zoomed';

/**
 * How large the page is seen, by the same keys, buttons and gestures as on the bench: Ctrl and the wheel, or pinching. It begins as it fits, and the bench is afterwards as it was.
 *
 * @param middle of the desk, in px of the window, and the scale at which the page fits
 */
export function useOwnZoom(
  box: RefObject<HTMLDivElement | null>,
  { x, y, whole }: { x: number; y: number; whole: number },
): View['zoom'] {
  const store = useViewStore();
  const zoom = useView(({ view }) => view.zoom);
  useEffect(() => {
    const before = store.getState().view;
    store.getState().look(WHOLE_VIEW);
    return () => store.getState().look(before);
  }, [store]);
  useEffect(() => store.getState().setMiddle({ x, y, whole }), [store, x, y, whole]);
  usePinch(
    ({ event, delta: [by] }) => {
      event.preventDefault();
      const { view, look } = store.getState();
      look(zoomed(view, Math.exp(by), whole));
    },
    { target: box, eventOptions: { passive: false }, modifierKey: 'ctrlKey' },
  );
  return zoom;
}
