'use client';

import { measureOf, WIDTH_NAMES } from '../../../core/spec/measure';
import { useState } from 'react';
import { moveBoundary } from '../../../core/breakpoints/breakpoints';
import { baseUnit } from '../../../core/spacing/scale';
import { byWidth, rangeEnd, rangeText, shownWidth } from '../../../core/spec/ranges';
import { useDraft, useMayEdit, useView } from '../../draft/draft-context';
import { BareButton } from '../../parts/bare-button';
import { at, axisOf } from './axis';
import { useSize } from '../../frame/use-size';
import { Handle } from './handle';
import styles from './rail.module.scss';

/** What a flag's number takes up, in px. */
const FLAG_NUMBER = 36;

/** The breakpoint rail: ranges as bands, boundaries and the viewport marker to drag or to move with the arrow keys. */
export function Rail() {
  const mayEdit = useMayEdit();
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const change = useDraft((draft) => draft.change);
  const show = useView((view) => view.show);
  const selectCell = useView((view) => view.selectCell);
  const [track, { width: trackWidth }] = useSize<HTMLDivElement>();
  const [dragged, setDragged] = useState<{ id: string; from: number } | null>(null);

  const axis = axisOf(document);
  const spec = dragged ? moveBoundary(document, dragged.id, dragged.from) : document;
  const breakpoints = byWidth(spec.breakpoints);
  const perPixel = (): number => axis.end / (track.current?.clientWidth ?? axis.end);
  /** Is there room for a flag's number before the next flag? */
  const hasRoom = (flag: number): boolean =>
    breakpoints.every(({ reference: { width: other } }) => {
      const apart = ((other - flag) / axis.end) * trackWidth;
      return other <= flag || apart > FLAG_NUMBER;
    });
  const step = Math.max(1, Math.round(baseUnit(document).valueOf()));

  return (
    <section className={styles.rail} aria-label="Breakpoints">
      <div ref={track} className={styles.track}>
        {breakpoints.map((breakpoint, index) => (
          <BareButton
            key={breakpoint.id}
            className={styles.band}
            data-range={(index % 6) + 1}
            style={{
              insetInlineStart: at(axis, breakpoint.from),
              inlineSize: width(axis.end, breakpoint.from, rangeEnd(spec, breakpoint)),
            }}
            title={`${breakpoint.name}: ${rangeText(spec, breakpoint)}`}
            onClick={() => {
              selectCell(breakpoint.id, 'from');
              show(shownWidth(document, breakpoint));
            }}
          >
            <span>{breakpoint.name}</span>
          </BareButton>
        ))}
        {breakpoints.map(({ id, name, reference }) => (
          <span
            key={id}
            className={styles.flag}
            style={{ insetInlineStart: at(axis, reference.width) }}
            title={`${name} has the design size ${reference.width}`}
          >
            {hasRoom(reference.width) && reference.width}
          </span>
        ))}
        {breakpoints.slice(1).map(({ id, name, from }) => (
          <Handle
            key={id}
            className={styles.boundary!}
            isFixed={!mayEdit}
            label={`${name} starts at`}
            title={mayEdit ? 'Drag to move in base units; hold Alt for single px' : `${name} starts at ${from} px`}
            value={from}
            most={axis.end}
            step={step}
            snap={step}
            inset={at(axis, from)}
            perPixel={perPixel}
            onPreview={(next) => setDragged(next === null ? null : { id, from: next })}
            onCommit={(next) => change(moveBoundary(document, id, next))}
          >
            {dragged?.id === id && <output className={styles.dragged}>{from}</output>}
          </Handle>
        ))}
        <Handle
          className={styles.marker!}
          label={WIDTH_NAMES[measureOf(document)].width}
          value={viewport}
          most={axis.end}
          step={step}
          inset={at(axis, viewport)}
          perPixel={perPixel}
          onPreview={(next) => next !== null && show(next)}
          onCommit={show}
        >
          <output>{viewport}</output>
        </Handle>
      </div>
      <div className={styles.ticks} aria-hidden="true">
        {axis.ticks.map((tick) => (
          <span key={tick} style={{ insetInlineStart: at(axis, tick) }}>
            {tick}
          </span>
        ))}
      </div>
    </section>
  );
}

function width(axisEnd: number, from: number, end: number | null): string {
  return `${((Math.min(end ?? axisEnd, axisEnd) - Math.min(from, axisEnd)) / axisEnd) * 100}%`;
}
