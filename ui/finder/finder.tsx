'use client';

import { useState } from 'react';
import { byWidth, breakpointAt } from '../../core/spec/ranges';
import { useDraft } from '../draft/draft-context';
import { CompareCounts } from './compare-counts';
import { FindGrids } from './find-grids';
import styles from './finder.module.scss';

type Part = 'find' | 'compare';

/** Whole-pixel grids under the designer's conditions, and counts held against each other. */
export function Finder() {
  const document = useDraft((draft) => draft.document);
  const viewport = useDraft((draft) => draft.viewport);
  const show = useDraft((draft) => draft.show);
  const [part, setPart] = useState<Part>('find');
  const breakpoint = breakpointAt(document, viewport);
  return (
    <main className={styles.finder}>
      <div className={styles.head}>
        <div className={styles.tabs} role="group" aria-label="What to look for">
          <button type="button" aria-pressed={part === 'find'} onClick={() => setPart('find')}>
            Whole grids
          </button>
          <button type="button" aria-pressed={part === 'compare'} onClick={() => setPart('compare')}>
            Counts against each other
          </button>
        </div>
        <label>
          for{' '}
          <select
            className="form-select"
            value={breakpoint.id}
            onChange={(event) =>
              show(document.breakpoints.find(({ id }) => id === event.target.value)!.reference.width)
            }
          >
            {byWidth(document.breakpoints).map(({ id, name, reference }) => (
              <option key={id} value={id}>
                {name}, {reference.width} × {reference.height}
              </option>
            ))}
          </select>
        </label>
      </div>
      {part === 'find' ? (
        <FindGrids key={breakpoint.id} breakpoint={breakpoint} />
      ) : (
        <CompareCounts key={breakpoint.id} breakpoint={breakpoint} />
      )}
    </main>
  );
}
