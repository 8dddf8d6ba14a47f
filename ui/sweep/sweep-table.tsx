'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import { byWidth } from '../../core/spec/ranges';
import { columnIsWhole, RATIOS, type Sweep } from '../../core/sweep/sweep';
import { useDraft, useView } from '../draft/draft-context';
import styles from './sweep.module.scss';

const HEAD = [
  'Viewport',
  'Breakpoint',
  'Columns',
  'Column',
  'Gutter',
  'Start margin',
  'End margin',
  'Container',
  'Whole at',
];
const ROW_HEIGHT = 24;

/** The same as a table: a row for each width; only the rows in view are drawn. */
export function SweepTable({ sweep }: { sweep: Sweep }) {
  const breakpoints = useDraft((draft) =>
    byWidth(draft.document.breakpoints)
      .map(({ name }) => name)
      .join('\n'),
  ).split('\n');
  const show = useView((view) => view.show);
  const scroller = useRef<HTMLDivElement>(null);
  const count = sweep.to - sweep.from + 1;
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 10,
  });
  return (
    <div className={styles.table} role="table" aria-label="Every width" aria-rowcount={count + 1}>
      <div role="rowgroup">
        <div className={styles.tableHead} role="row" aria-rowindex={1}>
          {HEAD.map((name) => (
            <div key={name} role="columnheader">
              {name}
            </div>
          ))}
        </div>
      </div>
      <div ref={scroller} className={styles.tableBody} role="rowgroup" tabIndex={0} aria-label="Every width, scrolled">
        <div style={{ blockSize: virtual.getTotalSize(), position: 'relative' }} role="presentation">
          {virtual.getVirtualItems().map(({ index, start, size }) => (
            <div
              key={index}
              className={styles.tableRow}
              role="row"
              aria-rowindex={index + 2}
              style={{ blockSize: size, translate: `0 ${start}px` }}
              onPointerEnter={() => show(sweep.from + index)}
            >
              {cells(sweep, index, breakpoints).map((text, place) => (
                <div key={place} role="cell" className="number">
                  {text}
                </div>
              ))}
            </div>
          ))}
        </div>
      </div>
    </div>
  );
}

function cells(sweep: Sweep, index: number, breakpoints: string[]): string[] {
  const px = (length: number): string => String(Number(length.toFixed(3)));
  const ratios = RATIOS.filter((_, ratio) => columnIsWhole(sweep, index, ratio)).map(({ name }) => name);
  return [
    String(sweep.from + index),
    breakpoints[sweep.breakpoint[index]!] ?? '',
    String(sweep.count[index]),
    ...[sweep.column, sweep.gutter, sweep.marginStart, sweep.marginEnd, sweep.container].map((part) =>
      px(part[index]!),
    ),
    ratios.join(' ') || '–',
  ];
}
