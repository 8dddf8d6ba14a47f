'use client';

import { useMemo } from 'react';
import { columnsAt } from '../../../core/columns/columns-at';
import { breakpointAt } from '../../../core/spec/ranges';
import { useDraft } from '../../draft/draft-context';
import type { Overlay } from '../../draft/draft-store';
import { GroupMark } from '../sheet/group-mark';
import { OneScreen } from './one-screen';
import { SideBySide } from './side-by-side';
import { SpanTable } from './span-table';
import { SumLine } from './sum-line';
import styles from './preview.module.scss';

const OVERLAYS: { id: Overlay; title: string; key: string }[] = [
  { id: 'columns', title: 'Columns', key: 'c' },
  { id: 'rows', title: 'Rows', key: 'r' },
  { id: 'baseline', title: 'Baseline', key: 'b' },
];

const WAYS = [
  { way: 'spans', title: 'Spans', key: 'w', says: 'Widths of 1 column, 2 columns and so on' },
  { way: 'all', title: 'All screens', key: 's', says: 'All breakpoints side by side' },
] as const;

/** The screen at the viewport marker, or every breakpoint at one scale; the sum of its widths under it. */
export function Preview() {
  const document = useDraft((bench) => bench.document);
  const viewport = useDraft((bench) => bench.viewport);
  const overlays = useDraft((bench) => bench.overlays);
  const previewed = useDraft((bench) => bench.previewed);
  const toggle = useDraft((bench) => bench.toggle);
  const showAs = useDraft((bench) => bench.showAs);
  const breakpoint = breakpointAt(document, viewport);
  const solved = useMemo(() => columnsAt(document, breakpoint, viewport), [document, breakpoint, viewport]);

  return (
    <section className={styles.panel} aria-label="Preview">
      <div className={styles.head}>
        <span>
          Viewport{' '}
          <strong className="number">
            {viewport} × {breakpoint.reference.height}
          </strong>
        </span>
        <span className="soft">{breakpoint.name}</span>
        <span className={styles.toggles}>
          {OVERLAYS.map(({ id, title, key }) => (
            <button
              key={id}
              type="button"
              aria-pressed={overlays[id]}
              onClick={() => toggle(id)}
              title={`${title} on or off (${key})`}
            >
              <GroupMark group={id} /> {title}
            </button>
          ))}
          {WAYS.map(({ way, title, key, says }) => (
            <button
              key={way}
              type="button"
              aria-pressed={previewed === way}
              onClick={() => showAs(way)}
              title={`${says} (${key})`}
            >
              {title}
            </button>
          ))}
        </span>
      </div>
      {previewed === 'all' && <SideBySide />}
      {previewed === 'spans' && <SpanTable name={breakpoint.name} solved={solved} />}
      {previewed === 'screen' && (
        <OneScreen spec={document} breakpoint={breakpoint} solved={solved} overlays={overlays} />
      )}
      <SumLine breakpoint={breakpoint} solved={solved} />
    </section>
  );
}
