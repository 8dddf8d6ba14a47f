import { counted } from '../../length/present';
import { exactText, px } from '../../length/px';
import { narrowestViewport, rangeEnd } from '../../spec/ranges';
import { perStyle, type Rule } from '../rule';
import { type Facts, figure } from '../say';

const ID = 'line-length';

/** How long lines of text to read are, wherever they are set. */
export const READABLE_LINES = {
  why: 'After a long line the eye can’t find the next one. Short lines break every phrase.',
  source: 'WCAG 2.2, 1.4.8 Visual Presentation (80 characters); at least 30: common practice',
  weight: 'weigh',
  thresholds: [
    { id: 'most', title: 'At most', unit: 'characters', usual: 80 },
    { id: 'least', title: 'At least', unit: 'characters', usual: 30 },
  ],
} as const satisfies Partial<Rule>;

/** What is wrong with a line that holds more than the most, or fewer than the least. */
export function whyUnreadable({ most, least }: Facts): string {
  return most === undefined ? `fewer than ${least} break every phrase` : `more than ${most} tire the eye`;
}

/** Lines of body text hold 30 to 80 characters. */
export const lineLength: Rule = {
  id: ID,
  version: 1,
  title: 'Body lines hold 30 to 80 characters',
  asks: 'Does a line of body text hold at most 80 and at least 30 characters, at the narrowest, the design and the widest viewport of a range?',
  ...READABLE_LINES,
  check: perStyle((style, breakpoint, { spec, threshold, text }) => {
    if (style.role !== 'body') return null;
    const [least, most] = [threshold(ID, 'least'), threshold(ID, 'most')];
    const end = rangeEnd(spec, breakpoint);
    const { width: reference } = breakpoint.reference;
    for (const width of [reference, narrowestViewport(breakpoint), end === null ? reference : end - 1]) {
      const { characters, size, span, width: line } = text(style, breakpoint, width);
      const isLong = characters.compare(px(most)) > 0;
      if (!isLong && characters.compare(px(least)) >= 0) continue;
      return {
        part: 'span',
        widths: [width],
        values: { style: style.name, line: exactText(line), size: exactText(size), viewport: String(width) },
        facts: { characters: Math.round(characters.valueOf()), span, ...(isLong ? { most } : { least }) },
      };
    }
    return null;
  }),
  says: ({ style, characters, line, viewport, span, size, ...bounds }) => {
    return `${style} has about ${characters} characters in a line of ${figure(line)} px at ${viewport} (${counted(Number(span), 'column')}, ${figure(size)} px); ${whyUnreadable(bounds)}.`;
  },
};
