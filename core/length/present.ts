import type Fraction from 'fraction.js';

const GLYPHS: Record<string, string> = {
  '1/2': '½',
  '1/3': '⅓',
  '2/3': '⅔',
  '1/4': '¼',
  '3/4': '¾',
  '1/5': '⅕',
  '2/5': '⅖',
  '3/5': '⅗',
  '4/5': '⅘',
  '1/6': '⅙',
  '5/6': '⅚',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};

/** From here on a fraction says less to a person than its decimal. */
const LARGEST_DENOMINATOR = 128n;

/**
 * A number as the sheet shows it: whole part and fraction, no thousands mark.
 *
 *     numeral(px('313/4'))    // "78¼"
 *     numeral(px('1108/13'))  // "85³⁄₁₃"
 */
export function numeral(value: Fraction): string {
  return written(value, (whole) => whole.toString());
}

/** A number as a sentence shows it: 1164 → "1,164", 257/3 → "85⅔". */
export function spoken(value: Fraction): string {
  return written(value, (whole) => whole.toString().replace(/\B(?=(\d{3})+$)/g, ','));
}

/** A count of things: `1 column`, `12 columns`. */
export function counted(count: number, thing: string): string {
  return `${count} ${thing}${count === 1 ? '' : 's'}`;
}

/** Words in a row: `Phone`, `Phone and Tablet`, `Phone, Tablet and Desktop`. */
export function inSeries(words: readonly string[], joined: 'and' | 'or' = 'and'): string {
  return words.length > 1 ? `${words.slice(0, -1).join(', ')} ${joined} ${words.at(-1)}` : (words[0] ?? '');
}

/** The decimal for hover and copy: at most four places, no trailing zeros. */
export function decimal(value: Fraction): string {
  return String(Number(value.valueOf().toFixed(4)));
}

function written(value: Fraction, wholePart: (whole: bigint) => string): string {
  const sign = value.s < 0n ? '−' : '';
  if (value.d > LARGEST_DENOMINATOR) return `${sign}≈${Math.abs(value.valueOf()).toFixed(2)}`;
  const whole = value.n / value.d;
  const rest = value.n % value.d;
  if (rest === 0n) return sign + wholePart(whole);
  const glyph = GLYPHS[`${rest}/${value.d}`] ?? `${digits(rest, '⁰¹²³⁴⁵⁶⁷⁸⁹')}⁄${digits(value.d, '₀₁₂₃₄₅₆₇₈₉')}`;
  return sign + (whole === 0n ? '' : wholePart(whole)) + glyph;
}

function digits(number: bigint, glyphs: string): string {
  return [...number.toString()].map((digit) => [...glyphs][Number(digit)]).join('');
}
