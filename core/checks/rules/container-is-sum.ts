import { guttersInside } from '../../columns/solve';
import { exactText } from '../../length/px';
import { counted, numeral, spoken } from '../../length/present';
import { perBreakpoint, type Rule } from '../rule';

/** A given container is what its given columns and gutters add up to. */
export const containerIsSum: Rule = {
  id: 'container-is-sum',
  title: 'The container is the sum of its parts',
  asks: 'Where container, columns and gutters are all given, do columns and gutters add up to the container?',
  why: 'A container that is reported as 360 while its columns come to 361 is built differently by everyone who reads it.',
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
        message: `The container is ${spoken(container)} px; ${counted(count, 'column')} of ${numeral(column)} and ${counted(gutters, 'gutter')} of ${numeral(gutter)} come to ${spoken(sum)}.`,
        values: { container: exactText(container), sum: exactText(sum) },
        mends: [
          {
            label: `Let the container follow: ${numeral(sum)}`,
            changes: [{ breakpoint: breakpoint.id, columns: { container: 'auto' } }],
          },
        ],
      },
    ];
  }),
};
