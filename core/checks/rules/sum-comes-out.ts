import { follows, FOLLOWING_QUANTITIES, type ColumnQuantity, letFollow } from '../../columns/let-follow';
import { columnsAt, type SolvedColumns, sumLine } from '../../columns/columns-at';
import { exactText, px, type Px, ZERO } from '../../length/px';
import { numeral, spoken } from '../../length/present';
import type { Breakpoint, Spec } from '../../spec/schema';
import { columnEdits } from '../../edits/make-edits';
import { type Mend, perBreakpoint, type Rule } from '../rule';
import { type Facts, figure, lengthInWords } from '../say';

/** Margins, gutters and columns add up to the viewport, and enough of them is held to say how wide each is. */
export const sumComesOut: Rule = {
  id: 'sum-comes-out',
  version: 1,
  title: 'The sum adds up',
  asks: 'Do margins, columns and gutters add up to the viewport at the design width?',
  why: 'If the parts add up to more or less than the screen, everyone builds it differently.',
  source: 'Arithmetic: viewport = margin + container + margin',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { spec, at }) => {
    const solved = at(breakpoint);
    return [undeterminedFinding(breakpoint, solved), excessFinding(spec, breakpoint, solved)];
  }),
  says: (facts) => (facts.undetermined === undefined ? excessSentence(facts) : undeterminedSentence(facts)),
  offers: followLabel,
};

const UNDETERMINED = {
  'column and gutter (gutter taken as 0)': 'gutter',
  'count (taken as 1)': 'count',
  'margin and container (margin taken as 0)': 'margin',
} as const;

function undeterminedFinding({ id }: Breakpoint, { undetermined, container, viewport }: SolvedColumns) {
  if (undetermined === null) return null;
  const facts = { container: exactText(container), of: exactText(viewport) };
  return { cell: UNDETERMINED[undetermined], values: { undetermined, breakpoint: id }, facts };
}

function undeterminedSentence({ undetermined, container, of }: Facts): string {
  switch (UNDETERMINED[undetermined as keyof typeof UNDETERMINED]) {
    case 'gutter':
      return `Set the column or the gutter to divide the container of ${lengthInWords(container)} px.`;
    case 'count':
      return 'The count can be auto only when column and gutter are set. Set both, or a count such as 12.';
    case 'margin':
      return `Set the margin or the container to divide the viewport of ${lengthInWords(of)} px.`;
  }
}

function excessFinding(spec: Spec, breakpoint: Breakpoint, solved: SolvedColumns) {
  if (solved.excess.equals(ZERO)) return null;
  const { excess, viewport } = solved;
  const sets = FOLLOWERS.map((quantity) => [quantity]);
  const single = waysToFollow(spec, breakpoint, sets);
  return {
    cell: 'container' as const,
    values: { sum: exactText(viewport.add(excess)), viewport: exactText(viewport), excess: exactText(excess) },
    facts: {
      line: sumLine({ ...solved, excess: px(0), viewport: viewport.add(excess) }, numeral),
      surplus: single.length > 0 ? 1 : 2,
    },
    mends: single.length > 0 ? single : waysToFollow(spec, breakpoint, PAIRS),
  };
}

function excessSentence({ line, viewport, excess, surplus }: Facts): string {
  const over = px(excess!);
  const off = `${spoken(over.abs())} px ${over.compare(0) > 0 ? 'over' : 'short'}`;
  const many = surplus === 1 ? 'One value too many is set.' : 'Too many values are set.';
  return `${line}, but the viewport is ${lengthInWords(viewport)} px: ${off}. ${many}`;
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
      const facts = { let: set.join(' '), to: set.map((quantity) => exactText(resultOf(quantity, next))).join(' ') };
      return [{ facts, edits: columnEdits(breakpoint, columns) }];
    });
}

function resultOf(quantity: ColumnQuantity, solved: SolvedColumns): Px {
  return quantity === 'margin' ? solved.marginStart : px(solved[quantity]);
}

function followLabel({ let: set, to }: Facts): string {
  return `Set the ${String(set).split(' ').join(' and the ')} to auto: ${String(to).split(' ').map(figure).join(' and ')}`;
}
