'use client';

import { type KeyboardEvent, useState } from 'react';
import { baselineAt } from '../../../core/baseline/baseline-at';
import type { SolvedColumns } from '../../../core/columns/columns-at';
import { type Px, px } from '../../../core/length/px';
import { rowsAt } from '../../../core/rows/rows-at';
import { snapAcross, snapDown } from '../../../core/rows/snap';
import { baseUnit } from '../../../core/spacing/scale';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { ARROWS } from './arrows';
import type { Measured, Point } from './distance';

/** How near an edge draws a point to itself, in px of the window. */
const REACH = 6;

/** The distance tool: two points, set by dragging or with the keys, drawn to the edges of the grids. */
export function useDistance(spec: Spec, breakpoint: Breakpoint, solved: SolvedColumns, page: number) {
  const [measured, setMeasured] = useState<Measured | null>(null);

  const snapped = (x: number, y: number, scale: number): Point => {
    const reach = px(Math.round((REACH / scale) * 64)).div(64);
    const grids = { rows: rowsAt(spec, breakpoint, page), baseline: baselineAt(spec, breakpoint), page: px(page) };
    return { x: snapAcross(exact(x), solved, reach), y: snapDown(exact(y), grids, reach) };
  };

  const onKeyDown = (event: KeyboardEvent): boolean => {
    const arrow = ARROWS[event.key];
    if (event.key === 'Escape') {
      setMeasured(null);
      return true;
    }
    if (event.key === 'Enter') {
      setMeasured((before) => before && { from: before.to, to: before.to });
      return true;
    }
    if (!arrow) return false;
    const step = event.shiftKey ? baseUnit(spec) : px(1);
    setMeasured((before) => {
      const { from, to } = before ?? { from: ORIGIN, to: ORIGIN };
      return { from, to: { x: moved(to.x, step.mul(arrow[0])), y: moved(to.y, step.mul(arrow[1])) } };
    });
    return true;
  };

  return {
    measured,
    start: (x: number, y: number, scale: number): void => {
      const point = snapped(x, y, scale);
      setMeasured({ from: point, to: point });
    },
    stretch: (x: number, y: number, scale: number): void => {
      const to = snapped(x, y, scale);
      setMeasured((before) => before && { from: before.from, to });
    },
    onKeyDown,
  };
}

const ORIGIN: Point = { x: px(0), y: px(0) };

function moved(at: Px, by: Px): Px {
  const next = at.add(by);
  return next.compare(0) < 0 ? px(0) : next;
}

/** A place under the pointer, to 1/64 px: nobody points finer. */
function exact(at: number): Px {
  return px(Math.round(at * 64)).div(64);
}
