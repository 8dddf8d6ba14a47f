import { columnsAt, type SolvedColumns } from '../columns/columns-at';
import { percent, type Span, spansOf } from '../columns/spans';
import type { Px } from '../length/px';
import { counted, decimal, numeral } from '../length/present';
import { byWidth, rangeText } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** One value: as a person reads it (`78¼`), as it is copied (`78.25`), and what stands under it. */
export type ReadValue = { shown: string; copy: string; note?: string };

/** A table of a spec's breakpoints, from the narrowest up: a row of values for each quantity; null where there is none. */
export type ReadTable = { head: string[]; rows: { label: string; values: (ReadValue | null)[] }[] };

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
    ],
  };
}

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

function lengthValue(value: Px): ReadValue {
  return { shown: numeral(value), copy: decimal(value) };
}

/** The table as tab-separated text, decimals in place of fractions, for any spreadsheet. */
export function tabSeparated({ head, rows }: ReadTable): string {
  const lines = [
    ['', ...head],
    ...rows.map(({ label, values }) => [label, ...values.map((value) => value?.copy ?? '')]),
  ];
  return lines.map((line) => line.join('\t')).join('\n');
}
