import type Fraction from 'fraction.js';
import { ratioOf } from '../length/ratio';
import { decimalOrFraction } from '../length/length';
import { lengthOf } from '../length/length-value';
import { HALF, isMultipleOf, type Px, px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import { byWidth, screenOf } from '../spec/ranges';
import { freeName } from '../spec/free-name';
import type { Breakpoint, Spec } from '../spec/schema';
import { type GivenLength, givenLengths } from './given-lengths';

/** A named step of the spacing scale. `index` is its place in the document. */
export type Step = { index: number; name: string; times: Fraction; px: Px; rem: Fraction };

/** The base unit of a spec in px. */
export function baseUnit(spec: Spec): Px {
  return toPx(lengthOf(spec.spacing.base), screenOf(spec, spec.breakpoints[0]!));
}

/** The least step that is allowed: the base unit, or half of it. */
export function leastStep(spec: Spec): Px {
  return spec.spacing.halfSteps ? baseUnit(spec).mul(HALF) : baseUnit(spec);
}

/**
 * The steps of a spec's scale from the smallest up.
 *
 *     stepsOf(spec)[2]   // { name: 'space-1-5', times: 3/2, px: 12, rem: 3/4 } on a base of 8
 */
export function stepsOf(spec: Spec): Step[] {
  const base = baseUnit(spec);
  return spec.spacing.steps
    .map(({ name, times }, index): Step => {
      const factor = ratioOf(times);
      const width = base.mul(factor);
      return { index, name, times: factor, px: width, rem: width.div(px(spec.rootFontSize)) };
    })
    .sort((a, b) => a.px.compare(b.px));
}

/** A space that a grid uses, and where. */
export type Use = { breakpoint: Breakpoint; given: GivenLength };

/** Every space of every breakpoint, from the narrowest up; spaces of 0 need no name. */
export function spacesInUse(
  spec: Spec,
  given: (breakpoint: Breakpoint) => GivenLength[] = (breakpoint) => givenLengths(spec, breakpoint),
): Use[] {
  return byWidth(spec.breakpoints).flatMap((breakpoint) =>
    given(breakpoint)
      .filter(({ isSpace, px: width }) => isSpace && !width.equals(ZERO))
      .map((length) => ({ breakpoint, given: length })),
  );
}

/** Which spaces of the grids a step stands for. */
export function usesOf(step: Step, uses: Use[]): Use[] {
  return uses.filter(({ given }) => given.px.equals(step.px));
}

/** Spaces that no step names, up to the largest step; what is larger is outside the scale. */
export function offScale(spec: Spec, steps = stepsOf(spec), uses = spacesInUse(spec)): Use[] {
  const largest = steps.at(-1)?.px;
  if (!largest) return [];
  return uses.filter(({ given }) => given.px.compare(largest) <= 0 && !steps.some((step) => step.px.equals(given.px)));
}

/** A step that a scale could have, and why. */
export type Suggestion = { name: string; times: string; px: Px; why: string };

/** Steps that most scales have: half, one, one and a half, two, three, four, six, eight base units. */
export const USUAL_TIMES = ['1/2', '1', '3/2', '2', '3', '4', '6', '8'];

/** The usual name of a step: `space-2`, `space-0-5`, `space-1-3`. */
export function stepName(times: string): string {
  return `space-${decimalOrFraction(ratioOf(times)).replace(/[./]/g, '-')}`;
}

/**
 * Steps that the scale lacks: first those that grids use already, then the usual ones. Nothing is suggested that is no
 * multiple of the base unit (or of half of it, where that is allowed).
 */
export function suggestedSteps(spec: Spec): Suggestion[] {
  const steps = stepsOf(spec);
  const [base, least] = [baseUnit(spec), leastStep(spec)];
  if (base.equals(ZERO)) return [];
  const used = spacesInUse(spec).map(({ breakpoint, given }) => ({
    px: given.px,
    why: `${given.name} of ${breakpoint.name}`,
  }));
  const usual = USUAL_TIMES.map((times) => ({ px: base.mul(ratioOf(times)), why: 'usual' }));
  return [...used, ...usual]
    .filter(({ px: width }) => isMultipleOf(width, least) && !steps.some((step) => step.px.equals(width)))
    .filter(({ px: width }, index, all) => all.findIndex((other) => other.px.equals(width)) === index)
    .map(({ px: width, why }) => {
      const times = width.div(base).toFraction();
      return { name: freeName(spec.spacing.steps, stepName(times)), times, px: width, why };
    });
}
