import { exactText, ZERO } from '../../length/px';
import { decimal } from '../../length/present';
import { isGrowing } from '../../length/growing';
import { narrowestViewport } from '../../spec/ranges';
import { gridLeadings } from '../../type/on-the-grid';
import { stepOf } from '../../type/text-at';
import { perStyle, type Rule } from '../rule';
import { figure } from '../say';
import { settingEdits } from '../../type/setting-edits';
import { px } from '../../length/px';

const ID = 'body-line-height';

/** Body text has a leading of at least one and a half of its size. */
export const bodyLineHeight: Rule = {
  id: ID,
  version: 1,
  title: 'Body text has a line height of 1.5',
  asks: 'Is the leading of body text at least 1.5 times its size, at the design width and at the narrowest?',
  why: 'Readers may set this line height themselves and the page must cope. Text that has it from the start stays on the grid.',
  source: 'WCAG 2.2, 1.4.12 Text Spacing (line height 1.5)',
  weight: 'weigh',
  thresholds: [{ id: 'least', title: 'At least', unit: '× size', usual: 1.5 }],
  check: perStyle((style, breakpoint, { spec, threshold, text }) => {
    if (style.role !== 'body') return null;
    const least = threshold(ID, 'least');
    const enoughOfSize = px(least);
    const tight = [breakpoint.reference.width, narrowestViewport(breakpoint)]
      .map((width) => ({ width, text: text(style, breakpoint, width) }))
      .find(({ text }) => text.size.compare(ZERO) > 0 && text.ratio.compare(enoughOfSize) < 0);
    if (!tight) return null;
    const { size, leading, setting } = tight.text;
    const enough = gridLeadings(size, stepOf(spec, breakpoint)).find(({ ofSize }) => ofSize.compare(enoughOfSize) >= 0);
    return {
      part: 'leading',
      widths: [tight.width],
      facts: { least, ...(enough && { enough: exactText(enough.leading) }) },
      values: { style: style.name, size: exactText(size), leading: exactText(leading), viewport: String(tight.width) },
      mends:
        enough && !isGrowing(setting.leading)
          ? [
              {
                facts: { leading: exactText(enough.leading) },
                edits: settingEdits(spec, style, breakpoint, { leading: `${exactText(enough.leading)}px` }),
              },
            ]
          : [],
    };
  }),
  says: ({ style, size, leading, viewport, least, enough }) =>
    `${style} is ${figure(size)} / ${figure(leading)} at ${viewport}, a line height of ${decimal(px(leading!).div(px(size!)))}; body text needs at least ${least}${enough === undefined ? '' : `: ${figure(enough)}`}.`,
  offers: ({ leading }) => `Make the leading ${figure(leading)}`,
};
