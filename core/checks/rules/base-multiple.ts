import { exactText, isMultipleOf, multiplesAround, type Px, ZERO } from '../../length/px';
import { numeral } from '../../length/present';
import type { GivenLength } from '../../spacing/given-lengths';
import { baseUnit, leastStep } from '../../spacing/scale';
import type { Breakpoint } from '../../spec/schema';
import { type Mend, perBreakpoint, type Rule } from '../rule';

/** Every given quantity is a multiple of the base unit, or of half of it where half steps are allowed. */
export const baseMultiple: Rule = {
  id: 'base-multiple',
  title: 'Quantities are multiples of the base unit',
  asks: 'Is each given margin, gutter, column, container, row, gap and offset a multiple of the base unit (or of half of it, where half steps are allowed)?',
  why: 'The base unit is settled before any grid; a quantity beside it has to be nudged back again and again.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { spec, given: givenFor }) => {
    const [base, step] = [baseUnit(spec), leastStep(spec)];
    if (base.equals(ZERO)) return [null];
    return givenFor(breakpoint).map((given) => {
      const { cell, name, px: width } = given;
      if (isMultipleOf(width, step) || dividesBase(given, base)) return null;
      const allowed = spec.spacing.halfSteps ? `${numeral(base)} px or half of it` : `${numeral(base)} px`;
      const choices = multiplesAround(width, step);
      return {
        cell,
        message: `The ${name} of ${numeral(width)} px is not a multiple of ${allowed}; ${numeral(choices[0])} and ${numeral(choices[1])} are.`,
        values: { quantity: name, width: exactText(width), base: exactText(base), step: exactText(step) },
        mends: choices.filter((choice) => choice.compare(ZERO) > 0).map((choice) => mendTo(breakpoint, given, choice)),
      };
    });
  }),
};

/** A baseline may be finer than the base unit, as long as base units end on baselines. */
function dividesBase({ cell, px: width }: GivenLength, base: Px): boolean {
  return cell === 'step' && width.compare(ZERO) > 0 && isMultipleOf(base, width);
}

function mendTo({ id }: Breakpoint, { name, put }: GivenLength, width: Px): Mend {
  return {
    label: `Make the ${name} ${numeral(width)}`,
    changes: [{ breakpoint: id, ...put(`${exactText(width)}px`) }],
  };
}
