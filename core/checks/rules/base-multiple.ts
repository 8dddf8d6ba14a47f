import { exactText, isMultipleOf, multiplesAround, type Px, ZERO } from '../../length/px';
import type { GivenLength } from '../../spacing/given-lengths';
import { baseUnit, leastStep } from '../../spacing/scale';
import { type Mend, perBreakpoint, type Rule } from '../rule';
import { figure } from '../say';

/** Every given quantity is a multiple of the base unit, or of half of it where half steps are allowed. */
export const baseMultiple: Rule = {
  id: 'base-multiple',
  version: 1,
  title: 'Values are multiples of the base unit',
  asks: 'Is each margin, gutter, column, container, row, gap and offset a multiple of the base unit (or of half of it, where half steps are allowed)?',
  why: 'The base unit comes before any grid. A value off it has to be nudged back again and again.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { spec, given: givenFor }) => {
    const [base, step] = [baseUnit(spec), leastStep(spec)];
    if (base.equals(ZERO)) return [null];
    return givenFor(breakpoint).map((given) => {
      const { name, px: width } = given;
      if (isMultipleOf(width, step) || dividesBase(given, base)) return null;
      const choices = multiplesAround(width, step);
      return {
        cell: given.at,
        facts: { below: exactText(choices[0]), above: exactText(choices[1]), half: String(spec.spacing.halfSteps) },
        values: { quantity: name, width: exactText(width), base: exactText(base), step: exactText(step) },
        mends: choices.filter((choice) => choice.compare(ZERO) > 0).map((choice) => mendTo(given, choice)),
      };
    });
  }),
  says: ({ quantity, width, base, half, below, above }) =>
    `The ${quantity} of ${figure(width)} px is not a multiple of ${figure(base)} px${half === 'true' ? ' or half of it' : ''}; ${figure(below)} and ${figure(above)} are.`,
  offers: ({ name, width }) => `Make the ${name} ${figure(width)}`,
};

/** A baseline may be finer than the base unit, as long as base units end on baselines. */
function dividesBase({ at, px: width }: GivenLength, base: Px): boolean {
  return at.at(-1) === 'step' && width.compare(ZERO) > 0 && isMultipleOf(base, width);
}

function mendTo({ name, put }: GivenLength, width: Px): Mend {
  return { facts: { name, width: exactText(width) }, edits: [put(`${exactText(width)}px`)] };
}
