import { counted, numeral } from '../../length/present';
import { exactText } from '../../length/px';
import { narrowestViewport, rangeEnd } from '../../spec/ranges';
import { perStyle, type Rule } from '../rule';

const ID = 'line-length';

/** Lines of body text hold 30 to 80 characters. */
export const lineLength: Rule = {
  id: ID,
  title: 'Body lines hold 30 to 80 characters',
  asks: 'Does a line of body text hold at most 80 and at least 30 characters, at the narrowest, the reference and the widest viewport of a range?',
  why: 'From the end of a long line the eye does not find back to the next; short lines break every phrase.',
  source: 'WCAG 2.2, 1.4.8 Visual Presentation (80 characters); at least 30: common practice',
  weight: 'weigh',
  thresholds: [
    { id: 'most', title: 'At most', unit: 'characters', usual: 80 },
    { id: 'least', title: 'At least', unit: 'characters', usual: 30 },
  ],
  check: perStyle((style, breakpoint, { spec, threshold, text }) => {
    if (style.role !== 'body') return null;
    const [least, most] = [threshold(ID, 'least'), threshold(ID, 'most')];
    const end = rangeEnd(spec, breakpoint);
    const { width: reference } = breakpoint.reference;
    for (const width of [reference, narrowestViewport(breakpoint), end === null ? reference : end - 1]) {
      const { characters, size, span, width: line } = text(style, breakpoint, width);
      const isLong = characters.compare(most) > 0;
      if (!isLong && characters.compare(least) >= 0) continue;
      const count = Math.round(characters.valueOf());
      return {
        message: `${style.name} has about ${count} characters in a line of ${numeral(line)} px at ${width} (${counted(span, 'column')}, ${numeral(size)} px); ${isLong ? `more than ${most} tire the eye` : `fewer than ${least} break every phrase`}.`,
        values: { style: style.name, line: exactText(line), size: exactText(size), viewport: String(width) },
        mends: [],
      };
    }
    return null;
  }),
};
