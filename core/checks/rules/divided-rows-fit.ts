import { exactText } from '../../length/px';
import { counted, spoken } from '../../length/present';
import { rowsAt } from '../../rows/rows-at';
import { givenHeights } from '../../rows/divided';
import { perBreakpoint, type Rule } from '../rule';

/** Gaps and margins of divided rows leave room for the rows, at the least height. */
export const dividedRowsFit: Rule = {
  id: 'divided-rows-fit',
  title: 'Gaps and margins leave room for the rows',
  asks: 'Is the least height of divided rows no more than the greatest, and do gaps and margins leave something of it for the rows?',
  why: 'Rows of less than nothing cannot be built, and a least height above the greatest contradicts itself.',
  source: 'Arithmetic: height = (H − margins − gaps) / count',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { spec }) => {
    const heights = givenHeights(spec, breakpoint);
    if (!heights) return [null];
    const { least, most } = heights;
    if (least && most && least.compare(most) > 0) {
      return [
        {
          cell: 'rowLeast',
          message: `The least height of ${spoken(least)} px is above the greatest, ${spoken(most)}.`,
          values: { least: exactText(least), most: exactText(most) },
          mends: [],
        },
      ];
    }
    const { count, gap, offset, bottom, screen } = rowsAt(spec, breakpoint)!;
    const shared = least ?? screen;
    const taken = offset.add(bottom).add(gap.mul(count - 1));
    if (taken.compare(shared) < 0) return [null];
    const has = least ? `the least height is ${spoken(least)}` : `the screen has ${spoken(screen)}`;
    return [
      {
        cell: 'rowGap',
        message: `Margins and ${counted(count - 1, 'gap')} of ${spoken(gap)} px take ${spoken(taken)} px; ${has}, so nothing is left for ${counted(count, 'row')}.`,
        values: { taken: exactText(taken), least: exactText(shared), count: String(count) },
        mends: [],
      },
    ];
  }),
};
