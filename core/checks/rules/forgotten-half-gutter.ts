import { exactText, HALF } from '../../length/px';
import { numeral, spoken } from '../../length/present';
import { perBreakpoint, type Rule } from '../rule';

/** Half a gutter outside the first and last column is not left out by mistake. */
export const forgottenHalfGutter: Rule = {
  id: 'forgotten-half-gutter',
  title: 'No outer half-gutter is forgotten',
  asks: 'Are the margins not exactly half a gutter too small for the sum, and do columns keep off the screen’s edge?',
  why: 'A gutter meant as 15 on each side of a column is drawn as 30 between columns and nothing at the outer edges.',
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
    const message = short
      ? `The sum is ${spoken(gutter)} px short at ${spoken(viewport)}, exactly one gutter: half of it, ${numeral(half)}, looks forgotten outside the first and the last column.`
      : `Columns touch the edges of the screen while gutters are ${numeral(gutter)} px: half of it, ${numeral(half)}, looks forgotten outside the first and the last column.`;
    return [
      {
        cell: 'outer',
        message,
        values: { gutter: exactText(gutter), excess: exactText(excess), marginStart: exactText(marginStart) },
        mends: [
          {
            label: `Put ${numeral(half)} outside`,
            changes: [{ breakpoint: breakpoint.id, columns: { outer: 'half' } }],
          },
        ],
      },
    ];
  }),
};
