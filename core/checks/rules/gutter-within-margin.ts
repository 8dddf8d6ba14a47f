import { exactText, least } from '../../length/px';
import { perBreakpoint, type Rule } from '../rule';
import { figure, lengthInWords } from '../say';

/** The gutter is not wider than the space outside the columns. */
export const gutterWithinMargin: Rule = {
  id: 'gutter-within-margin',
  version: 1,
  title: 'The gutter is no wider than the margin',
  asks: 'Is the space outside the first and last column at least as wide as a gutter, at the design width?',
  why: 'Columns farther from each other than from the edge fall apart into separate strips.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { at }) => {
    const { count, gutter, marginStart, marginEnd, inset, viewport } = at(breakpoint);
    const outside = least(marginStart, marginEnd).add(inset);
    if (count === 1 || outside.compare(0) < 0 || gutter.compare(outside) <= 0) return [null];
    return [
      {
        cell: 'gutter',
        values: { gutter: exactText(gutter), outside: exactText(outside) },
        facts: { viewport: exactText(viewport) },
      },
    ];
  }),
  says: ({ gutter, outside, viewport }) =>
    `The gutter of ${figure(gutter)} px is wider than the ${figure(outside)} outside the columns at ${lengthInWords(viewport)}.`,
};
