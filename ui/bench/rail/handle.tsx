'use client';

import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, type ReactNode, useRef } from 'react';

type Props = {
  className: string;
  label: string;
  value: number;
  most: number;
  /** What Shift+arrow moves by; the arrow alone moves by 1. */
  step: number;
  /** What a drag lands on multiples of, unless Alt is held. */
  snap?: number;
  title?: string;
  inset: string;
  perPixel: () => number;
  /** While dragging; null when the drag was called off. */
  onPreview: (value: number | null) => void;
  onCommit: (value: number) => void;
  /** Stays where it is. */
  isFixed?: boolean;
  children?: ReactNode;
};

/** Something on the rail that is dragged, or moved with the arrow keys. Esc calls a drag off. */
export function Handle(props: Props) {
  const {
    className,
    label,
    value,
    most,
    step,
    snap = 1,
    title,
    inset,
    perPixel,
    onPreview,
    onCommit,
    isFixed = false,
    children,
  } = props;
  const start = useRef(value);
  const bind = useDrag(
    ({ first, last, canceled, tap, altKey, movement: [x] }) => {
      if (first) start.current = value;
      if (tap) return onPreview(null);
      const grain = altKey ? 1 : snap;
      const next = Math.round(Math.min(most, Math.max(0, start.current + x * perPixel())) / grain) * grain;
      if (canceled) return onPreview(null);
      if (!last) return onPreview(next);
      onPreview(null);
      if (next !== start.current) onCommit(next);
    },
    { filterTaps: true, keyboardDisplacement: 0, enabled: !isFixed },
  );

  const onKeyDown = (event: KeyboardEvent): void => {
    const direction = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (isFixed || !direction || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    onCommit(Math.min(most, Math.max(0, value + direction * (event.shiftKey ? step : 1))));
  };

  return (
    <div
      {...bind()}
      className={className}
      style={{ insetInlineStart: inset }}
      title={title}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-disabled={isFixed || undefined}
      aria-valuemin={0}
      aria-valuemax={most}
      aria-valuenow={value}
      aria-valuetext={`${value} px`}
      onKeyDown={onKeyDown}
    >
      {children}
    </div>
  );
}
