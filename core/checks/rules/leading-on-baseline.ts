import { exactText, isMultipleOf, ZERO } from '../../length/px';
import { numeral } from '../../length/present';
import { isGrowing } from '../../length/growing';
import { nearestLeadings } from '../../type/on-the-grid';
import { stepOf } from '../../type/text-at';
import { perStyle, type Rule } from '../rule';

/** Every leading is a whole number of baseline steps. */
export const leadingOnBaseline: Rule = {
  id: 'leading-on-baseline',
  title: 'Leading sits on the baseline',
  asks: 'Is the leading of each text style a whole number of baseline steps, at the reference width?',
  why: 'With any other leading only the first line stands on the grid; the second is already off it.',
  source: 'Arithmetic: leading = n · step',
  weight: 'weigh',
  check: perStyle((style, breakpoint, { spec, text }) => {
    const step = stepOf(spec, breakpoint);
    const { leading, setting } = text(style, breakpoint);
    if (step.equals(ZERO) || isMultipleOf(leading, step)) return null;
    const choices = nearestLeadings(leading, step);
    return {
      message: `${style.name} has a leading of ${numeral(leading)} px on baselines of ${numeral(step)}; ${choices.map(numeral).join(' and ')} sit on the grid.`,
      values: { style: style.name, leading: exactText(leading), step: exactText(step) },
      mends: isGrowing(setting.leading)
        ? []
        : choices.map((choice) => ({
            label: `Make the leading ${numeral(choice)}`,
            changes: [{ style: style.name, breakpoint: breakpoint.id, leading: `${exactText(choice)}px` }],
          })),
    };
  }),
};
