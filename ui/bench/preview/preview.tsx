'use client';

import { useMemo } from 'react';
import { columnsAt } from '../../../core/columns/columns-at';
import { breakpointAt } from '../../../core/spec/ranges';
import { useDraft } from '../../draft/draft-context';
import type { Overlay } from '../../draft/draft-store';
import { GroupMark } from '../sheet/group-mark';
import { OneScreen } from './one-screen';
import { SideBySide } from './side-by-side';
import { SumLine } from './sum-line';
import styles from './preview.module.scss';

const OVERLAYS: { id: Overlay; title: string; key: string }[] = [
  { id: 'columns', title: 'Columns', key: 'c' },
  { id: 'rows', title: 'Rows', key: 'r' },
  { id: 'baseline', title: 'Baseline', key: 'b' },
];

/** The screen at the viewport marker, or every breakpoint at one scale; the sum of its widths under it. */
export function Preview() {
  const document = useDraft((bench) => bench.document);
  const viewport = useDraft((bench) => bench.viewport);
  const overlays = useDraft((bench) => bench.overlays);
  const sideBySide = useDraft((bench) => bench.sideBySide);
  const toggle = useDraft((bench) => bench.toggle);
  const setSideBySide = useDraft((bench) => bench.setSideBySide);
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
          <button
            type="button"
            aria-pressed={sideBySide}
            onClick={() => setSideBySide(!sideBySide)}
            title="All breakpoints side by side (s)"
          >
            All screens
          </button>
        </span>
      </div>
      {sideBySide ? (
        <SideBySide />
      ) : (
        <OneScreen spec={document} breakpoint={breakpoint} solved={solved} overlays={overlays} />
      )}
      <SumLine breakpoint={breakpoint} solved={solved} />
    </section>
  );
}
