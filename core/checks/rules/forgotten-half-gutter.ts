import { exactText, HALF } from '../../length/px';
import { perBreakpoint, type Rule } from '../rule';
import { figure, lengthInWords } from '../say';
import { columnEdits } from '../../edits/make-edits';

/** Half a gutter outside the first and last column is not left out by mistake. */
export const forgottenHalfGutter: Rule = {
  id: 'forgotten-half-gutter',
  version: 1,
  title: 'No outer half-gutter is forgotten',
  asks: 'Does the sum leave room for half a gutter outside, and do columns stay off the screen edge?',
  why: 'A gutter meant as 11 on each side of a column becomes 22 between columns and nothing at the outer edges.',
  source: 'Arithmetic: with outer half-gutters, container = count · (column + gutter)',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { at }) => {
    const { outer } = breakpoint.columns;
    const { gutter, excess, marginStart, marginEnd, viewport } = at(breakpoint);
    if (outer === 'half' || gutter.compare(0) <= 0) return [null];
    const half = gutter.mul(HALF);
    const short = excess.neg().equals(gutter);
    const bare = marginStart.equals(0) && marginEnd.equals(0) && excess.equals(0);
    if (!short && !bare) return [null];
    return [
      {
        cell: 'outer',
        values: { gutter: exactText(gutter), excess: exactText(excess), marginStart: exactText(marginStart) },
        facts: { is: short ? 'short' : 'bare', half: exactText(half), viewport: exactText(viewport) },
        mends: [
          {
            facts: { half: exactText(half) },
            edits: columnEdits(breakpoint, { outer: 'half' }),
          },
        ],
      },
    ];
  }),
  says: ({ is, gutter, half, viewport }) => {
    const what =
      is === 'short'
        ? `The sum is ${lengthInWords(gutter)} px short at ${lengthInWords(viewport)}, exactly one gutter`
        : `Columns touch the screen edges while gutters are ${figure(gutter)} px`;
    return `${what}: half of it, ${figure(half)}, seems to be missing outside the first and last column.`;
  },
  offers: ({ half }) => `Put ${figure(half)} outside`,
};
