import type Fraction from 'fraction.js';
import { greatest, least, type Px, px, roundHalfUp } from '../length/px';

/**
 * The sums that the column equation is made of. The equation is written once, over these, and so gives exact fractions
 * for the sheet and `calc()` text for the style sheet, which cannot drift apart.
 */
export interface Numbers<T> {
  exact(value: Px): T;
  add(a: T, b: T): T;
  sub(a: T, b: T): T;
  /** A constant factor, exact. */
  times(a: T, factor: Fraction): T;
  least(a: T, b: T): T;
  greatest(a: T, b: T): T;
  floor(a: T): T;
  roundHalfUp(a: T): T;
  /** How often `each` fits into `space`, at least once and at most so often, and what that comes to. */
  fitted(space: T, each: T, most: number): Fitted<T>;
}

/** Parts of one width that fit into a space; how many they are only the browser may know. */
export type Fitted<T> = { count: number | null; together: T };

/**
 * So many equal parts with the gaps between them: columns with their gutters, rows with theirs; nothing for none.
 *
 *     repeated(74, 32, 2, exactNumbers)   // 180
 */
export function repeated<T>(each: T, gap: T, count: number, { add, times }: Pick<Numbers<T>, 'add' | 'times'>): T {
  return count === 0 ? times(each, px(0)) : add(times(each, px(count)), times(gap, px(count - 1)));
}

/** Parts that fit, where the numbers can count them. */
export function countedFit<T>(
  { times }: Pick<Numbers<T>, 'times'>,
  each: T,
  fits: number | null,
  most: number,
): Fitted<T> {
  const count = Math.min(most, Math.max(1, fits ?? 1));
  return { count, together: times(each, px(count)) };
}

/** Exact fractions of a px. */
export const exactNumbers: Numbers<Px> = {
  exact: (value) => value,
  add: (a, b) => a.add(b),
  sub: (a, b) => a.sub(b),
  times: (a, factor) => a.mul(factor),
  least,
  greatest,
  floor: (a) => a.floor(),
  roundHalfUp,
  fitted: (space, each, most) =>
    countedFit(exactNumbers, each, each.compare(0) <= 0 ? null : space.div(each).floor().valueOf(), most),
};
