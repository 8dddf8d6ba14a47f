import { exactText, isMultipleOf, ZERO } from '../../length/px';
import { isGrowing } from '../../length/growing';
import { nearestLeadings } from '../../type/on-the-grid';
import { stepOf } from '../../type/text-at';
import { perStyle, type Rule } from '../rule';
import { figure } from '../say';
import { settingEdits } from '../../type/setting-edits';

/** Every leading is a whole number of baseline steps. */
export const leadingOnBaseline: Rule = {
  id: 'leading-on-baseline',
  version: 1,
  title: 'Leading sits on the baseline',
  asks: 'Is the leading of each text style a whole number of baseline steps, at the design width?',
  why: 'With any other leading only the first line is on the grid. The second is already off.',
  source: 'Arithmetic: leading = n · step',
  weight: 'weigh',
  check: perStyle((style, breakpoint, { spec, text }) => {
    const step = stepOf(spec, breakpoint);
    const { leading, setting } = text(style, breakpoint);
    if (step.equals(ZERO) || isMultipleOf(leading, step)) return null;
    const choices = nearestLeadings(leading, step);
    return {
      part: 'leading',
      values: { style: style.name, leading: exactText(leading), step: exactText(step) },
      facts: { choices: choices.map(exactText).join(' ') },
      mends: isGrowing(setting.leading)
        ? []
        : choices.map((choice) => ({
            facts: { leading: exactText(choice) },
            edits: settingEdits(spec, style, breakpoint, { leading: `${exactText(choice)}px` }),
          })),
    };
  }),
  says: ({ style, leading, step, choices }) =>
    `${style} has a leading of ${figure(leading)} px on baselines of ${figure(step)}; ${String(choices).split(' ').map(figure).join(' and ')} sit on the grid.`,
  offers: ({ leading }) => `Make the leading ${figure(leading)}`,
};
