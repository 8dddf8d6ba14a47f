import { exactText } from '../../length/px';
import { spoken } from '../../length/present';
import { perBreakpoint, type Rule } from '../rule';

/** Columns that are rounded to whole px make another container than the one that was wanted. */
export const roundingMovesContainer: Rule = {
  id: 'rounding-moves-container',
  title: 'Rounding leaves the container as it was wanted',
  asks: 'Where columns are rounded to whole px and the container becomes their sum, is it still as wide as it was given?',
  why: 'Rounding each column lets the container grow or shrink by up to half a px a column, and nobody is told.',
  source: 'Arithmetic: container = count · round(column) + gutters',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { at }) => {
    const { whole, column } = breakpoint.columns;
    if (whole !== 'container' || column !== 'auto') return [null];
    const { container, wantedContainer, viewport } = at(breakpoint);
    if (container.equals(wantedContainer)) return [null];
    const difference = container.sub(wantedContainer);
    return [
      {
        cell: 'whole',
        message: `Rounded columns make a container of ${spoken(container)} px at ${spoken(viewport)}; ${spoken(wantedContainer)} was wanted, ${spoken(difference.abs())} ${difference.compare(0) > 0 ? 'less' : 'more'}.`,
        values: { container: exactText(container), wanted: exactText(wantedContainer) },
        mends: [
          {
            label: 'Let the margins take the difference',
            changes: [{ breakpoint: breakpoint.id, columns: { whole: 'margins' } }],
          },
        ],
      },
    ];
  }),
};
