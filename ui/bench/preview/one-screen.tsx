'use client';

import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import { type SolvedColumns, type SumSegment, widthSegments } from '../../../core/columns/columns-at';
import { decimal, numeral } from '../../../core/length/present';
import { isWhole } from '../../../core/length/px';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { Fractions } from '../../drawing/numeral';
import { Dimensions } from '../../drawing/dimensions';
import { BaselineOverlay, ColumnOverlay, RowOverlay } from '../../drawing/overlays';
import type { Overlay } from '../../draft/draft-store';
import { useSize } from './use-size';
import styles from './preview.module.scss';

type Props = { spec: Spec; breakpoint: Breakpoint; solved: SolvedColumns; overlays: Record<Overlay, boolean> };

const SPACE = { side: 34, top: 40, bottom: 18 };

/** One screen to scale. Pointing at a piece of it, or stepping through it with the arrow keys, shows its exact edges. */
export function OneScreen({ spec, breakpoint, solved, overlays }: Props) {
  const [box, { width, height }] = useSize<HTMLDivElement>();
  const [pointed, setPointed] = useState<number | null>(null);
  const viewport = solved.viewport.valueOf();
  const screen = breakpoint.reference.height;
  const scale = Math.max(
    0.01,
    Math.min(
      (width - SPACE.side * 2) / viewport,
      (height - SPACE.top - SPACE.bottom) / Math.min(screen, viewport * 0.75),
    ),
  );
  const left = Math.max(SPACE.side, (width - viewport * scale) / 2);
  const shownHeight = Math.min(screen, Math.max(0, (height - SPACE.top) / scale));
  const segments = widthSegments(solved);
  const segment = pointed === null ? null : segments[pointed];

  const onPointerMove = (event: PointerEvent<HTMLDivElement>): void => {
    const at = (event.clientX - event.currentTarget.getBoundingClientRect().left - left) / scale;
    const index = segments.findIndex(({ start, end }) => start.valueOf() <= at && at < end.valueOf());
    setPointed(index < 0 ? null : index);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const direction = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (event.key === 'Escape') return setPointed(null);
    if (!direction) return;
    event.preventDefault();
    setPointed((index) =>
      index === null
        ? direction === 1
          ? 0
          : segments.length - 1
        : (index + direction + segments.length) % segments.length,
    );
  };

  return (
    <div
      ref={box}
      className={styles.desk}
      role="application"
      tabIndex={0}
      aria-label={`${breakpoint.name} at ${viewport} px; arrow keys step through margins, columns and gutters`}
      onPointerMove={onPointerMove}
      onPointerLeave={() => setPointed(null)}
      onKeyDown={onKeyDown}
      onBlur={() => setPointed(null)}
    >
      {width > 0 && (
        <svg width={width} height={height} aria-hidden="true">
          <g transform={`translate(${left} 0)`}>
            <Dimensions solved={solved} scale={scale} y={22} />
          </g>
          <g transform={`translate(${left} ${SPACE.top}) scale(${scale})`}>
            <rect
              width={viewport}
              height={shownHeight}
              fill="var(--paper)"
              stroke="var(--line)"
              strokeWidth={1 / scale}
            />
            <svg width={viewport} height={shownHeight} viewBox={`0 0 ${viewport} ${shownHeight}`}>
              {overlays.columns && <ColumnOverlay solved={solved} height={shownHeight} />}
              {overlays.rows && (
                <RowOverlay spec={spec} breakpoint={breakpoint} width={viewport} height={shownHeight} id="one" />
              )}
              {overlays.baseline && (
                <BaselineOverlay spec={spec} breakpoint={breakpoint} width={viewport} height={shownHeight} id="one" />
              )}
              {segment && (
                <rect
                  x={segment.start.valueOf()}
                  width={Math.max(0, segment.width.valueOf())}
                  height={shownHeight}
                  fill="none"
                  stroke="var(--plum)"
                  strokeWidth={2 / scale}
                />
              )}
            </svg>
          </g>
        </svg>
      )}
      {segment && (
        <Edges
          segment={segment}
          x={left + ((segment.start.valueOf() + segment.end.valueOf()) / 2) * scale}
          most={width}
        />
      )}
    </div>
  );
}

/** `column 4: 74` and its edges. */
function Edges({ segment, x, most }: { segment: SumSegment; x: number; most: number }) {
  const { part, number, start, end, width } = segment;
  const name =
    part === 'margin'
      ? number === 1
        ? 'start margin'
        : 'end margin'
      : part === 'inset'
        ? 'half gutter outside'
        : `${part} ${number}`;
  return (
    <div className={styles.edges} style={{ insetInlineStart: Math.min(Math.max(x, 80), most - 80) }} role="status">
      <strong>
        <Fractions text={`${name}: ${numeral(width)}`} />
      </strong>
      <br />
      <Fractions text={`${numeral(start)} → ${numeral(end)}`} />
      {!isWhole(start) || !isWhole(end) ? (
        <>
          <br />
          <span>
            {decimal(start)} → {decimal(end)}
          </span>
        </>
      ) : null}
    </div>
  );
}
