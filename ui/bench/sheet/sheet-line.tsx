'use client';

import { byWidth } from '../../../core/spec/ranges';
import { QUANTITIES } from '../../../core/sheet/quantities';
import { useDraft } from '../../draft/draft-context';
import { cellKey } from './use-sheet-keys';
import styles from './sheet.module.scss';

/** The line under the sheet: what the selected cell takes, or what was wrong with what it was given. */
export function SheetLine({ message }: { message: string | null }) {
  const selected = useDraft((bench) => bench.selected);
  const breakpoints = useDraft((bench) => bench.document.breakpoints);
  const refused = useDraft((bench) => bench.refused);
  const quantity = QUANTITIES[selected.row]!;
  const breakpoint = byWidth(breakpoints)[selected.column];
  const problem = breakpoint ? refused[cellKey(breakpoint.id, quantity.id)]?.problem : undefined;
  return (
    <p id="sheet-says" className={styles.line} data-problem={problem !== undefined || undefined} role="status">
      {problem ?? message ?? (
        <>
          <strong>{quantity.label}</strong> {quantity.hint}
        </>
      )}
    </p>
  );
}
