'use client';

import { useState } from 'react';
import { breakpointAt, byWidth, shownWidth } from '../../core/spec/ranges';
import { GridChoice } from '../bench/grids/grid-choice';
import { GridScope } from '../draft/grid-scope';
import { useDraft, useView } from '../draft/draft-context';
import { Choice } from '../parts/choice';
import { ViewFrame } from '../frame/view-frame';
import { CompareCounts } from './compare-counts';
import { FindGrids } from './find-grids';
import { Select } from '../parts/select';

const PARTS = [
  { value: 'find', title: 'Whole grids' },
  { value: 'compare', title: 'Compare counts' },
] as const;

type Part = (typeof PARTS)[number]['value'];

/** Whole-pixel grids under the designer's conditions, and counts held against each other. */
export function Finder() {
  return (
    <GridScope>
      <FinderOfGrid />
    </GridScope>
  );
}

function FinderOfGrid() {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const show = useView((view) => view.show);
  const [part, setPart] = useState<Part>('find');
  const breakpoint = breakpointAt(document, viewport);
  const grid = useDraft((draft) => draft.grid);
  // what was asked of one grid is not asked of another
  const key = `${breakpoint.id} ${grid?.id ?? ''}`;
  return (
    <ViewFrame
      view="finder"
      head={
        <>
          <GridChoice />
          <Choice label="Find" options={PARTS} value={part} onChange={setPart} />
          <label>
            for{' '}
            <Select
              aria-label="Breakpoint"
              value={breakpoint.id}
              onChange={(event) =>
                show(
                  shownWidth(
                    document,
                    document.breakpoints.find(({ id }) => id === event.target.value)!,
                  ),
                )
              }
            >
              {byWidth(document.breakpoints).map(({ id, name, reference }) => (
                <option key={id} value={id}>
                  {name}, {reference.width} × {reference.height}
                </option>
              ))}
            </Select>
          </label>
        </>
      }
    >
      {part === 'find' ? (
        <FindGrids key={key} breakpoint={breakpoint} />
      ) : (
        <CompareCounts key={key} breakpoint={breakpoint} />
      )}
    </ViewFrame>
  );
}
