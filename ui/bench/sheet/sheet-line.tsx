'use client';

import { useState } from 'react';
import type { QuantityId } from '../../../core/quantities/registry';
import { explain, explanationLine } from '../../../core/columns/explain';
import type { Explanation } from '../../../core/columns/explanation';
import { type ColumnQuantity, FOLLOWING_QUANTITIES } from '../../../core/columns/let-follow';
import { numeral } from '../../../core/length/present';
import { QUANTITIES, rowOf } from '../../../core/quantities/registry';
import { useDraft, useTogether, useView } from '../../draft/draft-context';
import { waitingAt } from '../../draft/together/together-store';
import { WaitingLine } from '../../draft/together/waiting-line';
import { Fractions } from '../../drawing/numeral';
import styles from '../../frame/grid/grid.module.scss';
import { Button } from '../../parts/button';

/** The line under the sheet: what the selected cell takes; what is wrong with what it was given stands at the cell. */
export function SheetLine({ message }: { message: string | null }) {
  const selected = useView((view) => view.selected);
  const document = useDraft((draft) => draft.document);
  const quantity = QUANTITIES[rowOf(selected.quantity)]!;
  const breakpoint = document.breakpoints.find(({ id }) => id === selected.breakpoint);
  const waiting = useTogether((together) => together.waiting);
  const waits = breakpoint ? waitingAt(waiting, quantity.address(breakpoint)) : null;
  const explained =
    breakpoint && isColumnQuantity(quantity.id)
      ? explain(document, breakpoint, quantity.id, breakpoint.reference.width, numeral)
      : null;
  return (
    <p id="sheet-says" className={styles.line} data-problem={waits !== null || undefined} role="status">
      {message ?? (waits && <WaitingLine waiting={waits} />) ?? (
        <>
          <strong>{quantity.label}</strong> {explained ? <Explained line={explained} /> : quantity.hint}
        </>
      )}
    </p>
  );
}

function isColumnQuantity(cell: QuantityId): cell is ColumnQuantity {
  return (FOLLOWING_QUANTITIES as readonly string[]).includes(cell);
}

/** Where a followed value comes from: formula, numbers, result, in one line that can be copied. */
function Explained({ line: explanation }: { line: Explanation }) {
  const line = explanationLine(explanation);
  const [copied, setCopied] = useState('');
  return (
    <>
      <span className="number">
        <Fractions text={line} />
      </span>{' '}
      <Button
        look="quiet"
        onClick={() =>
          void navigator.clipboard.writeText(line).then(
            () => setCopied(line),
            () => setCopied(''),
          )
        }
      >
        {copied === line ? 'Copied' : 'Copy'}
      </Button>
    </>
  );
}
