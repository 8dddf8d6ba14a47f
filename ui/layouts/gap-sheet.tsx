'use client';

import { useMemo } from 'react';
import { gapTable } from '../../core/layouts/gap-kinds';
import { betweenCells } from '../../core/quantities/layouts/between-cells';
import { gapCells } from '../../core/quantities/layouts/gap-cells';
import { byWidth } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { CellSheet } from '../draft/cells/cell-sheet';
import { useDraft } from '../draft/draft-context';
import styles from './layouts.module.scss';

/** White space: between the sections of a layout as one number, then by kind of gap, over all layouts. Breakpoints across. */
export function GapSheet({ layout, breakpoint }: { layout: Layout; breakpoint: Breakpoint }) {
  const document = useDraft((draft) => draft.document);
  const rows = useMemo(() => [...betweenCells(layout), ...gapCells(document)], [document, layout]);
  const table = useMemo(() => gapTable(document), [document]);
  if (rows.length === 0) return null;
  return (
    <section className={styles.sheet} aria-label="White space by gap">
      <h2>White space</h2>
      <CellSheet
        label="White space by gap"
        rows={rows}
        breakpoints={byWidth(document.breakpoints)}
        shown={breakpoint.id}
        head="Between"
        labels={styles.labels}
        isMarked={(kind, id) => table.at(kind, id).length > 1}
      />
    </section>
  );
}
