import { shown } from '../length/length';
import { changesWithScreen } from '../length/units';
import { lengthOf, parseLengthValue } from '../length/length-value';
import type { Parsed } from '../parsed';
import { withoutPx } from '../length/whole-px';
import { LIMITS } from '../limits';
import type { Spec } from '../spec/schema';

/**
 * The spec after a person typed a base unit.
 *
 *     writeBase(spec, '4')   // everything is now held against 4 px
 */
export function writeBase(spec: Spec, text: string): Parsed<Spec> {
  const base = parseLengthValue(text);
  if (base.problem !== undefined) return base;
  const { amount, unit } = lengthOf(base.value);
  if (amount.equals(0)) return { problem: 'A base unit can’t be 0. Enter one such as 8 or 4.' };
  if (changesWithScreen(unit)) {
    return { problem: `“${shown(text)}” changes with the screen. A base unit is fixed, such as 8 or 0.5rem.` };
  }
  return { value: { ...spec, spacing: { ...spec.spacing, base: base.value } } };
}

/** The spec with half steps of the base unit allowed, or not. */
export function allowHalfSteps(spec: Spec, halfSteps: boolean): Spec {
  return { ...spec, spacing: { ...spec.spacing, halfSteps } };
}

/**
 * The spec after a person typed what rem and the absolute units count on.
 *
 *     writeUnits(spec, '10', 72)   // 1rem = 10px, and 1pt = 1px as in drawings at 72 px per inch
 */
export function writeUnits(spec: Spec, rootFontSize: string, pixelsPerInch: Spec['pixelsPerInch']): Parsed<Spec> {
  const text = withoutPx(rootFontSize);
  const size = Number(text);
  if (!/^\d+(\.\d+)?$/.test(text) || size < LIMITS.rootFontSize.least || size > LIMITS.rootFontSize.most) {
    return {
      problem: `“${shown(rootFontSize)}” isn’t a root font size. Enter px from ${LIMITS.rootFontSize.least} to ${LIMITS.rootFontSize.most}, such as 16.`,
    };
  }
  return { value: { ...spec, rootFontSize: size, pixelsPerInch } };
}
