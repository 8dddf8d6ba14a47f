import { exactText, isMultipleOf } from '../../length/px';
import { baseUnit, leastStep, offScale } from '../../spacing/scale';
import { type Mend, perBreakpoint, type Rule } from '../rule';
import { figure } from '../say';
import { addedStep } from '../../spacing/step-edits';

/** Every space of the grids is a named step, as far as the scale reaches. */
export const spacesOnScale: Rule = {
  id: 'spaces-on-scale',
  version: 1,
  title: 'Spaces are steps of the scale',
  asks: 'Is each margin, gutter, gap and offset you set, up to the largest step, a step of the spacing scale?',
  why: 'A space without a name ends up as a bare number in the code, where nobody finds it again.',
  source: 'Common practice',
  weight: 'note',
  check: perBreakpoint((breakpoint, { spec, steps, uses }) => {
    const its = uses.filter((use) => use.breakpoint === breakpoint);
    return offScale(spec, steps, its).map(({ given }) => {
      const { name, px: width, put } = given;
      const below = steps.findLast((step) => step.px.compare(width) < 0);
      const above = steps.find((step) => step.px.compare(width) > 0)!;
      const nearest = [...(below ? [below] : []), above];
      const times = width.div(baseUnit(spec)).toFraction();
      const mends: Mend[] = isMultipleOf(width, leastStep(spec))
        ? [{ facts: { times, width: exactText(width) }, edits: addedStep(spec, times) }]
        : nearest.map((step) => ({
            facts: { name, width: exactText(step.px) },
            edits: [put(`${exactText(step.px)}px`)],
          }));
      return {
        cell: given.at,
        values: { quantity: name, width: exactText(width), steps: steps.map((step) => exactText(step.px)).join(' ') },
        facts: {
          above: above.name,
          abovePx: exactText(above.px),
          ...(below && { below: below.name, belowPx: exactText(below.px) }),
        },
        mends,
      };
    });
  }),
  says: ({ quantity, width, below, belowPx, above, abovePx }) => {
    const upper = `${above} (${figure(abovePx)})`;
    const nearest = below === undefined ? `${upper} is` : `${below} (${figure(belowPx)}) and ${upper} are`;
    return `The ${quantity} of ${figure(width)} px isn’t on the scale; ${nearest} nearest.`;
  },
  offers: ({ times, name, width }) =>
    times === undefined ? `Make the ${name} ${figure(width)}` : `Name ${figure(width)} px`,
};
