import { exactText, least, px } from '../../length/px';
import { narrowestViewport } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { figure } from '../say';
import { columnEdits } from '../../edits/make-edits';

const ID = 'phone-margin';

/** On ranges that begin below 600 px, margins are at least 16 px. */
export const phoneMargin: Rule = {
  id: ID,
  version: 1,
  title: 'Phones keep a margin',
  asks: 'On ranges that begin below 600 px, are the margins at least 16 px, at the design width and at the narrowest?',
  why: 'Text at the edge of a hand-held screen is hard to read and hard to tap.',
  source: 'Common practice',
  weight: 'weigh',
  thresholds: [
    { id: 'least', title: 'Margin at least', unit: 'px', usual: 16 },
    { id: 'below', title: 'On ranges that begin below', unit: 'px', usual: 600 },
  ],
  check: perBreakpoint((breakpoint, { at, threshold }) => {
    const [leastMargin, phonesEnd] = [px(threshold(ID, 'least')), threshold(ID, 'below')];
    if (breakpoint.from >= phonesEnd) return [null];
    const tight = [breakpoint.reference.width, narrowestViewport(breakpoint)]
      .map((width) => ({ width, solved: at(breakpoint, width) }))
      .map(({ width, solved }) => ({ width, margin: least(solved.marginStart, solved.marginEnd) }))
      .find(({ margin }) => margin.compare(leastMargin) < 0);
    if (!tight) return [null];
    return [
      {
        cell: 'margin',
        widths: [tight.width],
        values: { margin: exactText(tight.margin), viewport: String(tight.width) },
        facts: { below: phonesEnd, least: exactText(leastMargin) },
        mends:
          breakpoint.columns.margin === 'auto'
            ? []
            : [
                {
                  facts: { least: exactText(leastMargin) },
                  edits: columnEdits(breakpoint, { margin: `${exactText(leastMargin)}px` }),
                },
              ],
      },
    ];
  }),
  says: ({ margin, viewport, below, least: wanted }) =>
    `The margin is ${figure(margin)} px at ${viewport}; below ${below} px wide, screens need at least ${figure(wanted)}.`,
  offers: ({ least: wanted }) => `Make the margin ${figure(wanted)}`,
};
