import { exactText, least, px } from '../../length/px';
import { numeral } from '../../length/present';
import { narrowestViewport } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';

const PHONES_END = 600;
const LEAST_MARGIN = px(16);

/** On ranges that begin below 600 px, margins are at least 16 px. */
export const phoneMargin: Rule = {
  id: 'phone-margin',
  title: 'Phones keep a margin of 16 px',
  asks: 'On ranges that begin below 600 px, are the margins at least 16 px, at the reference width and at the narrowest?',
  why: 'Text that touches the edge of a hand-held screen is hard to read and hard to touch.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { at }) => {
    if (breakpoint.from >= PHONES_END) return [null];
    const tight = [breakpoint.reference.width, narrowestViewport(breakpoint)]
      .map((width) => ({ width, solved: at(breakpoint, width) }))
      .map(({ width, solved }) => ({ width, margin: least(solved.marginStart, solved.marginEnd) }))
      .find(({ margin }) => margin.compare(LEAST_MARGIN) < 0);
    if (!tight) return [null];
    return [
      {
        cell: 'margin',
        message: `The margin is ${numeral(tight.margin)} px at ${tight.width}; below ${PHONES_END} px wide, screens want at least ${numeral(LEAST_MARGIN)}.`,
        values: { margin: exactText(tight.margin), viewport: String(tight.width) },
        mends:
          breakpoint.columns.margin === 'auto'
            ? []
            : [{ label: 'Make the margin 16', changes: [{ breakpoint: breakpoint.id, columns: { margin: '16px' } }] }],
      },
    ];
  }),
};
