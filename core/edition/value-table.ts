import { columnsAt, type SolvedColumns } from '../columns/columns-at';
import { percent, type Span, spansOf } from '../columns/spans';
import type { Px } from '../length/px';
import { counted, decimal } from '../length/present';
import { cellOf } from '../sheet/cell-of';
import { QUANTITIES, quantityName, rowOf } from '../sheet/quantities';
import { byWidth, rangeText } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { lengthValue, type ReadTable, type ReadValue } from './read-table';

/**
 * The exact values of every breakpoint at its reference size.
 *
 *     valueTable(spec).rows[4]   // { label: "Container", values: [{ shown: "358", copy: "358" }, …] }
 */
export function valueTable(spec: Spec): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  const solved = breakpoints.map((breakpoint) => columnsAt(spec, breakpoint));
  const said = (label: string, say: (breakpoint: Breakpoint) => string) => ({
    label,
    values: breakpoints.map((breakpoint) => ({ shown: say(breakpoint), copy: say(breakpoint) })),
  });
  const measured = (label: string, measure: (columns: SolvedColumns) => Px) => ({
    label,
    values: solved.map((columns) => lengthValue(measure(columns))),
  });
  const hasInset = solved.some(({ inset }) => !inset.equals(0));
  return {
    head: breakpoints.map(({ name }) => name),
    rows: [
      said('Viewports', (breakpoint) => rangeText(spec, breakpoint)),
      said('Drawn at', ({ reference }) => `${reference.width} × ${reference.height}`),
      { label: 'Columns', values: solved.map(({ count }) => ({ shown: String(count), copy: String(count) })) },
      measured('Start margin', ({ marginStart }) => marginStart),
      measured('Container', ({ container }) => container),
      measured('End margin', ({ marginEnd }) => marginEnd),
      measured('Gutter', ({ gutter }) => gutter),
      ...(hasInset ? [measured('Half gutter outside', ({ inset }) => inset)] : []),
      measured('Column', ({ column }) => column),
      ...heightRows(spec, breakpoints),
    ],
  };
}

/** Rows and baselines, as far as the spec has any. */
function heightRows(spec: Spec, breakpoints: Breakpoint[]): ReadTable['rows'] {
  return HEIGHTS.map((id) => ({
    label: quantityName(QUANTITIES[rowOf(id)]!),
    values: breakpoints.map((breakpoint) => {
      const { idle, shown, px, exact } = cellOf(spec, breakpoint, id);
      if (idle || shown === 'none') return null;
      return { shown: px ?? shown, copy: exact ? decimal(exact) : shown };
    }),
  })).filter(({ values }) => values.some((value) => value !== null));
}

const HEIGHTS = [
  'rowRule',
  'rowCount',
  'rowHeight',
  'rowGap',
  'rowTop',
  'rowBottom',
  'step',
  'baselineOffset',
] as const;

/** Width of every span, 1 to as many columns as the widest count has, and its shares of the container and of the viewport. */
export function spanTable(spec: Spec): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  const spans = breakpoints.map((breakpoint) => spansOf(columnsAt(spec, breakpoint)));
  const most = Math.max(...spans.map(({ length }) => length));
  return {
    head: breakpoints.map(({ name }) => name),
    rows: Array.from({ length: most }, (_, index) => ({
      label: counted(index + 1, 'column'),
      values: spans.map((each) => (each[index] ? spanValue(each[index]) : null)),
    })),
  };
}

function spanValue({ width, ofContainer, ofViewport }: Span): ReadValue {
  return { ...lengthValue(width), note: `${percent(ofContainer)} · ${percent(ofViewport)}` };
}
