import { useMemo, useRef } from 'react';
import { readingOf } from '../../../core/quantities/registry';
import { QUANTITIES } from '../../../core/quantities/registry';
import type { Reading } from '../../../core/quantities/reading';
import { byWidth } from '../../../core/spec/ranges';
import type { Breakpoint, Spec } from '../../../core/spec/schema';

/** A column of the sheet: a breakpoint with its cells, in the order of the quantities. */
export type SheetColumn = { breakpoint: Breakpoint; cells: Reading[] };

/** The columns of the sheet. A breakpoint that an edit did not touch keeps its column as it is. */
export function useColumns(document: Spec): SheetColumn[] {
  const kept = useRef<{ units: string; columns: WeakMap<Breakpoint, SheetColumn> }>({
    units: '',
    columns: new WeakMap(),
  });
  return useMemo(() => {
    const units = `${document.rootFontSize} ${document.pixelsPerInch}`;
    if (kept.current.units !== units) kept.current = { units, columns: new WeakMap() };
    const { columns } = kept.current;
    return byWidth(document.breakpoints).map((breakpoint) => {
      const column = columns.get(breakpoint) ?? columnOf(document, breakpoint);
      columns.set(breakpoint, column);
      return column;
    });
  }, [document]);
}

function columnOf(document: Spec, breakpoint: Breakpoint): SheetColumn {
  return { breakpoint, cells: QUANTITIES.map(({ id }) => readingOf(document, breakpoint, id)) };
}
