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
  title: 'Divided rows fit the lowest real screens',
  asks: 'Is the least height of divided rows no more than the lowest screen that people have?',
  why: 'On a lower screen the rows stop shrinking and the section runs under the fold, where nobody planned for it.',
  source: 'Common practice: a laptop of 768 px leaves about 600 to a page',
  weight: 'weigh',
  thresholds: [{ id: 'lowest', title: 'Lowest real screen', unit: 'px', usual: 600 }],
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
    `At their least height of ${lengthInWords(least)} px, the ${count} rows are ${figure(height)} each; a screen of ${lengthInWords(lowest)} is ${lengthInWords(over)} px too low for them.`,
  offers: ({ lowest }) => `Make the least height ${figure(lowest)}`,
};
