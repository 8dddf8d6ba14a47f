import Fraction from 'fraction.js';
import { isGrowing, isOfColumn, isPair, isShare, isUpTo } from '../../columns/column-rule';
import { lengthOf, type LengthValue } from '../../length/length-value';
import { exactText, HALF, isMultipleOf, type Px, ZERO } from '../../length/px';
import { numeral } from '../../length/present';
import { toPx } from '../../length/resolve';
import { screenOf } from '../../spec/ranges';
import type { Breakpoint, Columns } from '../../spec/schema';
import { type CellName, type Mend, perBreakpoint, type Rule } from '../rule';

/** Every given quantity is a multiple of the base unit, or of half of it where half steps are allowed. */
export const baseMultiple: Rule = {
  id: 'base-multiple',
  title: 'Quantities are multiples of the base unit',
  asks: 'Is each given margin, gutter, column and container a multiple of the base unit (or of half of it, where half steps are allowed)?',
  why: 'The base unit is settled before any grid; a quantity beside it has to be nudged back again and again.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { spec }) => {
    const screen = screenOf(spec, breakpoint);
    const base = toPx(lengthOf(spec.spacing.base), screen);
    if (base.equals(ZERO)) return [null];
    const step = spec.spacing.halfSteps ? base.mul(HALF) : base;
    return givenLengths(breakpoint.columns).map(({ cell, name, value, put }) => {
      const { amount, unit } = lengthOf(value);
      if (unit === '%' || unit === 'vw') return null;
      const width = toPx({ amount, unit }, screen);
      if (isMultipleOf(width, step)) return null;
      const below = width.div(step).floor().mul(step);
      const allowed = spec.spacing.halfSteps ? `${numeral(base)} px or half of it` : `${numeral(base)} px`;
      const choices = [below, below.add(step)];
      return {
        cell,
        message: `The ${name} of ${numeral(width)} px is not a multiple of ${allowed}; ${numeral(choices[0]!)} and ${numeral(choices[1]!)} are.`,
        values: { quantity: name, width: exactText(width), base: exactText(base), step: exactText(step) },
        mends: choices
          .filter((choice) => choice.compare(ZERO) > 0)
          .map((choice) => mendTo(breakpoint, name, choice, put)),
      };
    });
  }),
};

type Given = { cell: CellName; name: string; value: LengthValue; put(value: LengthValue): Partial<Columns> };

/** The lengths of the columns that a person typed; growing lengths and shares move with the screen and are left out. */
function givenLengths(columns: Columns): Given[] {
  const { margin, container, gutter, column } = columns;
  const given: Given[] = [];
  if (isPair(margin)) {
    for (const side of ['start', 'end'] as const) {
      const value = margin[side];
      if (value === 'auto' || isGrowing(value)) continue;
      given.push({
        cell: 'margin',
        name: `${side} margin`,
        value,
        put: (next) => ({ margin: { ...margin, [side]: next } }),
      });
    }
  } else if (margin !== 'auto' && !isGrowing(margin)) {
    given.push({ cell: 'margin', name: 'margin', value: margin, put: (next) => ({ margin: next }) });
  }
  if (gutter !== 'auto' && !isGrowing(gutter) && !isOfColumn(gutter)) {
    given.push({ cell: 'gutter', name: 'gutter', value: gutter, put: (next) => ({ gutter: next }) });
  }
  if (column !== 'auto')
    given.push({ cell: 'column', name: 'column', value: column, put: (next) => ({ column: next }) });
  if (isUpTo(container)) {
    given.push({
      cell: 'container',
      name: 'greatest container',
      value: container.upTo,
      put: (next) => ({ container: { upTo: next as string } }),
    });
  } else if (container !== 'fill' && container !== 'auto' && !isGrowing(container) && !isShare(container)) {
    given.push({ cell: 'container', name: 'container', value: container, put: (next) => ({ container: next }) });
  }
  return given;
}

function mendTo({ id }: Breakpoint, name: string, width: Px, put: Given['put']): Mend {
  return {
    label: `Make the ${name} ${numeral(width)}`,
    changes: [{ breakpoint: id, columns: put(`${new Fraction(width).toFraction()}px`) }],
  };
}
