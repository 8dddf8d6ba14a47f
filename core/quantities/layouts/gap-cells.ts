import { gapTable, withGaps } from '../../layouts/gap-kinds';
import { counted, numeral } from '../../length/present';
import { LIMITS } from '../../limits';
import type { Spec } from '../../spec/schema';
import type { CellQuantity } from '../quantity';
import { said } from '../reading';

/**
 * White space by kind of gap, as rows of a sheet: kinds down, breakpoints across. Setting one sets every gap of its kind at
 * the breakpoint, in all layouts; where they differ, each count is said, the most frequent first.
 */
export function gapCells(spec: Spec): CellQuantity[] {
  const table = gapTable(spec);
  return table.kinds.map((kind) => ({
    id: kind,
    label: kind.charAt(0).toUpperCase() + kind.slice(1),
    name: `White space, ${kind}`,
    group: 'layouts',
    kind: 'count',
    hint: 'Empty rows for all gaps of this kind.',
    emptied: '0',
    // the cells of a kind are many places of the document; the kind stands for them
    address: (breakpoint) => ['gaps', kind, breakpoint.id],
    read: (now, breakpoint) => {
      const counts = (now === spec ? table : gapTable(now)).at(kind, breakpoint.id);
      const [first] = counts;
      if (!first) return said('');
      if (counts.length === 1) return { ...said(String(first.rows)), px: numeral(first.px) };
      return said(counts.map(({ rows }) => rows).join(', '));
    },
    write: (now, breakpoint, text) => {
      const typed = /^(\d{1,5})(?:\s*rows?)?$/i.exec(text.trim());
      if (!typed) return { problem: 'Enter how many rows to leave empty, such as 3.' };
      const rows = Number(typed[1]);
      if (rows > LIMITS.rowsInLayout)
        return { problem: `White space has at most ${counted(LIMITS.rowsInLayout, 'row')}.` };
      const gaps = gapTable(now)
        .at(kind, breakpoint.id)
        .flatMap((each) => each.gaps);
      if (gaps.length === 0) return { problem: 'There’s no such gap at this breakpoint.' };
      return { value: withGaps(now, breakpoint, gaps, rows) };
    },
    weighs: 'minor',
  }));
}
