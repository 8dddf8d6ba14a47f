import { type SolvedColumns } from '../../columns/columns-at';
import { guttersInside } from '../../columns/solve';
import { exactText, isWhole, type Px, ZERO } from '../../length/px';
import { counted } from '../../length/present';
import type { Breakpoint } from '../../spec/schema';
import { type CheckedSpec, type Mend, perBreakpoint, type Rule } from '../rule';
import { type Facts, figure, lengthInWords } from '../say';
import { breakpointEdits, columnEdits } from '../../edits/make-edits';

/** Columns are a whole number of px at the width the breakpoint is drawn at. */
export const columnWhole: Rule = {
  id: 'column-whole',
  version: 1,
  title: 'Columns are whole at the design width',
  asks: 'Is the column a whole number of px at the design size?',
  why: 'Edges between pixels look blurred, or get rounded differently from one tool to the next.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, checked) => {
    const solved = checked.at(breakpoint);
    if (isWhole(solved.column) || solved.column.compare(ZERO) < 0) return [null];
    const whole = wholeWidths(breakpoint, checked, solved);
    const width = breakpoint.reference.width;
    const mends = whole
      ? [
          {
            facts: { drawn: exactText(whole.nearest) },
            edits: breakpointEdits(breakpoint, {
              reference: { ...breakpoint.reference, width: whole.nearest.valueOf() },
            }),
          },
        ]
      : containerMends(breakpoint, solved);
    return [
      {
        // a column that flows is whole at some widths and not at others, whatever is done
        ...(isFluid(breakpoint, checked, solved) ? { weight: 'note' as const } : {}),
        cell: 'column',
        values: { column: exactText(solved.column), viewport: String(width) },
        facts: whole ? { every: whole.every, nearest: exactText(whole.nearest) } : divided(solved),
        mends,
      },
    ];
  }),
  says: ({ column, viewport, every, nearest, container, gutters, gutter, left, count }) =>
    every === undefined
      ? `Columns are ${figure(column)} px: the container of ${lengthInWords(container)} px less ${counted(Number(gutters), 'gutter')} of ${figure(gutter)} leaves ${lengthInWords(left)} for ${counted(Number(count), 'column')}.`
      : `Columns are ${figure(column)} px at ${lengthInWords(viewport)}; they are whole at every ${ordinal(Number(every))} width from ${lengthInWords(nearest)} px.`,
  offers: ({ drawn, container, column }) =>
    drawn === undefined
      ? `Container ${figure(container)}: columns of ${figure(column)}`
      : `Set the design width to ${figure(drawn)}`,
};

/** Of what the columns are a part. */
function divided({ count, gutter, inset, container }: SolvedColumns): Facts {
  const gutters = guttersInside(count, inset.equals(ZERO) ? 'none' : 'half');
  const left = container.sub(gutter.mul(gutters));
  return { container: exactText(container), gutters, gutter: exactText(gutter), left: exactText(left), count };
}

/** By how much the column grows with each px of the viewport. */
function slopeOf(breakpoint: Breakpoint, at: CheckedSpec['at'], { column }: SolvedColumns): Px {
  return at(breakpoint, breakpoint.reference.width + 1).column.sub(column);
}

function isFluid(breakpoint: Breakpoint, { at }: CheckedSpec, solved: SolvedColumns): boolean {
  return !slopeOf(breakpoint, at, solved).equals(ZERO);
}

/** For a column that grows evenly with the viewport: the nearest whole width at or below the reference, and how often it recurs. */
function wholeWidths(
  breakpoint: Breakpoint,
  { at }: CheckedSpec,
  solved: SolvedColumns,
): { nearest: Px; every: number } | null {
  const slope = slopeOf(breakpoint, at, solved);
  if (slope.equals(ZERO)) return null;
  const every = Number(slope.d);
  for (let down = 1; down <= Math.min(every, breakpoint.reference.width - breakpoint.from); down++) {
    if (!isWhole(solved.column.sub(slope.mul(down)))) continue;
    const nearest = solved.viewport.sub(down);
    return isWhole(at(breakpoint, nearest).column) ? { nearest, every } : null;
  }
  return null;
}

/** For a given container: the nearest widths at which its columns are whole. */
function containerMends(breakpoint: Breakpoint, solved: SolvedColumns): Mend[] {
  const { columns } = breakpoint;
  if (columns.column !== 'auto' || typeof columns.container !== 'string' || !/px$/.test(columns.container)) return [];
  if (typeof columns.gutter === 'object' && 'ofColumn' in columns.gutter) return [];
  const down = solved.column.floor();
  return [down, down.add(1)].map((column) => {
    const container = solved.container.add(column.sub(solved.column).mul(solved.count));
    return {
      facts: { container: exactText(container), column: exactText(column) },
      edits: columnEdits(breakpoint, { container: `${exactText(container)}px` }),
    };
  });
}

function ordinal(number: number): string {
  const ending = number % 100 >= 11 && number % 100 <= 13 ? 'th' : ({ 1: 'st', 2: 'nd', 3: 'rd' }[number % 10] ?? 'th');
  return `${number}${ending}`;
}
