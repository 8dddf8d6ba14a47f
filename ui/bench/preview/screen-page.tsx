'use client';

import { useMemo } from 'react';
import { columnsAt, type SolvedColumns } from '../../../core/columns/columns-at';
import { inkOf } from '../../../core/overlay/inks';
import { baseUnit } from '../../../core/spacing/scale';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { useDraft, useView } from '../../draft/draft-context';
import { ColumnOverlay, Overlays } from '../../drawing/overlays';
import { GroundDrawing } from './ground/ground';
import type { Picture } from './ground/kept-picture';
import { seenPart } from './placed-page';
import styles from './preview.module.scss';
import type { Pointed } from './use-pointed';

type Props = {
  spec: Spec;
  breakpoint: Breakpoint;
  solved: SolvedColumns;
  page: number;
  picture: Picture | null;
  /** Where the page stands in its box, and how large it is drawn. */
  place: { left: number; top: number; scale: number };
  box: { width: number; height: number };
  pointed: Pick<Pointed, 'across' | 'down'> | null;
};

/** The page with what lies on it: ground, overlays, and the piece that is pointed at. */
export function ScreenPage({ spec, breakpoint, solved, page, picture, place, box, pointed }: Props) {
  const overlays = useView((view) => view.overlays);
  const ground = useView((view) => view.ground);
  const direction = useView((view) => view.direction);
  const whole = useDraft((draft) => draft.whole);
  const grid = useDraft((draft) => draft.grid);
  const base = useMemo(() => baseUnit(spec).valueOf(), [spec]);
  const { left, top, scale } = place;
  const viewport = solved.viewport.valueOf();
  const { across, down } = pointed ?? { across: null, down: null };
  return (
    // a layer of its own: moving it draws nothing anew
    <svg
      className={styles.page}
      style={{ transform: `translate(${left}px, ${top}px)` }}
      width={viewport * scale}
      height={page * scale}
      viewBox={`0 0 ${viewport} ${page}`}
      data-page
      aria-hidden="true"
    >
      <GroundDrawing
        direction={direction}
        ground={ground}
        solved={solved}
        height={page}
        step={base}
        picture={picture}
      />
      <g {...(direction === 'rtl' && { transform: `translate(${viewport} 0) scale(-1 1)` })}>
        {grid && overlays.columns && (
          <MainColumns spec={whole} of={breakpoint.id} solved={solved} height={page} scale={scale} />
        )}
        <Overlays
          {...{ spec, breakpoint, solved, scale, id: 'one' }}
          {...seenPart(box, top, scale, page)}
          width={viewport}
          height={page}
          shown={overlays}
        />
        {across && (
          <rect
            x={across.start.valueOf()}
            width={Math.max(0, across.width.valueOf())}
            height={page}
            fill="none"
            stroke="var(--plum)"
            strokeWidth={2 / scale}
          />
        )}
      </g>
      {down && (
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
  );
}

type MainProps = { spec: Spec; of: string; solved: SolvedColumns; height: number; scale: number };

/** The columns of the main grid as outlines, behind those of the grid that is shown. */
function MainColumns({ spec, of, solved, height, scale }: MainProps) {
  const breakpoint = spec.breakpoints.find(({ id }) => id === of);
  if (!breakpoint) return null;
  const main = columnsAt(spec, breakpoint, solved.viewport);
  return <ColumnOverlay solved={main} height={height} scale={scale} ink={inkOf(spec, 'columns')} isOutlined />;
}
