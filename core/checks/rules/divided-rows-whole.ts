import { exactText, isWhole, roundHalfUp, ZERO } from '../../length/px';
import { numeral, spoken } from '../../length/present';
import { rowsAt } from '../../rows/rows-at';
import { perBreakpoint, type Rule } from '../rule';

/** Divided rows are whole at the reference height. */
export const dividedRowsWhole: Rule = {
  id: 'divided-rows-whole',
  title: 'Divided rows are whole',
  asks: 'Do the rows that share a screen come out at whole px at the reference height?',
  why: 'Rows between pixels are drawn blurred, or unevenly high.',
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
              label: `Leave ${numeral(below)} below`,
              changes: [{ breakpoint: breakpoint.id, rows: { ...rows, marginBottom: `${exactText(below)}px` } }],
            },
          ]
        : [];
    return [
      {
        cell: 'rowHeight',
        message: `${count} rows with gaps of ${numeral(gap)} come to ${numeral(height)} px each in ${spoken(screen)}; with ${numeral(below)} px below they are ${numeral(wanted)}.`,
        values: { height: exactText(height), count: String(count), screen: exactText(screen) },
        mends,
      },
    ];
  }),
};
