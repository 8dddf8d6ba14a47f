import Fraction from 'fraction.js';
import { shown } from '../length/length';
import { changesWithScreen, unitPattern, UNITS } from '../length/units';
import { lengthOf, parseLengthValue } from '../length/length-value';
import { mapped, type Parsed } from '../parsed';
import { ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import { byWidth, screenOf } from '../spec/ranges';
import { freeName } from '../spec/free-name';
import { LIMITS } from '../limits';
import type { Spec } from '../spec/schema';
import { cssNameOf } from './css-name';
import { baseUnit, stepName } from './scale';

/** A length that does not change with the screen. */
const FIXED = new RegExp(
  String.raw`^[\d.]+\s*(${unitPattern(UNITS.filter((unit) => !changesWithScreen(unit)))})$`,
  'i',
);

const MOST_STEPS = LIMITS.steps;

function withSteps(spec: Spec, steps: Spec['spacing']['steps']): Spec {
  return { ...spec, spacing: { ...spec.spacing, steps } };
}

type NamedStep = Spec['spacing']['steps'][number];

function withStep(spec: Spec, index: number, some: Partial<NamedStep>): Spec {
  return withSteps(
    spec,
    spec.spacing.steps.map((step, place) => (place === index ? { ...step, ...some } : step)),
  );
}

/**
 * The spec with one step more. A step is typed as a multiple of the base unit, or as a length.
 *
 *     addStep(spec, '3/2')    // 12 px on a base of 8, named space-1-5
 *     addStep(spec, '40px')   // 5 base units
 */
export function addStep(spec: Spec, text: string): Parsed<Spec> {
  if (spec.spacing.steps.length >= MOST_STEPS)
    return { problem: `A scale can have up to ${MOST_STEPS} steps. Remove one first.` };
  return mapped(readTimes(spec, text), (times) =>
    withSteps(spec, [...spec.spacing.steps, { name: freeName(spec.spacing.steps, stepName(times)), times }]),
  );
}

/** The spec with a step of another size. */
export function resizeStep(spec: Spec, index: number, text: string): Parsed<Spec> {
  return mapped(readTimes(spec, text), (times) => withStep(spec, index, { times }));
}

/** The spec with a step under another name. */
export function nameStep(spec: Spec, index: number, text: string): Parsed<Spec> {
  const name = text.trim();
  if (!/^[a-z][a-z0-9-]{0,59}$/i.test(name)) {
    return {
      problem: `“${shown(name)}” can’t be a step name, because it becomes a CSS property. Use letters, digits and hyphens, such as space-2.`,
    };
  }
  const other = spec.spacing.steps.find((step, place) => place !== index && cssNameOf(step.name) === cssNameOf(name));
  if (other?.name === name) return { problem: `Another step is named ${name} already. Enter another name.` };
  if (other)
    return {
      problem: `${name} and ${other.name} become one CSS property, --${cssNameOf(name)}. Enter another name.`,
    };
  return { value: withStep(spec, index, { name }) };
}

/** The spec without a step. */
export function removeStep(spec: Spec, index: number): Spec {
  return withSteps(
    spec,
    spec.spacing.steps.filter((_, place) => place !== index),
  );
}

const PLAIN = /^(\d+(?:\.\d+)?)(?:\s*\/\s*([1-9]\d*))?\s*[×x]?$/;

function readTimes(spec: Spec, typed: string): Parsed<string> {
  const text = typed.trim().replace(/^[×x]\s*/, '');
  const plain = PLAIN.exec(text);
  if (plain) return checked(new Fraction(plain[1]!).div(plain[2] ?? 1), text);
  const length = FIXED.test(text) ? parseLengthValue(text) : null;
  if (!length?.value)
    return {
      problem: `“${shown(typed)}” isn’t a step. Enter a multiple of the base unit, such as 3/2, or a length, such as 12px.`,
    };
  const base = baseUnit(spec);
  if (base.equals(ZERO)) return { problem: 'The base unit is 0. Set a base unit first, such as 8.' };
  const screen = screenOf(spec, byWidth(spec.breakpoints)[0]!);
  return checked(toPx(lengthOf(length.value), screen).div(base), text);
}

function checked(times: Fraction, text: string): Parsed<string> {
  if (times.equals(ZERO)) return { problem: 'A step can’t be 0. Enter more, such as 1/2.' };
  if (times.compare(LIMITS.stepTimes) > 0)
    return {
      problem: `“${shown(text)}” is more than ${LIMITS.stepTimes.toLocaleString('en')} base units. Enter a smaller step, such as 8.`,
    };
  return { value: times.toFraction() };
}
