import { exactText, px } from '../../length/px';
import { breakpointAt, screenOf } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { lengthInWords } from '../say';

const ID = 'content-between-bars';

/** On a screen that is turned, bars leave enough of its height to read and scroll in. */
export const contentBetweenBars: Rule = {
  id: ID,
  version: 1,
  title: 'Bars leave room on a turned screen',
  asks: 'With the screen turned on its side, is enough height left between the bars of the breakpoint that applies then?',
  why: 'A phone on its side is low: bars that suit it upright can leave only a slit to read and scroll in.',
  source: 'After WCAG 2.2, 1.4.10 Reflow (320 × 256 CSS px)',
  weight: 'weigh',
  thresholds: [{ id: 'least', title: 'Least height between bars', unit: 'px', usual: 256 }],
  check: perBreakpoint((breakpoint, { spec, threshold }) => {
    const { reference, frame } = breakpoint;
    if (!frame || reference.height <= reference.width) return [null];
    const [width, height] = [reference.height, reference.width];
    const applies = breakpointAt(spec, width);
    const { room, frame: sides } = screenOf(spec, applies, width, height);
    const least = px(threshold(ID, 'least'));
    if (!room || !sides || room.height.compare(least) >= 0) return [null];
    return [
      {
        cell: frame.top === undefined && frame.bottom !== undefined ? 'frameBottom' : 'frameTop',
        values: { width: String(width), height: String(height), left: exactText(room.height) },
        facts: { least: exactText(least), bars: exactText(sides.top.add(sides.bottom)), name: applies.name },
      },
    ];
  }),
  says: ({ width, height, left, least, bars, name }) =>
    `Turned on its side the screen is ${width} × ${height}, and the bars of ${name} take ${lengthInWords(bars)} px: ${lengthInWords(left)} are left between them, less than ${lengthInWords(least)}.`,
};
