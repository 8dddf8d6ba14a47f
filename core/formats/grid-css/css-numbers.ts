import Fraction from 'fraction.js';
import { exactNumbers, type Numbers } from '../../columns/numbers';
import { leastCommonMultiple } from '../../length/common-multiple';
import { greatest, least, type Px, ZERO } from '../../length/px';

/**
 * A sum that the browser works out: px, a share of the viewport, and multiples of other terms such as `1rem` or `min(…)`.
 * At every whole viewport width it comes to a multiple of 1/grain px.
 */
export type CssSum = { terms: ReadonlyMap<string, Fraction>; grain: bigint };

export const PX = 'px';

/**
 * How a share of the viewport is written: in margins and padding of a full-width element `%`, in gaps `vw`, in heights
 * `vh`; `cqi` where a height follows from the width of a full-width container.
 */
export type ViewportUnit = '%' | 'vw' | 'vh' | 'cqi';

/** One term; `each` is what one of its unit comes to in px, for a share of the viewport its hundredth. */
export function term(name: string, amount: Fraction, each = new Fraction(1)): CssSum {
  return { terms: new Map(amount.n === 0n ? [] : [[name, amount]]), grain: amount.mul(each).d };
}

export const NO_SUM: CssSum = { terms: new Map(), grain: 1n };

export function combine(a: CssSum, b: CssSum, sign: 1 | -1): CssSum {
  const terms = new Map(a.terms);
  for (const [name, amount] of b.terms) {
    const total = (terms.get(name) ?? ZERO).add(amount.mul(sign));
    if (total.n === 0n) terms.delete(name);
    else terms.set(name, total);
  }
  return { terms, grain: leastCommonMultiple(a.grain, b.grain) };
}

/** The sum of sums; of many, their terms are counted into one list. */
export function totalOf(sums: readonly CssSum[]): CssSum {
  const terms = new Map<string, Fraction>();
  let grain = 1n;
  for (const sum of sums) {
    for (const [name, amount] of sum.terms) terms.set(name, terms.get(name)?.add(amount) ?? amount);
    grain = leastCommonMultiple(grain, sum.grain);
  }
  for (const [name, { n }] of terms) if (n === 0n) terms.delete(name);
  return { terms, grain };
}

/** A function of sums, as one term of a further sum. Constants inside are worked out at once. */
export function call(name: string, sums: CssSum[], exactly: (values: Px[]) => Px, extra: string[] = []): CssSum {
  if (sums.every(isConstant)) return term(PX, exactly(sums.map(constantOf)));
  const [before, after] = name.split(',') as [string, string?];
  const inside = [...(after ? [after] : []), ...sums.map(expression), ...extra].join(', ');
  const grain = sums.reduce((common, sum) => leastCommonMultiple(common, sum.grain), 1n);
  return { terms: new Map([[`${before}(${inside})`, new Fraction(1)]]), grain };
}

function isConstant({ terms }: CssSum): boolean {
  return [...terms.keys()].every((name) => name === PX);
}

export function constantOf({ terms }: CssSum): Px {
  return terms.get(PX) ?? ZERO;
}

/** The column equation over `calc()` text. */
export const cssNumbers: Numbers<CssSum> = {
  exact: (value) => term(PX, value),
  add: (a, b) => combine(a, b, 1),
  sub: (a, b) => combine(a, b, -1),
  times: ({ terms, grain }, factor) =>
    factor.n === 0n
      ? NO_SUM
      : {
          terms: new Map([...terms].map(([name, amount]) => [name, amount.mul(factor)])),
          grain: grain * factor.d,
        },
  least: (a, b) => call('min', [a, b], ([x, y]) => least(x!, y!)),
  greatest: (a, b) => call('max', [a, b], ([x, y]) => greatest(x!, y!)),
  floor: (a) => whole(call('round,down', [nudged(a)], ([x]) => x!.floor(), ['1px'])),
  roundHalfUp: (a) => whole(call('round,nearest', [nudged(a)], ([x]) => x!.add(new Fraction(1, 2)).floor(), ['1px'])),
  // how often is counted by the browser: what it comes to is the space rounded down to a multiple
  fitted: (space, each, most) => {
    if (isConstant(space) && isConstant(each)) {
      const fit = exactNumbers.fitted(constantOf(space), constantOf(each), most);
      return { count: fit.count, together: term(PX, fit.together) };
    }
    const fits = call('round,down', [nudged(space, each.grain), each], ([x]) => x!);
    const { least, greatest, times } = cssNumbers;
    return { count: null, together: greatest(each, least(fits, times(each, new Fraction(most)))) };
  },
};

