import { exactReader } from '../../columns/columns-at';
import { columnRule, marginSides } from '../../columns/read-rule';
import { exactText, type Px } from '../../length/px';
import { isSum, sumText } from '../../length/sum';
import { screenOf } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { lengthInWords } from '../say';

/** A sum of lengths comes to something where it is drawn. */
export const sumBelowZero: Rule = {
  id: 'sum-below-zero',
  version: 1,
  title: 'Sums are above zero',
  asks: 'Does each container and margin that is a sum, such as 100% - 40, come to 0 or more at the design width?',
  why: 'A width below zero doesn’t exist: browsers drop it or move everything sideways.',
  source: 'CSS Box Sizing 3: a width below 0 is invalid',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { spec }) => {
    const { container, margin } = breakpoint.columns;
    const rule = columnRule(breakpoint.columns, exactReader(screenOf(spec, breakpoint)));
    const [start, end] = marginSides(margin);
    const sums = [
      ['container', 'container', container, 'width' in rule.container ? rule.container.width : null],
      ['margin', 'start margin', start, rule.marginStart],
      ['margin', 'end margin', end, rule.marginEnd],
    ] as const;
    const below = sums.filter(
      (each): each is (typeof sums)[number] & [string, string, unknown, Px] =>
        isSum(each[2]) && each[3] !== null && each[3].compare(0) < 0,
    );
    return below.length === 0
      ? [null]
      : below.map(([cell, part, value, is]) => ({
          cell,
          values: { part, sum: isSum(value) ? sumText(value) : '', is: exactText(is) },
          facts: {},
        }));
  }),
  says: ({ part, sum, is, viewport }) =>
    `The ${part} of ${sum} comes to ${lengthInWords(is)} px${viewport === undefined ? '' : ` at ${viewport}`}. It must be 0 or more.`,
};
