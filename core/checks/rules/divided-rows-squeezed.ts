import { exactText, px } from '../../length/px';
import { givenHeights } from '../../rows/divided';
import { rowsAt } from '../../rows/rows-at';
import { perBreakpoint, type Rule } from '../rule';
import { figure, lengthInWords } from '../say';
import { breakpointEdits } from '../../edits/make-edits';

const ID = 'divided-rows-squeezed';

/** On low screens, divided rows still fit: their least height is no more than the lowest real screen. */
export const dividedRowsSqueezed: Rule = {
  id: ID,
  version: 1,
  title: 'Divided rows fit the shortest real screens',
  asks: 'Is the minimum height of divided rows no more than the shortest screen people use?',
  why: 'On a shorter screen the rows stop shrinking and the section runs below the fold unplanned.',
  source: 'Common practice: a laptop of 768 px leaves about 600 to a page',
  weight: 'weigh',
  thresholds: [{ id: 'lowest', title: 'Shortest real screen', unit: 'px', usual: 600 }],
  check: perBreakpoint((breakpoint, { spec, threshold }) => {
    const heights = givenHeights(spec, breakpoint);
    const lowest = px(threshold(ID, 'lowest'));
    const { rows } = breakpoint;
    const least = heights?.least;
    if (!least || rows?.rule !== 'divide' || least.compare(lowest) <= 0) return [null];
    const { height, count } = rowsAt(spec, breakpoint, lowest)!;
    return [
      {
        cell: 'rowLeast',
        values: { least: exactText(least), lowest: exactText(lowest) },
        facts: { count, height: exactText(height), over: exactText(least.sub(lowest)) },
        mends: [
          {
            facts: { lowest: exactText(lowest) },
            edits: breakpointEdits(breakpoint, { rows: { ...rows, minHeight: `${exactText(lowest)}px` } }),
          },
        ],
      },
    ];
  }),
  says: ({ least, lowest, count, height, over }) =>
    `At their minimum height of ${lengthInWords(least)} px, the ${count} rows are ${figure(height)} each; a screen of ${lengthInWords(lowest)} is ${lengthInWords(over)} px too short for them.`,
  offers: ({ lowest }) => `Set the minimum height to ${figure(lowest)}`,
};