function whole(sum: CssSum): CssSum {
  return { ...sum, grain: 1n };
}

/** The next multiple of a step at or above a sum. */
export function roundedUp(sum: CssSum, step: CssSum): CssSum {
  // a step of thirds, of which a whole sum is a multiple, comes out a little too small as well
  const grain = isConstant(sum) ? (isConstant(step) ? null : step.grain) : sum.grain;
  const below = grain === null ? sum : combine(sum, term(PX, nudgeFor(grain)), -1);
  return call('round,up', [below, step], ([x, s]) => (s!.compare(0) <= 0 ? x! : x!.div(s!).ceil().mul(s!)));
}

/** Less than any browser draws; and the least that is more than floating point loses. */
const [MOST_NUDGE, LEAST_NUDGE] = [new Fraction(1, 1000), new Fraction(1, 200_000)];

/** Half of the smallest difference between two values of a sum, kept between what is drawn and what is lost. */
function nudgeFor(grain: bigint): Fraction {
  return greatest(LEAST_NUDGE, least(MOST_NUDGE, new Fraction(1n, grain * 2n)));
}

/**
 * Browsers multiply `(25% - 78px) / 3` out in floating point, where a whole 49 becomes 48.99999: a nudge lifts it over
 * the edge. It is less than what any other value of the sum lacks of a whole.
 */
function nudged(sum: CssSum, grain = 1n): CssSum {
  if (isConstant(sum)) return sum;
  return combine(sum, term(PX, nudgeFor(leastCommonMultiple(sum.grain, grain))), 1);
}

/**
 * A sum as CSS text, over one divisor so that what is whole stays whole in floating point.
 *
 *     cssText(…)   // "24px", "calc((100% - 48px) / 3)", "0px"
 */
export function cssText(sum: CssSum): string {
  const text = expression(sum);
  const isCall = sum.terms.size === 1 && [...sum.terms].every(([name, amount]) => name.includes('(') && isOne(amount));
  return isCall || /^-?[\d.]+[a-z%]+$/.test(text) ? text : `calc(${text})`;
}

function expression(sum: CssSum): string {
  const terms = [...sum.terms].sort(([a], [b]) => rank(a) - rank(b));
  if (terms.length === 0) return '0px';
  const divisor = terms.reduce((common, [, amount]) => leastCommonMultiple(common, notDecimal(amount)), 1n);
  const text = terms
    .map(([name, amount], index) =>
      signed(name, divisor === 1n ? amount : amount.mul(new Fraction(divisor)), index === 0),
    )
    .join(' ');
  if (divisor === 1n) return text;
  return terms.length === 1 ? `${text} / ${divisor}` : `(${text}) / ${divisor}`;
}

/** The viewport first, then functions, then units, px last. */
function rank(name: string): number {
  return ['%', 'vw', 'vh', 'cqi'].includes(name) ? 0 : name.includes('(') ? 1 : name === PX ? 3 : 2;
}

function signed(name: string, amount: Fraction, first: boolean): string {
  const size = amount.abs();
  const negative = amount.s < 0n;
  const written = name.includes('(') ? (isOne(size) ? name : `${plain(size)} * ${name}`) : `${plain(size)}${name}`;
  if (first) return negative ? (name.includes('(') ? `-1 * ${written}` : `-${written}`) : written;
  return `${negative ? '-' : '+'} ${written}`;
}

/** A number without end-less decimals as text. */
function plain(amount: Fraction): string {
  return amount.d === 1n ? amount.n.toString() : amount.toString();
}

function isOne({ s, n, d }: Fraction): boolean {
  return s > 0n && n === d;
}

/** The part of the denominator that no finite decimal can express. */
function notDecimal(amount: Fraction): bigint {
  let rest = amount.d;
  for (const prime of [2n, 5n]) while (rest % prime === 0n) rest /= prime;
  return rest === 1n ? 1n : amount.d;
}
