'use client';

import { useMemo } from 'react';
import { columnsAt } from '../../core/columns/columns-at';
import { specOfSection } from '../../core/layouts/section-grid';
import type { SolvedLayout } from '../../core/layouts/solve-layout';
import type { Direction } from '../../core/length/direction';
import { inksOf } from '../../core/overlay/inks';
import type { Breakpoint, Layout, Spec } from '../../core/spec/schema';
import { useView } from '../draft/draft-context';
import { Overlays } from '../drawing/overlays';
import { CardOverlays } from './card-overlays';
import { GapBands } from './gap-bands';
import styles from './layouts.module.scss';
import { SectionColumns } from './section-columns';

type Props = {
  spec: Spec;
  layout: Layout;
  shown: SolvedLayout;
  breakpoint: Breakpoint;
  viewport: number;
  height: number;
  scale: number;
  direction: Direction;
  /** The section whose white space is shown; strongly, while a block in it is held. */
  section: string | null;
  isStrong: boolean;
};

/** What lies over the page as it is built: the grids that are on, where sections meet, white space. */
export function PageOverlays({ spec, layout, shown, breakpoint, viewport, height, scale, direction, ...gaps }: Props) {
  const overlays = useView((view) => view.overlays);
  const columns = useMemo(() => columnsAt(spec, breakpoint, viewport), [spec, breakpoint, viewport]);
  const inks = useMemo(() => inksOf(spec), [spec]);
  const hasOwnGrids = layout.sections.some((section) => specOfSection(spec, section) !== spec);
  return (
    <svg width={viewport * scale} height={height * scale} viewBox={`0 0 ${viewport} ${height}`} aria-hidden="true">
      <g {...(direction === 'rtl' && { transform: `translate(${viewport} 0) scale(-1 1)` })}>
        <Overlays
          {...{ spec, breakpoint, solved: columns, scale, id: `page-${breakpoint.id}` }}
          width={viewport}
          height={height}
          shown={hasOwnGrids ? { ...overlays, columns: false } : overlays}
        />
        {overlays.columns && hasOwnGrids && (
          <SectionColumns {...{ spec, layout, breakpoint, viewport, height, scale }} sections={shown.sections} />
        )}
        <CardOverlays blocks={shown.blocks} shown={overlays} inks={inks} />
      </g>
      {shown.sections.map(({ id, top }) => {
        const section = layout.sections.find((each) => each.id === id);
        return section?.blocks.length === 0 ? (
          <text
            key={id}
            className={styles.emptySection}
            x={12 / scale}
            y={top.valueOf() + 16 / scale}
            fontSize={12 / scale}
          >
            {section.name}: empty. Add a block to it.
          </text>
        ) : null;
      })}
      {shown.sections.slice(1).map(({ id, top }) => (
        <path key={id} d={`M0 ${top.valueOf()}h${viewport}`} className={styles.seam} strokeWidth={1 / scale} />
      ))}
      {gaps.section !== null && <GapBands solved={shown} scale={scale} {...gaps} />}
    </svg>
  );
}
