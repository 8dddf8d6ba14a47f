import { columnsAt } from '../columns/columns-at';
import { percent, type Span, spansOf } from '../columns/spans';
import { counted } from '../length/present';
import { guidesAt } from '../overlay/guides';
import { QUANTITIES } from '../quantities/registry';
import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { type ReadTable } from './read-table';
import { lengthValue, type ReadValue } from '../quantities/reading';

/** Every row that a quantity has in tables, in their order. */
const ROWS = QUANTITIES.flatMap(({ tabled = [] }) => tabled).sort((a, b) => a.place - b.place);

/**
 * The exact values of every breakpoint at its reference size.
 *
 *     valueTable(spec).rows[4]   // { label: "Container", values: [{ shown: "358", copy: "358" }, …] }
 */
export function valueTable(spec: Spec): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  return {
    head: breakpoints.map(({ name }) => name),
    rows: ROWS.filter(({ isFor }) => isFor?.(spec) ?? true)
      .map(({ label, say }) => ({ label, values: breakpoints.map((breakpoint) => say(spec, breakpoint)) }))
      .filter(({ values }) => values.some((value) => value !== null)),
  };
}

/** Where every guide lies at each breakpoint's reference size, from the start or the top; no rows where there are none. */
export function guideTable(spec: Spec): ReadTable {
  const breakpoints = byWidth(spec.breakpoints);
  const solved = breakpoints.map((breakpoint) => guidesAt(spec, breakpoint));
  const names = [...new Set(solved.flatMap((guides) => guides.map(({ name }) => name)))];
  return {
    head: breakpoints.map(({ name }) => name),
    rows: names.map((label) => ({
      label,
      values: solved.map((guides): ReadValue | null => {
        const guide = guides.find(({ name }) => name === label);
        return guide
          ? { ...lengthValue(guide.at), note: guide.axis === 'x' ? 'from the start' : 'from the top' }
          : null;
      }),
    })),
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
