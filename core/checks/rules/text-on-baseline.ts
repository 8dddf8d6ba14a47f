import { exactText, ZERO } from '../../length/px';
import { counted, decimal } from '../../length/present';
import { stepOf } from '../../type/text-at';
import type { Rule } from '../rule';
import { px } from '../../length/px';

/** The first baseline of each text style stands on a baseline of the grid. */
export const textOnBaseline: Rule = {
  id: 'text-on-baseline',
  version: 1,
  title: 'Text sits on the baselines',
  asks: 'Does the first baseline of each text style lie on a baseline of the grid when its box begins on one, whatever its leading?',
  why: 'A font’s metrics put text a few px off the grid. Without grid.css, developers have to move it.',
  source: 'CSS Inline Layout 3: half-leading + ascent',
  weight: 'note',
  check({ spec, breakpoints, text }) {
    return spec.type.flatMap((style) => {
      const off = breakpoints
        .filter((breakpoint) => !stepOf(spec, breakpoint).equals(ZERO))
        .map((breakpoint) => ({ breakpoint, shift: text(style, breakpoint).shift }))
        .filter(({ shift }) => !shift.equals(ZERO));
      const [first] = off;
      if (!first) return [];
      return [
        {
          breakpoint: first.breakpoint.id,
          subject: off.map(({ breakpoint }) => ['type', style.name, 'at', breakpoint.id, 'leading']),
          widths: off.map(({ breakpoint }) => breakpoint.reference.width),
          values: {
            style: style.name,
            shifts: off.map(({ breakpoint, shift }) => `${breakpoint.id} ${exactText(shift)}`).join(' '),
          },
          facts: { shift: exactText(first.shift), others: off.length - 1 },
        },
      ];
    });
  },
  says: ({ style, shift, others }) => {
    const elsewhere = others === 0 ? '' : `, and on ${counted(Number(others), 'other breakpoint')} too`;
    return `${style} falls ${decimal(px(shift!))} px above the next baseline${elsewhere}; grid.css moves it down onto it.`;
  },
};
