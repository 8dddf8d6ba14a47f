import Fraction from 'fraction.js';

/** A length in CSS px, exact: 85⅔ px is the fraction 257/3. */
export type Px = Fraction;

export const ZERO: Px = new Fraction(0);
export const HALF = new Fraction(1, 2);

/**
 * An exact length in px.
 *
 *     px(24); px(9999.999); px('85.5'); px('257/3')
 *
 * A number is taken by its decimal text, 9999.999 as 9999999/1000: never by the floating-point number that stands for it, which is another one, and whose fraction
 * costs 90 ms to find.
 *
 * @throws when the text is no number; text that a person typed goes through `parseLength` first
 */
export function px(value: number | string | Fraction): Px {
  if (value instanceof Fraction) return value;
  // whole numbers, which most are, need no reading, and are made once: a fraction never changes
  if (typeof value === 'string') return new Fraction(value);
  if (!Number.isSafeInteger(value)) {
    const known = DECIMALS.get(value) ?? ofDecimalText(String(value));
    if (DECIMALS.size < MOST_KEPT) DECIMALS.set(value, known);
    return known;
  }
  return value >= 0 && value <= MOST_KEPT
    ? (WHOLE[value] ??= new Fraction(BigInt(value)))
    : new Fraction(BigInt(value));
}

/** A decimal as JavaScript writes it, such as `0.125` or `1e-7`. */
function ofDecimalText(text: string): Px {
  const [digits = '', exponent] = text.split('e');
  const power = BigInt(Math.abs(Number(exponent ?? 0)));
  const scale = new Fraction(10n ** power);
  return Number(exponent ?? 0) < 0 ? new Fraction(digits).div(scale) : new Fraction(digits).mul(scale);
}

/** The whole px up to the widest of screens. */
const MOST_KEPT = 4096;
const WHOLE: Px[] = [];
const DECIMALS = new Map<number, Px>();

/** The exact fraction as files and answers carry it: `"257/3"`, `"74"`, `"-5/2"`. */
export function exactText(value: Fraction): string {
  return value.toFraction();
}

/** Is it a whole number of px? */
export function isWhole(value: Fraction): boolean {
  return value.d === 1n;
}

/** Nearest whole number, half up: 72½ → 73, −½ → 0. */
export function roundHalfUp(value: Fraction): Fraction {
  return value.add(HALF).floor();
}

export function isMultipleOf(value: Fraction, base: Fraction): boolean {
  return isWhole(value.div(base));
}

/** The multiples of a step just below and just above a length that is none of them. */
export function multiplesAround(length: Px, step: Px): [below: Px, above: Px] {
  const below = length.div(step).floor().mul(step);
  return [below, below.add(step)];
}

/** The smaller of two lengths. */
export function least(a: Px, b: Px): Px {
  return a.compare(b) <= 0 ? a : b;
}

/** The greater of two lengths. */
export function greatest(a: Px, b: Px): Px {
  return a.compare(b) >= 0 ? a : b;
}

/**
 * Where Chromium draws an exact edge: it lays boxes out in 1/64 px and rounds down.
 *
 *     browserEdge(px('605/3'))   // 201.65625, for 201⅔
 */
export function browserEdge(edge: Px): number {
  return edge.mul(64).floor().valueOf() / 64;
}
