'use client';

import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, useRef } from 'react';
import { measureOf, WIDTH_NAMES } from '../../core/spec/measure';
import { useDraft, useView } from '../draft/draft-context';
import styles from './layouts.module.scss';

const [NARROWEST, WIDEST] = [240, 3840];
const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -100, PageUp: 100 };

/** The side of a page, by which it is made wider or narrower: the screen, or the container in which the grid stands. */
export function WidthGrip({ scale }: { scale: number }) {
  const measure = useDraft(({ document }) => measureOf(document));
  const viewport = useView((view) => view.viewport);
  const show = useView((view) => view.show);
  const isRtl = useView((view) => view.direction === 'rtl');
  const from = useRef({ width: viewport, scale });
  const to = (width: number): void => show(Math.round(Math.min(WIDEST, Math.max(NARROWEST, width))));
  const bind = useDrag(
    ({ movement: [x], first }) => {
      // the page keeps its middle, and may come to another scale as it grows
      if (first) from.current = { width: viewport, scale };
      to(from.current.width + ((isRtl ? -x : x) / from.current.scale) * 2);
    },
    { axis: 'x', pointer: { keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    to(viewport + step * (event.shiftKey ? 10 : 1));
  };
  return (
    <div
      className={styles.grip}
      role="slider"
      tabIndex={0}
      aria-label={`Width of the ${measure === 'container' ? 'container' : 'page'}`}
      title={`${WIDTH_NAMES[measure].width} width: drag, or use the arrow keys`}
      aria-valuemin={NARROWEST}
      aria-valuemax={WIDEST}
      aria-valuenow={viewport}
      aria-valuetext={`${viewport} px`}
      onKeyDown={onKeyDown}
      {...bind()}
    />
  );
}
