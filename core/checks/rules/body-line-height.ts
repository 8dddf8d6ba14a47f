import { exactText, ZERO } from '../../length/px';
import { decimal, numeral } from '../../length/present';
import { isGrowing } from '../../length/growing';
import { narrowestViewport } from '../../spec/ranges';
import { gridLeadings } from '../../type/on-the-grid';
import { stepOf } from '../../type/text-at';
import { perStyle, type Rule } from '../rule';

const ID = 'body-line-height';

/** Body text has a leading of at least one and a half of its size. */
export const bodyLineHeight: Rule = {
  id: ID,
  title: 'Body text has a line height of 1.5',
  asks: 'Is the leading of body text at least 1.5 times its size, at the reference width and at the narrowest?',
  why: 'Readers may set this line height themselves, and a page must hold it; text that has it from the start stays on the grid.',
  source: 'WCAG 2.2, 1.4.12 Text Spacing (line height 1.5)',
  weight: 'weigh',
  thresholds: [{ id: 'least', title: 'At least', unit: '× size', usual: 1.5 }],
  check: perStyle((style, breakpoint, { spec, threshold, text }) => {
    if (style.role !== 'body') return null;
    const least = threshold(ID, 'least');
    const tight = [breakpoint.reference.width, narrowestViewport(breakpoint)]
      .map((width) => ({ width, text: text(style, breakpoint, width) }))
      .find(({ text }) => text.size.compare(ZERO) > 0 && text.ratio.compare(least) < 0);
    if (!tight) return null;
    const { size, leading, ratio, setting } = tight.text;
    const enough = gridLeadings(size, stepOf(spec, breakpoint)).find(({ ofSize }) => ofSize.compare(least) >= 0);
    return {
      message: `${style.name} is ${numeral(size)} / ${numeral(leading)} at ${tight.width}, a line height of ${decimal(ratio)}; body text wants at least ${least}${enough ? `: ${numeral(enough.leading)}` : ''}.`,
      values: { style: style.name, size: exactText(size), leading: exactText(leading), viewport: String(tight.width) },
      mends:
        enough && !isGrowing(setting.leading)
          ? [
              {
                label: `Make the leading ${numeral(enough.leading)}`,
                changes: [{ style: style.name, breakpoint: breakpoint.id, leading: `${exactText(enough.leading)}px` }],
              },
            ]
          : [],
    };
  }),
};
