'use client';

import { useGesture } from '@use-gesture/react';
import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useState } from 'react';
import { type SolvedColumns, widthSegments } from '../../../core/columns/columns-at';
import { px } from '../../../core/length/px';
import { inksOf } from '../../../core/overlay/inks';
import { type HeightSegment, heightSegmentAt, nextHeightSegment } from '../../../core/rows/height-segments';
import { rowsAt } from '../../../core/rows/rows-at';
import { baseUnit } from '../../../core/spacing/scale';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { Dimensions } from '../../drawing/dimensions';
import { Overlays } from '../../drawing/overlays';
import { RULER, Rulers } from '../../drawing/rulers';
import { useDraft, useDraftStore } from '../../draft/draft-context';
import { zoomed } from '../../draft/zoomed';
import { ARROWS } from './arrows';
import { DistanceDrawing, DistanceReadout, type Point } from './distance';
import { Edges } from './edges';
import { GroundDrawing } from './ground/ground';
import type { Picture } from './ground/kept-picture';
import { PageFoot } from './page-foot';
import { placedPage, seenPart } from './placed-page';
import { useDistance } from './use-distance';
import { useSize } from '../../frame/use-size';
import styles from './preview.module.scss';

type Props = { spec: Spec; breakpoint: Breakpoint; solved: SolvedColumns; page: number; picture: Picture | null };

const MOVE = 40;

/**
 * One screen to scale, between pixel rulers. Pointing at a piece of it, or stepping through it with the arrow keys, shows
 * its exact edges; it is moved by dragging or scrolling, and zoomed by pinching or with Ctrl.
 */
