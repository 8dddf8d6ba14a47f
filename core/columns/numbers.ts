import type Fraction from 'fraction.js';
import { greatest, least, type Px, roundHalfUp } from '../length/px';

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
  /** How often `each` fits into `space`, or null where only the browser can say. */
  howMany(space: T, each: T): number | null;
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
  howMany: (space, each) => (each.compare(0) <= 0 ? null : space.div(each).floor().valueOf()),
};
