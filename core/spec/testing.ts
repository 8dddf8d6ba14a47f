import { columnsAt, type SolvedColumns } from '../columns/columns-at';
import { exactText } from '../length/px';
import { fluidColumns, newBreakpoint, newSpec } from '../document/defaults';
import type { Breakpoint, Columns, Rows, Spec } from './schema';

/** What the tests build their specs from. */

/** Columns where everything that is not named follows or fills, with no gutter and no margin. */
export function practiceColumns(some: Partial<Columns>): Columns {
  return { ...fluidColumns(12, '0px', '0px'), ...some };
}

export function breakpointOf(
  some: Partial<Columns>,
  width = 1440,
  { id = 'screen', from = 0, height = 900 } = {},
): Breakpoint {
  return newBreakpoint(
    { id, name: id.charAt(0).toUpperCase() + id.slice(1), from, width, height },
    practiceColumns(some),
  );
}

export function specWith(...breakpoints: Breakpoint[]): Spec {
  return newSpec('Trial', breakpoints);
}

/** Phone, tablet and desktop with numbers of common practice (no source), for tests that need a whole spec. */
export function practiceSpec(name: string): Spec {
  const size = (id: string, from: number, width: number, height: number) => ({
    id,
    name: id.charAt(0).toUpperCase() + id.slice(1),
    from,
    width,
    height,
  });
  return newSpec(name, [
    newBreakpoint(size('phone', 0, 390, 844), fluidColumns(4, '16px', '16px')),
    newBreakpoint(size('tablet', 600, 744, 1133), fluidColumns(8, '16px', '32px')),
    newBreakpoint(size('desktop', 1200, 1440, 1024), {
      ...fluidColumns(12, '24px', '24px'),
      container: '1152px',
      margin: 'auto',
    }),
  ]);
}

/** Six rows in one screen of 600 to 1200 px, with 20 px between, above and below; or others. */
export function dividedRows(some: Partial<DividedRows> = {}): DividedRows {
  return {
    rule: 'divide',
    count: 6,
    gap: '20px',
    marginTop: '20px',
    marginBottom: '20px',
    minHeight: '600px',
    maxHeight: '1200px',
    ...some,
  };
}

type DividedRows = Extract<Rows, { rule: 'divide' }>;

/** The columns of one breakpoint at a viewport width. */
export function solvedColumns(width: number, some: Partial<Columns>): SolvedColumns {
  const breakpoint = breakpointOf(some, width);
  return columnsAt(specWith(breakpoint), breakpoint);
}

/** The lengths of a solution as exact text, for tables of expected values. */
export function texts({ count, column, gutter, inset, marginStart, marginEnd, container }: SolvedColumns) {
  const [columnText, gutterText, insetText, start, end, containerText] = [
    column,
    gutter,
    inset,
    marginStart,
    marginEnd,
    container,
  ].map(exactText);
  return {
    count,
    column: columnText,
    gutter: gutterText,
    inset: insetText,
    marginStart: start,
    marginEnd: end,
    container: containerText,
  };
}
