import { exactText, px } from '../../length/px';
import { numeral, spoken } from '../../length/present';
import { givenHeights } from '../../rows/divided';
import { rowsAt } from '../../rows/rows-at';
import { perBreakpoint, type Rule } from '../rule';

const ID = 'divided-rows-squeezed';

/** On low screens, divided rows still fit: their least height is no more than the lowest real screen. */
export const dividedRowsSqueezed: Rule = {
  id: ID,
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
        message: `At their least height of ${spoken(least)} px, the ${count} rows are ${numeral(height)} each; a screen of ${spoken(lowest)} is ${spoken(least.sub(lowest))} px too low for them.`,
        values: { least: exactText(least), lowest: exactText(lowest) },
        mends: [
          {
            label: `Make the least height ${numeral(lowest)}`,
            changes: [{ breakpoint: breakpoint.id, rows: { ...rows, minHeight: `${exactText(lowest)}px` } }],
          },
        ],
      },
    ];
  }),
};