export function OneScreen({ spec, breakpoint, solved, page, picture }: Props) {
  const store = useDraftStore();
  const overlays = useDraft((bench) => bench.overlays);
  const ground = useDraft((bench) => bench.ground);
  const isMeasuring = useDraft((bench) => bench.isMeasuring);
  const view = useDraft((bench) => bench.view);
  const [box, { width, height }] = useSize<HTMLDivElement>();
  const [across, setAcross] = useState<number | null>(null);
  const [down, setDown] = useState<HeightSegment | null>(null);
  const distance = useDistance({ spec, breakpoint, solved, page, picture: ground === 'picture' ? picture : null });

  const viewport = solved.viewport.valueOf();
  const whole = placedPage({ width, height }, { width: viewport, height: page });
  const scale = view.zoom === 'whole' ? whole.scale : view.zoom;
  const [left, top] = [whole.left + view.x, whole.top + view.y];
  useEffect(() => {
    store.getState().setMiddle({ x: width / 2 - whole.left, y: height / 2 - whole.top, whole: whole.scale });
  }, [store, width, height, whole.left, whole.top, whole.scale]);
  const segments = useMemo(() => widthSegments(solved), [solved]);
  const inks = useMemo(() => inksOf(spec), [spec]);
  const base = useMemo(() => baseUnit(spec).valueOf(), [spec]);
  const segment = across === null ? null : segments[across];
  const rows = useMemo(
    () => (overlays.rows ? rowsAt(spec, breakpoint, page, viewport) : null),
    [overlays.rows, spec, breakpoint, page, viewport],
  );
  const onPage = (clientX: number, clientY: number): [number, number] => {
    const frame = box.current!.getBoundingClientRect();
    return [(clientX - frame.left - left) / scale, (clientY - frame.top - top) / scale];
  };

  useGesture(
    {
      onWheel: ({ event, delta: [x, y], ctrlKey }) => {
        if (ctrlKey) return;
        event.preventDefault();
        const { view: now, look } = store.getState();
        look({ ...now, x: now.x - x, y: now.y - y });
      },
      onPinch: ({ event, delta: [by], origin: [x, y] }) => {
        event.preventDefault();
        const frame = box.current!.getBoundingClientRect();
        const around = { x: x - frame.left - whole.left, y: y - frame.top - whole.top };
        const { view: now, look } = store.getState();
        look(zoomed(now, Math.exp(by), whole.scale, around));
      },
      onDrag: ({ tap, initial, xy, delta: [x, y], target }) => {
        if (tap || (target as HTMLElement).closest('[role=slider]')) return;
        // from where it was pressed, however late the drag is told from a click
        if (isMeasuring) return distance.stretch(onPage(...initial), onPage(...xy), scale);
        const { view: now, look } = store.getState();
        look({ ...now, x: now.x + x, y: now.y + y });
      },
    },
    {
      target: box,
      eventOptions: { passive: false },
      drag: { filterTaps: true, keyboardDisplacement: 0 },
      pinch: { modifierKey: 'ctrlKey' },
    },
  );

  const onPointerMove = (event: PointerEvent<HTMLDivElement>): void => {
    if (event.buttons !== 0) return;
    const [x, y] = onPage(event.clientX, event.clientY);
    const index = segments.findIndex(({ start, end }) => start.valueOf() <= x && x < end.valueOf());
    setAcross(index < 0 || y < 0 || y > page ? null : index);
    setDown(rows && index >= 0 ? heightSegmentAt(rows, px(page), px(Math.floor(y * 64)).div(64)) : null);
  };
  const forget = (): void => {
    setAcross(null);
    setDown(null);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLDivElement>): void => {
    if (event.target !== event.currentTarget) return;
    const arrow = ARROWS[event.key];
    if (isMeasuring && distance.onKeyDown(event)) return event.preventDefault();
    if (event.key === 'Escape') return forget();
    if (!arrow) return;
    event.preventDefault();
    if (event.shiftKey) {
      return store.getState().look({ ...view, x: view.x - arrow[0] * MOVE, y: view.y - arrow[1] * MOVE });
    }
    if (arrow[1] !== 0) {
      if (rows) setDown((before) => nextHeightSegment(rows, px(page), before, arrow[1] as 1 | -1));
      return;
    }
    const from = across ?? (arrow[0] > 0 ? -1 : segments.length);
    setAcross((from + arrow[0] + segments.length) % segments.length);
  };

  const place = ({ x, y }: Point) => ({ x: left + x.valueOf() * scale, y: top + y.valueOf() * scale });
  return (
    <div
      ref={box}
      className={styles.desk}
      data-measuring={isMeasuring || undefined}
      role="application"
      tabIndex={0}
      aria-label={`${breakpoint.name} at ${viewport} px; arrow keys step through margins, columns and gutters, and through rows`}
      onPointerMove={onPointerMove}
      onPointerLeave={forget}
      onKeyDown={onKeyDown}
      onBlur={forget}
    >
      {width > 0 && (
        <>
          {/* a layer of its own: moving it draws nothing anew */}
          <svg
            className={styles.page}
            style={{ transform: `translate(${left}px, ${top}px)` }}
            width={viewport * scale}
            height={page * scale}
            viewBox={`0 0 ${viewport} ${page}`}
            data-page
            aria-hidden="true"
          >
            <GroundDrawing ground={ground} solved={solved} height={page} step={base} picture={picture} />
            <Overlays
              {...{ spec, breakpoint, solved, scale, id: 'one' }}
              {...seenPart({ width, height }, top, scale, page)}
              width={viewport}
              height={page}
              shown={overlays}
              inks={inks}
            />
            {segment && !isMeasuring && (
              <rect
                x={segment.start.valueOf()}
                width={Math.max(0, segment.width.valueOf())}
                height={page}
                fill="none"
                stroke="var(--plum)"
                strokeWidth={2 / scale}
              />
            )}
            {down && !isMeasuring && (
              <rect
                y={down.start.valueOf()}
                width={viewport}
                height={Math.max(0, down.end.sub(down.start).valueOf())}
                fill="none"
                stroke="var(--amber)"
                strokeWidth={1.5 / scale}
              />
            )}
            <rect width={viewport} height={page} fill="none" stroke="var(--line)" strokeWidth={1 / scale} />
          </svg>
          <svg className={styles.rulers} width={width} height={height} aria-hidden="true">
            <g transform={`translate(${left} 0)`}>
              <Dimensions solved={solved} scale={scale} y={top - 14} />
            </g>
            {distance.measured && isMeasuring && <DistanceDrawing {...distance.measured} place={place} />}
            <Rulers width={width} height={height} left={left} top={top} scale={scale} />
          </svg>
        </>
      )}
      {width > 0 && top + page * scale > RULER && (
        <PageFoot
          breakpoint={breakpoint}
          height={page}
          top={top + page * scale}
          left={left}
          width={viewport * scale}
          scale={scale}
        />
      )}
      {(segment || down) && !isMeasuring && (
        <Edges
          across={segment ?? null}
          down={down}
          x={segment ? left + ((segment.start.valueOf() + segment.end.valueOf()) / 2) * scale : width / 2}
          most={width}
        />
      )}
      {isMeasuring &&
        (distance.measured ? (
          <DistanceReadout {...{ spec, breakpoint, solved, page }} {...distance.measured} />
        ) : (
          <p className={styles.distance}>Drag from one edge to another, or use the arrow keys.</p>
        ))}
    </div>
  );
}
