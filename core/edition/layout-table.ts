import { rangeText } from '../layouts/placement-text';
import type { PlacedBlock } from '../layouts/place-blocks';
import { solvedAt } from '../layouts/solved-at';
import { gapTable } from '../layouts/gap-kinds';
import type { Px } from '../length/px';
import { decimal } from '../length/present';
import { lengthValue, type ReadValue } from '../quantities/reading';
import { byWidth } from '../spec/ranges';
import type { Layout, Spec } from '../spec/schema';
import type { ReadTable } from './read-table';

/** Each block of a layout at each breakpoint: columns and how many, rows, and where it stands, in px. */
export function layoutTable(spec: Spec, layout: Layout): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  const solved = breakpoints.map(
    (breakpoint) => new Map(solvedAt(spec, layout, breakpoint).blocks.map((block) => [block.id, block])),
  );
  const blocks = [...solved[0]!.values()];
  const row = (
    block: PlacedBlock,
    label: string,
    read: (own: PlacedBlock) => ReadValue,
  ): ReadTable['rows'][number] => ({
    label: `${block.placed.block.name}: ${label}`,
    values: solved.map((own) => read(own.get(block.id)!)),
  });
  return {
    head: breakpoints.map(({ name }) => name),
    rows: blocks.flatMap((block) => [
      row(block, 'columns', ({ placed: { columns } }) => {
        const count = columns[1] - columns[0] + 1;
        return { shown: `${rangeText(columns)} (${count})`, copy: rangeText(columns) };
      }),
      row(block, 'rows', ({ rows }) => ({ shown: rangeText(rows), copy: rangeText(rows) })),
      row(block, 'from the start', ({ x }) => lengthOf(x)),
      row(block, 'from the top', ({ y }) => lengthOf(y)),
      row(block, 'width', ({ width }) => lengthOf(width)),
      row(block, 'height', ({ height }) => lengthOf(height)),
    ]),
  };
}

/** White space by kind of gap over all layouts: rows, and px under them. */
export function whiteSpaceTable(spec: Spec): ReadTable {
  const { breakpoints, kinds, at } = gapTable(spec);
  return {
    head: breakpoints.map(({ name }) => name),
    rows: kinds.map((kind) => ({
      label: kind,
      values: breakpoints.map(({ id }) => {
        const counts = at(kind, id);
        if (counts.length === 0) return null;
        const shown = counts.map(({ rows }) => rows).join(', ');
        return { shown, copy: shown, note: `${counts.map(({ px }) => decimal(px)).join(', ')} px` };
      }),
    })),
  };
}

/** Measures of type have large denominators, which say less than their decimals. */
function lengthOf(value: Px): ReadValue {
  return value.d > 1000n ? { shown: value.valueOf().toFixed(3), copy: decimal(value) } : lengthValue(value);
}
