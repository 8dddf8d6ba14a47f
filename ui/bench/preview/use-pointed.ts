'use client';

import { useMemo, useState } from 'react';
import { type SolvedColumns, type SumSegment, widthSegments } from '../../../core/columns/columns-at';
import { px } from '../../../core/length/px';
import { type HeightSegment, heightSegmentAt, nextHeightSegment } from '../../../core/rows/height-segments';
import type { SolvedRows } from '../../../core/rows/rows-at';

export type Pointed = {
  /** The margin, column or gutter that is pointed at. */
  across: SumSegment | null;
  /** The row or gap. */
  down: HeightSegment | null;
  at: (x: number, y: number) => void;
  stepAcross: (by: 1 | -1) => void;
  stepDown: (by: 1 | -1) => void;
  forget: () => void;
};

/** The piece of a page that is pointed at, or that the arrow keys have come to. */
export function usePointed(solved: SolvedColumns, rows: SolvedRows | null, page: number): Pointed {
  const [index, setIndex] = useState<number | null>(null);
  const [down, setDown] = useState<HeightSegment | null>(null);
  const segments = useMemo(() => widthSegments(solved), [solved]);
  return {
    across: index === null ? null : (segments[index] ?? null),
    down,
    at: (x, y) => {
      const found = segments.findIndex(({ start, end }) => start.valueOf() <= x && x < end.valueOf());
      setIndex(found < 0 || y < 0 || y > page ? null : found);
      // a browser points at 64ths of a px
      setDown(rows && found >= 0 ? heightSegmentAt(rows, px(page), px(Math.floor(y * 64)).div(64)) : null);
    },
    stepAcross: (by) => {
      const from = index ?? (by > 0 ? -1 : segments.length);
      setIndex((from + by + segments.length) % segments.length);
    },
    stepDown: (by) => rows && setDown((before) => nextHeightSegment(rows, px(page), before, by)),
    forget: () => {
      setIndex(null);
      setDown(null);
    },
  };
}
