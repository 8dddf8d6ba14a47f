'use client';

import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, useRef } from 'react';
import { baseUnit } from '../../../core/spacing/scale';
import type { Breakpoint } from '../../../core/spec/schema';
import { useDraft, useView } from '../../draft/draft-context';
import styles from './preview.module.scss';

type Props = { breakpoint: Breakpoint; height: number; top: number; left: number; width: number; scale: number };

const MOST = 100_000;

/** The foot of the page: dragged, or moved with the arrow keys, it makes the page longer or shorter. */
export function PageFoot({ breakpoint: { id }, height, top, left, width, scale }: Props) {
  const document = useDraft((draft) => draft.document);
  const setPageHeight = useView((view) => view.setPageHeight);
  const start = useRef(height);
  const put = (wanted: number): void => setPageHeight(id, Math.min(MOST, Math.max(1, Math.round(wanted))));
  const bind = useDrag(
    ({ first, movement: [, y], event }) => {
      event.stopPropagation();
      if (first) start.current = height;
      put(start.current + y / scale);
    },
    { keyboardDisplacement: 0, filterTaps: true },
  );

  const onKeyDown = (event: KeyboardEvent): void => {
    const direction = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.stopPropagation();
      return setPageHeight(id, null);
    }
    if (!direction) return;
    event.preventDefault();
    event.stopPropagation();
    put(height + direction * (event.shiftKey ? baseUnit(document).valueOf() : 1));
  };

  return (
    <div
      {...bind()}
      className={styles.foot}
      style={{ insetBlockStart: top, insetInlineStart: left, inlineSize: width }}
      role="slider"
      aria-orientation="vertical"
      tabIndex={0}
      aria-label="Bottom edge of the page"
      aria-valuemin={1}
      aria-valuemax={MOST}
      aria-valuenow={height}
      aria-valuetext={`${height} px`}
      title="Drag to change the page height"
      onKeyDown={onKeyDown}
    >
      <span className="number">{height}</span>
    </div>
  );
}
