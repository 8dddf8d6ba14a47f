import { type GapCounts, gapTable, withGaps } from '../../layouts/gap-kinds';
import { rowsOfText, rowsText } from '../../layouts/placement-text';
import type { UnitName } from '../../layouts/row-frames';
import { numeral } from '../../length/present';
import { mapped } from '../../parsed';
import type { Spec } from '../../spec/schema';
import type { CellQuantity } from '../quantity';
import { said } from '../reading';

function unitOf([first]: GapCounts): UnitName {
  return first?.gaps[0]?.unit ?? 'row';
}

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
      const text = rowsText(
        counts.map(({ rows }) => rows),
        unitOf(counts),
      );
      return counts.length === 1 ? { ...said(text), px: numeral(first.px) } : said(text);
    },
    write: (now, breakpoint, text) => {
      const counts = gapTable(now).at(kind, breakpoint.id);
      const gaps = counts.flatMap((each) => each.gaps);
      if (gaps.length === 0) return { problem: 'There’s no such gap at this breakpoint.' };
      return mapped(rowsOfText(text, unitOf(counts)), (rows) => withGaps(now, breakpoint, gaps, rows));
    },
    weighs: 'minor',
  }));
}
