import { exactText, isWhole, roundHalfUp, ZERO } from '../../length/px';
import { rowsAt } from '../../rows/rows-at';
import { perBreakpoint, type Rule } from '../rule';
import { figure, lengthInWords } from '../say';
import { breakpointEdits } from '../../edits/make-edits';

/** Divided rows are whole at the reference height. */
export const dividedRowsWhole: Rule = {
  id: 'divided-rows-whole',
  version: 1,
  title: 'Divided rows are whole',
  asks: 'Are rows that share a screen whole px high at the design height?',
  why: 'Rows between pixels look blurred or uneven.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { spec }) => {
    const solved = rowsAt(spec, breakpoint);
    const { rows } = breakpoint;
    if (solved?.rule !== 'divide' || rows?.rule !== 'divide' || isWhole(solved.height)) return [null];
    const { count, gap, bottom, height, screen } = solved;
    const wanted = roundHalfUp(height);
    const spare = height.sub(wanted).mul(count);
    const below = bottom.add(spare);
    const mends =
      below.compare(ZERO) >= 0
        ? [
            {
              facts: { below: exactText(below) },
              edits: breakpointEdits(breakpoint, { rows: { ...rows, marginBottom: `${exactText(below)}px` } }),
            },
          ]
        : [];
    return [
      {
        cell: 'rowHeight',
        values: { height: exactText(height), count: String(count), screen: exactText(screen) },
        facts: { gap: exactText(gap), below: exactText(below), wanted: exactText(wanted) },
        mends,
      },
    ];
  }),
  says: ({ count, gap, height, screen, below, wanted }) =>
    `${count} rows with gaps of ${figure(gap)} come to ${figure(height)} px each in ${lengthInWords(screen)}; with ${figure(below)} px below they are ${figure(wanted)}.`,
  offers: ({ below }) => `Leave ${figure(below)} below`,
};
