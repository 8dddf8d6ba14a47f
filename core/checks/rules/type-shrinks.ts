import { exactText } from '../../length/px';
import { numeral } from '../../length/present';
import { perStyle, type Rule } from '../rule';

/** Type does not shrink as the screen grows. */
export const typeShrinks: Rule = {
  id: 'type-shrinks',
  title: 'Type does not shrink as the screen grows',
  asks: 'Is each text style at least as large as on the next narrower breakpoint?',
  why: 'A heading that is smaller on a desktop than on a tablet is nearly always two numbers that were swapped.',
  source: 'Common practice',
  weight: 'weigh',
  check: perStyle((style, breakpoint, { breakpoints, text }) => {
    const before = breakpoints[breakpoints.indexOf(breakpoint) - 1];
    if (!before) return null;
    const [was, is] = [text(style, before).size, text(style, breakpoint).size];
    if (is.compare(was) >= 0) return null;
    return {
      message: `${style.name} is ${numeral(is)} px here and ${numeral(was)} on ${before.name}, which is narrower.`,
      values: { style: style.name, size: exactText(is), before: exactText(was) },
      mends: [],
    };
  }),
};
