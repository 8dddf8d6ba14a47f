import { exactText } from '../../length/px';
import { perStyle, type Rule } from '../rule';
import { figure } from '../say';

/** Type does not shrink as the screen grows. */
export const typeShrinks: Rule = {
  id: 'type-shrinks',
  version: 1,
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
      part: 'size',
      values: { style: style.name, size: exactText(is), before: exactText(was) },
      facts: { name: before.name },
    };
  }),
  says: ({ style, size, before, name }) =>
    `${style} is ${figure(size)} px here and ${figure(before)} on ${name}, which is narrower.`,
};
