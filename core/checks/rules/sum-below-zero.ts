import { exactReader } from '../../columns/columns-at';
import { columnRule, marginSides } from '../../columns/read-rule';
import { exactText, type Px } from '../../length/px';
import { isSum, sumText } from '../../length/sum';
import { screenOf } from '../../spec/ranges';
import type { QuantityId } from '../../quantities/registry';
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
    const found = (cell: QuantityId, part: string, value: unknown, is: Px | null) =>
      isSum(value) && is !== null && is.compare(0) < 0
        ? [{ cell, values: { part, sum: sumText(value), is: exactText(is) } }]
        : [];
    return [
      ...found('container', 'container', container, 'width' in rule.container ? rule.container.width : null),
      ...found('margin', 'start margin', start, rule.marginStart),
      ...found('margin', 'end margin', end, rule.marginEnd),
    ];
  }),
  says: ({ part, sum, is }) => `The ${part} of ${sum} comes to ${lengthInWords(is)} px. It must be 0 or more.`,
};
