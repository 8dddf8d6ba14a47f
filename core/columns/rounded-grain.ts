import Fraction from 'fraction.js';
import { leastCommonMultiple } from '../length/common-multiple';
import { isGrowing } from '../length/growing';
import { changesWithScreen } from '../length/units';
import { lengthOf, type LengthValue } from '../length/length-value';
import { toPx } from '../length/resolve';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { columnRule, type LengthReader } from './read-rule';
import type { Numbers } from './numbers';
import { solveColumns } from './solve';

/** A length that comes to a multiple of 1/grain px at every whole viewport width. */
type Grain = bigint;

/**
 * How fine the widths are that a breakpoint rounds, or counts columns in: at every whole viewport they come to multiples
 * of 1/grain px. Null where nothing is rounded or counted.
 *
 * A browser works them out in single-precision floating point, and tells apart only what differs by more than that loses.
 *
 *     roundedGrain(spec, margins of 4.3vw, 12 columns to whole px)   // 6000n
 */
export function roundedGrain(spec: Spec, breakpoint: Breakpoint): bigint | null {
  let finest: bigint | null = null;
  const note = (grain: Grain): Grain => {
    finest = finest === null || grain > finest ? grain : finest;
    return 1n;
  };
  const both = (a: Grain, b: Grain): Grain => leastCommonMultiple(a, b);
  const numbers: Numbers<Grain> = {
    exact: (value) => value.d,
    add: both,
    sub: both,
    least: both,
    greatest: both,
    times: (grain, factor) => new Fraction(factor.n, factor.d * grain).d,
    floor: note,
    roundHalfUp: note,
    fitted: (space, each) => {
      note(both(space, each));
      return { count: null, together: each };
    },
  };
  solveColumns(numbers, columnRule(breakpoint.columns, grainReader(spec, breakpoint, numbers)));
  return finest;
}

function grainReader(spec: Spec, breakpoint: Breakpoint, numbers: Numbers<Grain>): LengthReader<Grain> {
  const screen = screenOf(spec, breakpoint);
  const lengthIn =
    (room: Grain) =>
    (value: LengthValue): Grain => {
      const { amount, unit } = lengthOf(value);
      if (unit === '%') return numbers.times(room, amount.div(100));
      return changesWithScreen(unit) ? amount.div(100).d : toPx({ amount, unit }, screen).d;
    };
  const growing: LengthReader<Grain>['growing'] = ({ between, over: [from, to] }) => {
    const [start, end] = between.map((value) => toPx(lengthOf(value), screen)) as [Fraction, Fraction];
    const slope = end.sub(start).div(to - from);
    return leastCommonMultiple(slope.d, start.d);
  };
  const { start, end } = breakpoint.frame ?? {};
  const panels = [start, end].map((side): Grain =>
    side === undefined ? 1n : isGrowing(side) ? growing(side) : lengthIn(1n)(side),
  );
  const room = panels.reduce(leastCommonMultiple);
  return { numbers, room, frameStart: 1n, length: lengthIn(room), safe: () => 1n, growing };
}
