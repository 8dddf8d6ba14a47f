import Fraction from 'fraction.js';
import type { LengthReader } from '../columns/read-rule';
import { isGrowing } from '../length/growing';
import type { Size } from '../length/size';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import type { Numbers } from '../columns/numbers';
import { changesWithScreen } from '../length/units';
import { lengthOf, type LengthValue } from '../length/length-value';
import { type Px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';

/** A length that changes evenly with the viewport: slope · width + base, exact. */
export type Linear = { slope: Fraction; base: Px };

const constant = (base: Px): Linear => ({ slope: ZERO, base });

export function linearAt({ slope, base }: Linear, width: number): Px {
  return slope.mul(width).add(base);
}

/** Two lengths change places inside a range of widths: it has to be split there. */
export class CrossesWithin extends Error {
  constructor(readonly width: Fraction) {
    super();
  }
}

/** The column equation over lengths that change evenly, within a range of widths in which the lesser stays the lesser. */
export function linearNumbers(from: number, to: number): Numbers<Linear> {
  const lesser = (a: Linear, b: Linear): Linear => {
    const difference = sub(a, b);
    const [first, last] = [linearAt(difference, from).s, linearAt(difference, to).s];
    if (first * last >= 0n) return first + last <= 0n ? a : b;
    throw new CrossesWithin(difference.base.neg().div(difference.slope));
  };
  const unsupported = (): never => {
    throw new Error('rounding is not even; such columns are solved width by width');
  };
  return {
    exact: constant,
    add: (a, b) => ({ slope: a.slope.add(b.slope), base: a.base.add(b.base) }),
    sub,
    times: (a, factor) => ({ slope: a.slope.mul(factor), base: a.base.mul(factor) }),
    least: lesser,
    greatest: (a, b) => (lesser(a, b) === a ? b : a),
    floor: unsupported,
    roundHalfUp: unsupported,
    fitted: unsupported,
  };
}

function sub(a: Linear, b: Linear): Linear {
  return { slope: a.slope.sub(b.slope), base: a.base.sub(b.base) };
}

/** Reads a document's lengths as they change with the viewport, within a range that no growing length begins or ends in. */
export function linearReader(spec: Spec, breakpoint: Breakpoint, from: number, to: number): LengthReader<Linear> {
  const screen = screenOf(spec, breakpoint);
  const viewport: Linear = { slope: new Fraction(1), base: ZERO };
  const numbers = linearNumbers(from, to);
  const lengthIn =
    (room: Linear) =>
    (value: LengthValue): Linear => {
      const parsed = lengthOf(value);
      if (parsed.unit === '%') return numbers.times(room, parsed.amount.div(100));
      if (changesWithScreen(parsed.unit)) return { slope: parsed.amount.div(100), base: ZERO };
      return constant(toPx(parsed, screen));
    };
  const growing: LengthReader<Linear>['growing'] = ({ between, over: [start, end] }) => {
    const [first, last] = between.map(lengthIn(viewport)) as [Linear, Linear];
    if (to <= start) return first;
    if (from >= end) return last;
    // both ends are constant, as the schema and the sheet hold them: a growing length in % would grow twice
    const slope = last.base.sub(first.base).div(new Fraction(end).sub(start));
    return { slope, base: first.base.sub(slope.mul(start)) };
  };
  const side = (value: Size | undefined): Linear =>
    value === undefined ? constant(ZERO) : isGrowing(value) ? growing(value) : lengthIn(viewport)(value);
  const { start, end } = breakpoint.frame ?? {};
  const frameStart = side(start);
  const room = numbers.sub(numbers.sub(viewport, frameStart), side(end));
  return { numbers, room, frameStart, length: lengthIn(room), safe: () => constant(ZERO), growing };
}
