'use client';

import { useGesture } from '@use-gesture/react';
import type { KeyboardEvent, RefObject } from 'react';
import { useViewStore } from '../../draft/draft-context';
import { type View, zoomed } from '../../draft/zoomed';
import { ARROWS } from './arrows';
import type { Pointed } from './use-pointed';

type Options = {
  box: RefObject<HTMLDivElement | null>;
  /** Where the whole page is placed, and its scale there. */
  whole: { left: number; top: number; scale: number };
  isMeasuring: boolean;
  stretch: (from: [number, number], to: [number, number]) => void;
};

/** Moving the page by dragging or scrolling, zooming it by pinching or with Ctrl, and drawing a distance while measuring. */
export function useScreenGestures({ box, whole, isMeasuring, stretch }: Options): void {
  const store = useViewStore();
  const moveBy = (x: number, y: number): void => {
    const { view, look } = store.getState();
    look({ ...view, x: view.x + x, y: view.y + y });
  };
  useGesture(
    {
      onWheel: ({ event, delta: [x, y], ctrlKey }) => {
        if (ctrlKey) return;
        event.preventDefault();
        moveBy(-x, -y);
      },
      onPinch: ({ event, delta: [by], origin: [x, y] }) => {
        event.preventDefault();
        const frame = box.current!.getBoundingClientRect();
        const around = { x: x - frame.left - whole.left, y: y - frame.top - whole.top };
        const { view, look } = store.getState();
        look(zoomed(view, Math.exp(by), whole.scale, around));
      },
      onDrag: ({ tap, initial, xy, delta: [x, y], target }) => {
        if (tap || (target as HTMLElement).closest('[role=slider]')) return;
        // from where it was pressed, however late the drag is told from a click
        if (isMeasuring) return stretch(initial, xy);
        moveBy(x, y);
      },
    },
    {
      target: box,
      eventOptions: { passive: false },
      drag: { filterTaps: true, keyboardDisplacement: 0 },
      pinch: { modifierKey: 'ctrlKey' },
    },
  );
}

const MOVE = 40;

/** The keys of the page: arrows step through its pieces, with Shift they move it; while measuring they are the distance's. */
export function useScreenKeys(view: View, pointed: Pointed, onDistance: ((event: KeyboardEvent) => boolean) | null) {
  const store = useViewStore();
  return (event: KeyboardEvent<HTMLDivElement>): void => {
    if (event.target !== event.currentTarget) return;
    if (onDistance?.(event)) return event.preventDefault();
    if (event.key === 'Escape') return pointed.forget();
    const arrow = ARROWS[event.key];
    if (!arrow) return;
    event.preventDefault();
    const [across, down] = arrow as [1 | 0 | -1, 1 | 0 | -1];
    if (event.shiftKey) store.getState().look({ ...view, x: view.x - across * MOVE, y: view.y - down * MOVE });
    else if (down !== 0) pointed.stepDown(down);
    else if (across !== 0) pointed.stepAcross(across);
  };
}
