import { exactText, isMultipleOf } from '../../length/px';
import { numeral } from '../../length/present';
import { baseUnit, leastStep, offScale } from '../../spacing/scale';
import { type Mend, perBreakpoint, type Rule } from '../rule';

/** Every space of the grids is a named step, as far as the scale reaches. */
export const spacesOnScale: Rule = {
  id: 'spaces-on-scale',
  title: 'Spaces are steps of the scale',
  asks: 'Is each given margin, gutter, gap and offset, up to the largest step, a named step of the spacing scale?',
  why: 'A space without a name is written as a bare number in the code, where nobody finds it again.',
  source: 'Common practice',
  weight: 'note',
  check: perBreakpoint((breakpoint, { spec, steps, uses }) => {
    const its = uses.filter((use) => use.breakpoint === breakpoint);
    return offScale(spec, steps, its).map(({ given: { name, cell, px: width, put } }) => {
      const below = steps.findLast((step) => step.px.compare(width) < 0);
      const above = steps.find((step) => step.px.compare(width) > 0)!;
      const nearest = [...(below ? [below] : []), above];
      const named = nearest.map((step) => `${step.name} (${numeral(step.px)})`).join(' and ');
      const times = width.div(baseUnit(spec)).toFraction();
      const mends: Mend[] = isMultipleOf(width, leastStep(spec))
        ? [{ label: `Name ${numeral(width)} px`, changes: [{ addStep: times }] }]
        : nearest.map((step) => ({
            label: `Make the ${name} ${numeral(step.px)}`,
            changes: [{ breakpoint: breakpoint.id, ...put(`${exactText(step.px)}px`) }],
          }));
      return {
        cell,
        message: `The ${name} of ${numeral(width)} px is no step of the scale; ${named} ${nearest.length === 1 ? 'is' : 'are'} nearest.`,
        values: { quantity: name, width: exactText(width), steps: steps.map((step) => exactText(step.px)).join(' ') },
        mends,
      };
    });
  }),
};
