import { exactText } from '../../length/px';
import { counted } from '../../length/present';
import { rowsAt } from '../../rows/rows-at';
import { givenHeights } from '../../rows/divided';
import { perBreakpoint, type Rule } from '../rule';
import { lengthInWords } from '../say';

/** Gaps and margins of divided rows leave room for the rows, at the least height. */
export const dividedRowsFit: Rule = {
  id: 'divided-rows-fit',
  version: 1,
  title: 'Gaps and margins leave room for the rows',
  asks: 'Is the minimum height of divided rows no more than the maximum, and do gaps and margins leave space for the rows?',
  why: 'Rows of negative height can’t be built, and a minimum above the maximum contradicts itself.',
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
          values: { least: exactText(least), most: exactText(most) },
        },
      ];
    }
    const { count, gap, offset, bottom, screen } = rowsAt(spec, breakpoint)!;
    const shared = least ?? screen;
    const taken = offset.add(bottom).add(gap.mul(count - 1));
    if (taken.compare(shared) < 0) return [null];
    return [
      {
        cell: 'rowGap',
        values: { taken: exactText(taken), least: exactText(shared), count: String(count) },
        facts: { gap: exactText(gap), of: least ? 'least' : 'screen' },
      },
    ];
  }),
  says: ({ least, most, taken, count, gap, of }) => {
    if (most !== undefined)
      return `The minimum height of ${lengthInWords(least)} px is above the maximum, ${lengthInWords(most)}.`;
    const has =
      of === 'least' ? `the minimum height is ${lengthInWords(least)}` : `the screen has ${lengthInWords(least)}`;
    return `Margins and ${counted(Number(count) - 1, 'gap')} of ${lengthInWords(gap)} px take ${lengthInWords(taken)} px; ${has}, which leaves nothing for ${counted(Number(count), 'row')}.`;
  },
};
