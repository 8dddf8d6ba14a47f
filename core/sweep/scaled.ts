import type Fraction from 'fraction.js';
import type { ColumnRule } from '../columns/column-rule';
import { countedFit, type Numbers } from '../columns/numbers';
import { guttersInside } from '../columns/solve';
import { leastCommonMultiple } from '../length/common-multiple';
import type { Linear } from './linear';

/** Integers over one common denominator, for loops over thousands of widths. */
export type Scaled = number;

/** A product that the common denominator does not hold exactly. */
export class NotExact extends Error {}

/** The column equation over integers that count 1/denominator px. */
export function scaledNumbers(denominator: number): Numbers<Scaled> {
  const numbers: Numbers<Scaled> = {
    exact: (value) => scale(value, denominator),
    add: (a, b) => a + b,
    sub: (a, b) => a - b,
    times: (a, factor) => exactProduct(a, factor),
    least: Math.min,
    greatest: Math.max,
    floor: (a) => Math.floor(a / denominator) * denominator,
    roundHalfUp: (a) => Math.floor((2 * a + denominator) / (2 * denominator)) * denominator,
    fitted: (space, each, most) => countedFit(numbers, each, each <= 0 ? null : Math.floor(space / each), most),
  };
  return numbers;
}

/** A fraction as a count of 1/denominator. */
export function scale(value: Fraction, denominator: number): Scaled {
  const product = value.s * value.n * BigInt(denominator);
  if (product % value.d !== 0n) throw new NotExact();
  return Number(product / value.d);
}

function exactProduct(a: number, factor: Fraction): number {
  const [numerator, divisor] = [Number(factor.s * factor.n), Number(factor.d)];
  const product = (a * numerator) / divisor;
  if (!Number.isSafeInteger(product) || !Number.isSafeInteger(a * numerator)) throw new NotExact();
  return product;
}

/** A denominator over which all of these are whole counts. */
export function sharedDenominator(denominators: bigint[]): number {
  return Number(denominators.reduce(leastCommonMultiple, 1n));
}

/** A denominator over which every step of the equation is a whole count. */
export function commonDenominator(rule: ColumnRule<Linear>): number {
  const held = [
    rule.room,
    rule.frameStart,
    rule.marginStart,
    rule.marginEnd,
    widthOf(rule.gutter),
    widthOf(rule.column),
    widthOf(rule.container),
  ];
  const lengths = sharedDenominator(held.flatMap((length) => (length ? [length.slope.d, length.base.d] : [])));
  const count = rule.count === 'auto' ? 1 : rule.count;
  const gutters = Math.max(1, guttersInside(count, rule.outer));
  const share = rule.gutter.is === 'ofColumn' ? rule.gutter.share : null;
  // container / (count + gutters · share), and the gutter again as a share of that
  const divided = share ? Number(share.mul(gutters).add(count).n) * Number(share.d) ** 2 : 1;
  return lengths * 4 * count * gutters * divided;
}

function widthOf(part: { is: string; width?: Linear }): Linear | null {
  return part.width ?? null;
}

/** The rule of a piece at one width, in integers. */
export function scaledRule(rule: ColumnRule<Linear>, denominator: number): (width: number) => ColumnRule<Scaled> {
  const counts = new Map<Linear, { slope: number; base: number }>();
  const at = (length: Linear, width: number): Scaled => {
    const known = counts.get(length) ?? {
      slope: scale(length.slope, denominator),
      base: scale(length.base, denominator),
    };
    counts.set(length, known);
    return known.slope * width + known.base;
  };
  const { gutter, column, container, marginStart, marginEnd } = rule;
  return (width) => ({
    ...rule,
    room: at(rule.room, width),
    frameStart: at(rule.frameStart, width),
    gutter: gutter.is === 'held' ? { is: 'held', width: at(gutter.width, width) } : gutter,
    column: column.is === 'held' ? { is: 'held', width: at(column.width, width) } : column,
    container: 'width' in container ? { is: container.is, width: at(container.width, width) } : container,
    marginStart: marginStart && at(marginStart, width),
    marginEnd: marginEnd && at(marginEnd, width),
  });
}
