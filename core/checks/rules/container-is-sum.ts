import { guttersInside } from '../../columns/solve';
import { exactText } from '../../length/px';
import { counted } from '../../length/present';
import { perBreakpoint, type Rule } from '../rule';
import { figure, lengthInWords } from '../say';
import { columnEdits } from '../../edits/make-edits';

/** A given container is what its given columns and gutters add up to. */
export const containerIsSum: Rule = {
  id: 'container-is-sum',
  version: 1,
  title: 'The container is the sum of its parts',
  asks: 'Where container, columns and gutters are all given, do columns and gutters add up to the container?',
  why: 'If a container says 1,300 but its columns add up to 1,296, everyone builds it differently.',
  source: 'Arithmetic: container = count · column + (count − 1) · gutter',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { at }) => {
    const { count, column, gutter, container, overheld } = at(breakpoint);
    if (!overheld || breakpoint.columns.column === 'auto' || breakpoint.columns.gutter === 'auto') return [null];
    const gutters = guttersInside(count, breakpoint.columns.outer);
    const sum = column.mul(count).add(gutter.mul(gutters));
    if (sum.equals(container)) return [null];
    return [
      {
        cell: 'container',
        facts: { count, column: exactText(column), gutters, gutter: exactText(gutter) },
        values: { container: exactText(container), sum: exactText(sum) },
        mends: [
          {
            facts: { sum: exactText(sum) },
            edits: columnEdits(breakpoint, { container: 'auto' }),
          },
        ],
      },
    ];
  }),
  says: ({ container, count, column, gutters, gutter, sum }) =>
    `The container is ${lengthInWords(container)} px; ${counted(Number(count), 'column')} of ${figure(column)} and ${counted(Number(gutters), 'gutter')} of ${figure(gutter)} come to ${lengthInWords(sum)}.`,
  offers: ({ sum }) => `Set the container to auto: ${figure(sum)}`,
};
