import { exactText } from '../../length/px';
import { spoken } from '../../length/present';
import { perBreakpoint, type Rule } from '../rule';
import { lengthInWords } from '../say';
import { columnEdits } from '../../edits/make-edits';
import { px } from '../../length/px';

/** Columns that are rounded to whole px make another container than the one that was wanted. */
export const roundingMovesContainer: Rule = {
  id: 'rounding-moves-container',
  version: 1,
  title: 'Rounding keeps the container’s width',
  asks: 'Where columns are rounded and the container becomes their sum, is it still as wide as you set it?',
  why: 'Rounding each column can silently change the container by up to half a px a column.',
  source: 'Arithmetic: container = count · round(column) + gutters',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { at }) => {
    const { whole, column } = breakpoint.columns;
    if (whole !== 'container' || column !== 'auto') return [null];
    const { container, wantedContainer, viewport } = at(breakpoint);
    if (container.equals(wantedContainer)) return [null];
    return [
      {
        cell: 'whole',
        values: { container: exactText(container), wanted: exactText(wantedContainer) },
        facts: { viewport: exactText(viewport) },
        mends: [
          {
            facts: {},
            edits: columnEdits(breakpoint, { whole: 'margins' }),
          },
        ],
      },
    ];
  }),
  says: ({ container, wanted, viewport }) => {
    const difference = px(container!).sub(px(wanted!));
    const off = `${spoken(difference.abs())} ${difference.compare(0) > 0 ? 'less' : 'more'}`;
    return `Rounded columns make a container of ${lengthInWords(container)} px at ${lengthInWords(viewport)}; ${lengthInWords(wanted)} was set, ${off}.`;
  },
  offers: () => 'Let margins take the difference',
};
