'use client';

import { useMemo } from 'react';
import { gapTable } from '../../core/layouts/gap-kinds';
import { gapCells } from '../../core/quantities/layouts/gap-cells';
import { byWidth } from '../../core/spec/ranges';
import type { Breakpoint } from '../../core/spec/schema';
import { CellSheet } from '../draft/cells/cell-sheet';
import { useDraft } from '../draft/draft-context';
import styles from './layouts.module.scss';

/** White space by kind of gap, over all layouts: kinds down, breakpoints across. */
export function GapSheet({ breakpoint }: { breakpoint: Breakpoint }) {
  const document = useDraft((draft) => draft.document);
  const rows = useMemo(() => gapCells(document), [document]);
  const table = useMemo(() => gapTable(document), [document]);
  if (rows.length === 0) return null;
  return (
    <section className={styles.sheet} aria-label="White space by gap">
      <h2>White space, in rows</h2>
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
