'use client';

import { useEffect, useMemo } from 'react';
import type { SolvedColumns } from '../../../core/columns/columns-at';
import { rowsAt } from '../../../core/rows/rows-at';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { useView, useViewStore } from '../../draft/draft-context';
import { Dimensions } from '../../drawing/dimensions';
import { RULER, Rulers } from '../../drawing/rulers';
import { useSize } from '../../frame/use-size';
import { DistanceDrawing, DistanceReadout, type Point } from './distance';
import { Edges } from './edges';
import type { Picture } from './ground/kept-picture';
import { PageFoot } from './page-foot';
import { placedPage } from './placed-page';
import styles from './preview.module.scss';
import { ScreenPage } from './screen-page';
import { useDistance } from './use-distance';
import { usePointed } from './use-pointed';
import { useScreenGestures, useScreenKeys } from './use-screen-gestures';

type Props = { spec: Spec; breakpoint: Breakpoint; solved: SolvedColumns; page: number; picture: Picture | null };

/**
 * One screen to scale, between pixel rulers. Pointing at a piece of it, or stepping through it with the arrow keys, shows
 * its exact edges; it is moved by dragging or scrolling, and zoomed by pinching or with Ctrl.
 */
export function OneScreen({ spec, breakpoint, solved, page, picture }: Props) {
  const store = useViewStore();
  const showsRows = useView((state) => state.overlays.rows);
  const ground = useView((state) => state.ground);
  const isMeasuring = useView((state) => state.isMeasuring);
  const view = useView((state) => state.view);
  const direction = useView((state) => state.direction);
  const [box, { width, height }] = useSize<HTMLDivElement>();
  const distance = useDistance({
    spec,
    breakpoint,
    solved,
    page,
    picture: ground === 'picture' ? picture : null,
    direction,
  });

  const viewport = solved.viewport.valueOf();
  const whole = placedPage({ width, height }, { width: viewport, height: page });
  const scale = view.zoom === 'whole' ? whole.scale : view.zoom;
  const [left, top] = [whole.left + view.x, whole.top + view.y];
  useEffect(() => {
    store.getState().setMiddle({ x: width / 2 - whole.left, y: height / 2 - whole.top, whole: whole.scale });
  }, [store, width, height, whole.left, whole.top, whole.scale]);
  const rows = useMemo(
    () => (showsRows ? rowsAt(spec, breakpoint, page, viewport) : null),
    [showsRows, spec, breakpoint, page, viewport],
  );
  const isRtl = direction === 'rtl';
  /** From the left edge of the page to what is so far from its start, and the other way round. */
  const fromLeft = (x: number): number => (isRtl ? viewport - x : x);
  const own = usePointed(solved, rows, page);
  // the arrows go the way they point
  const pointed = { ...own, stepAcross: (by: 1 | -1) => own.stepAcross(isRtl ? (-by as 1 | -1) : by) };
  const { across, down, forget } = pointed;
  const onPage = ([x, y]: [number, number]): [number, number] => {
    const frame = box.current!.getBoundingClientRect();
    return [fromLeft((x - frame.left - left) / scale), (y - frame.top - top) / scale];
  };
  const stretch = (from: [number, number], to: [number, number]): void =>
    distance.stretch(onPage(from), onPage(to), scale);
  useScreenGestures({ box, whole, isMeasuring, stretch });
  const onKeyDown = useScreenKeys(view, pointed, isMeasuring ? distance.onKeyDown : null);

  const placed = ({ x, y }: Point) => ({ x: left + fromLeft(x.valueOf()) * scale, y: top + y.valueOf() * scale });
  const foot = top + page * scale;
  return (
    <div
      ref={box}
      className={styles.desk}
      data-measuring={isMeasuring || undefined}
      role="application"
      tabIndex={0}
      aria-label={`${breakpoint.name} at ${viewport} px; arrow keys step through margins, columns and gutters, and through rows`}
      onPointerMove={({ buttons, clientX, clientY }) => buttons === 0 && pointed.at(...onPage([clientX, clientY]))}
      onPointerLeave={forget}
      onKeyDown={onKeyDown}
      onBlur={forget}
    >
      {width > 0 && (
        <>
          <ScreenPage
            {...{ spec, breakpoint, solved, page, picture }}
            place={{ left, top, scale }}
            box={{ width, height }}
            pointed={isMeasuring ? null : pointed}
          />
          <svg className={styles.rulers} width={width} height={height} aria-hidden="true">
            <g transform={`translate(${left} 0)`}>
              <Dimensions solved={solved} scale={scale} y={top - 14} direction={direction} />
            </g>
            {distance.measured && isMeasuring && <DistanceDrawing {...distance.measured} place={placed} />}
            <Rulers width={width} height={height} left={left} top={top} scale={scale} />
          </svg>
        </>
      )}
      {width > 0 && foot > RULER && (
        <PageFoot breakpoint={breakpoint} height={page} top={foot} left={left} width={viewport * scale} scale={scale} />
      )}
      {(across || down) && !isMeasuring && (
        <Edges
          across={across}
          down={down}
          x={across ? left + fromLeft((across.start.valueOf() + across.end.valueOf()) / 2) * scale : width / 2}
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
