import { follows, FOLLOWING_QUANTITIES, type ColumnQuantity, letFollow } from '../../columns/let-follow';
import { type SolvedColumns, sumLine } from '../../columns/columns-at';
import { exactText, px, ZERO } from '../../length/px';
import { numeral, spoken } from '../../length/present';
import type { Breakpoint, Spec } from '../../spec/schema';
import { columnsAt } from '../../columns/columns-at';
import { type Mend, perBreakpoint, type Rule } from '../rule';

/** Margins, gutters and columns add up to the viewport, and enough of them is held to say how wide each is. */
export const sumComesOut: Rule = {
  id: 'sum-comes-out',
  title: 'The sum comes out',
  asks: 'Do margins, columns and gutters add up to the viewport at the reference width?',
  why: 'A grid whose parts come to more or less than the screen is drawn differently by everyone who builds it.',
  source: 'Arithmetic: viewport = margin + container + margin',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { spec, at }) => {
    const solved = at(breakpoint);
    return [undeterminedFinding(breakpoint, solved), excessFinding(spec, breakpoint, solved)];
  }),
};

function undeterminedFinding({ id }: Breakpoint, { undetermined, container, viewport }: SolvedColumns) {
  if (undetermined === null) return null;
  const width = spoken(container);
  const what = {
    'column and gutter (gutter taken as 0)': `Neither the column nor the gutter is given; one of them must be, to divide the container of ${width} px.`,
    'count (taken as 1)':
      'The count can follow only when column and gutter are given; give them, or a count such as 12.',
    'margin and container (margin taken as 0)': `Neither the margin nor the container is given; one of them must be, to divide the viewport of ${spoken(viewport)} px.`,
  }[undetermined];
  const cell = undetermined.startsWith('column')
    ? ('gutter' as const)
    : undetermined.startsWith('count')
      ? ('count' as const)
      : ('margin' as const);
  return { cell, message: what, values: { undetermined, breakpoint: id }, mends: [] };
}

function excessFinding(spec: Spec, breakpoint: Breakpoint, solved: SolvedColumns) {
  if (solved.excess.equals(ZERO)) return null;
  const { excess, viewport } = solved;
  const off = `${spoken(excess.abs())} px too ${excess.compare(0) > 0 ? 'many' : 'few'}`;
  const single = waysToFollow(
    spec,
    breakpoint,
    FOLLOWERS.map((quantity) => [quantity]),
  );
  const surplus = single.length > 0 ? 'One quantity too many is given.' : 'More than one quantity too many is given.';
  return {
    cell: 'container' as const,
    message: `${sumLine({ ...solved, excess: px(0), viewport: viewport.add(excess) }, numeral)}, but the viewport is ${spoken(viewport)} px: ${off}. ${surplus}`,
    values: { sum: exactText(viewport.add(excess)), viewport: exactText(viewport), excess: exactText(excess) },
    mends: single.length > 0 ? single : waysToFollow(spec, breakpoint, PAIRS),
  };
}

const FOLLOWERS = FOLLOWING_QUANTITIES.filter((quantity) => quantity !== 'count');
const PAIRS = FOLLOWERS.flatMap((first, index) => FOLLOWERS.slice(index + 1).map((second) => [first, second]));

/** Each set of given quantities that, made to follow, lets the sum come out with no negative part. */
function waysToFollow(spec: Spec, breakpoint: Breakpoint, sets: ColumnQuantity[][]): Mend[] {
  return sets
    .filter((set) => set.every((quantity) => !follows(breakpoint.columns, quantity)))
    .flatMap((set) => {
      const columns = set.reduce(
        (held, quantity) => letFollow(held, columnsAt(spec, { ...breakpoint, columns: held }), quantity),
        breakpoint.columns,
      );
      const next = columnsAt(spec, { ...breakpoint, columns });
      const parts = [next.column, next.gutter, next.marginStart, next.marginEnd];
      const sound = next.excess.equals(0) && next.undetermined === null && parts.every((part) => part.compare(0) >= 0);
      if (!sound) return [];
      const label = `Let the ${set.join(' and the ')} follow: ${set.map((quantity) => resultOf(quantity, next)).join(' and ')}`;
      return [{ label, changes: [{ breakpoint: breakpoint.id, columns }] }];
    });
}

function resultOf(quantity: ColumnQuantity, solved: SolvedColumns): string {
  if (quantity === 'margin') return numeral(solved.marginStart);
  return quantity === 'count' ? String(solved.count) : numeral(solved[quantity]);
}
