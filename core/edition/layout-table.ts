import { idsOf } from '../layouts/edit-layout';
import { columnsText } from '../layouts/placement-text';
import type { PlacedBlock } from '../layouts/place-blocks';
import { solvedAt } from '../layouts/solved-at';
import { gapTable } from '../layouts/gap-kinds';
import type { Px } from '../length/px';
import { lengthOf as lengthIn, type LengthValue } from '../length/length-value';
import { counted, decimal, numeral } from '../length/present';
import { toPx } from '../length/resolve';
import { sizeText } from '../length/size';
import { lengthValue, type ReadValue, words } from '../quantities/reading';
import { byWidth, screenOf } from '../spec/ranges';
import type { Breakpoint, Layout, Leaving, Spec } from '../spec/schema';
import type { ReadTable } from './read-table';

/** What the numbers of the two tables are. */
export const LAYOUT_SAYS = 'columns, rows, and px from the page’s start and top';
export const WHITE_SPACE_SAYS = 'rows by kind of gap, with px';

/** Each block of a layout at each breakpoint: columns and how many, rows, and where it stands, in px. */
export function layoutTable(spec: Spec, layout: Layout): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  const solved = breakpoints.map(
    (breakpoint) => new Map(solvedAt(spec, layout, breakpoint).blocks.map((block) => [block.id, block])),
  );
  // in the order of reading; one that is hidden everywhere has no measures
  const blocks = idsOf(layout.sections.flatMap((section) => section.blocks)).flatMap(
    (id) => solved.map((own) => own.get(id)).find((block) => block !== undefined) ?? [],
  );
  const row = (
    block: PlacedBlock,
    label: string,
    read: (own: PlacedBlock) => ReadValue,
  ): ReadTable['rows'][number] => ({
    label: `${block.placed.block.name}: ${label}`,
    values: solved.map((at) => {
      const own = at.get(block.id);
      return own ? read(own) : label === 'columns' ? words('hidden') : null;
    }),
  });
  return {
    head: breakpoints.map(({ name }) => name),
    rows: blocks.flatMap((block) => [
      row(block, 'columns', ({ placed: { columns } }) => {
        const count = columns[1] - columns[0] + 1;
        return { shown: `${columnsText(columns)} (${count})`, copy: columnsText(columns) };
      }),
      row(block, 'rows', ({ rows }) => ({ shown: columnsText(rows), copy: columnsText(rows) })),
      row(block, 'from the start', ({ x }) => lengthOf(x)),
      row(block, 'from the top', ({ y }) => lengthOf(y)),
      row(block, 'width', ({ width }) => lengthOf(width)),
      row(block, 'height', ({ height }) => lengthOf(height)),
      ...cardRows(spec, block),
      ...exceptionRows(block, solved),
    ]),
  };
}

/** What a card has of its own: its padding at each breakpoint, the grid and the rows in it. */
function cardRows(spec: Spec, { placed: { block } }: PlacedBlock): ReadTable['rows'] {
  if (!('card' in block.holds)) return [];
  const { padding, columns, rows, baseline } = block.holds.card;
  const row = (label: string, read: (breakpoint: Breakpoint) => ReadValue): ReadTable['rows'][number] => ({
    label: `${block.name}: ${label}`,
    values: byWidth(spec.breakpoints).map(read),
  });
  const px = (value: LengthValue, breakpoint: Breakpoint): Px => toPx(lengthIn(value), screenOf(spec, breakpoint));
  return [
    row('padding', (breakpoint) => lengthOf(px(padding, breakpoint))),
    columns === 'page'
      ? row('grid inside', () => words('the page’s columns'))
      : row('grid inside', (breakpoint) => {
          const gutter = numeral(px(columns.gutter, breakpoint));
          return words(`${counted(columns.count, 'column')}, gutter ${gutter}`);
        }),
    ...(rows
      ? [
          row('rows inside', (breakpoint) =>
            words(`${numeral(px(rows.height, breakpoint))} high, gap ${numeral(px(rows.gap, breakpoint))}`),
          ),
        ]
      : []),
    ...(baseline
      ? [row('baseline inside', (breakpoint) => words(`every ${numeral(px(baseline.step, breakpoint))}`))]
      : []),
  ];
}

/** Where a block leaves the grid or lies over another on purpose, with the reason under it; no row where it never does. */
function exceptionRows(
  { id, placed: { block } }: PlacedBlock,
  solved: readonly ReadonlyMap<string, PlacedBlock>[],
): ReadTable['rows'] {
  const at = solved.map((own) => own.get(id)?.placed);
  const sides = (['start', 'end'] as const).map((side): ReadTable['rows'][number] => ({
    label: `${block.name}: ${side} breaks the grid`,
    values: at.map((placed) => {
      const own = placed?.leaves.find((leaving) => leaving.side === side);
      // full bleed needs no reason
      return own ? { ...words(leavingText(own.to)), note: placed?.bleeds ? 'full bleed' : own.reason } : null;
    }),
  }));
  const over: ReadTable['rows'][number] = {
    label: `${block.name}: overlaps another`,
    values: at.map((placed) => (placed?.over ? { ...words('on purpose'), note: placed.over } : null)),
  };
  return [...sides, over].filter(({ values }) => values.some((value) => value !== null));
}

/** `to the screen’s edge`, `12 px`, `1/2 column` */
function leavingText(to: Leaving['to']): string {
  if (to === 'margin') return 'to the margin';
  if (to === 'screen') return 'to the screen’s edge';
  return typeof to === 'object' && 'ofColumn' in to ? `${to.ofColumn} column` : `${sizeText(to)} px`;
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
