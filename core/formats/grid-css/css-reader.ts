import Fraction from 'fraction.js';
import { guidePlace } from '../../overlay/guide-place';
import type { LengthReader } from '../../columns/read-rule';
import { isGrowing } from '../../length/growing';
import { lengthOf } from '../../length/length-value';
import { ZERO } from '../../length/px';
import { toPx } from '../../length/resolve';
import type { Size } from '../../length/size';
import { type Screen, unitLaw } from '../../length/units';
import { type FrameSides, frameSides } from '../../spec/frame';
import { screenOf, wholeScreenOf } from '../../spec/ranges';
import { measureOf, WIDTH_UNIT } from '../../spec/measure';
import type { Breakpoint, Guide, Spec } from '../../spec/schema';
import { call, combine, constantOf, cssNumbers, type CssSum, NO_SUM, PX, term, type ViewportUnit } from './css-numbers';
import type { Direction } from '../../length/direction';

/** Whatever is one hundredth of the screen, by what it is of. */
const OF_SCREEN = { width: 'vw', height: 'vh' } as const;

/**
 * Reads a document's lengths as CSS. Absolute units become px, since drawings may be at 72 px per inch. `%` and `cqi` are of the room that panels leave, where
 * the grid stands; in `vw` and `vh` bars and panels are taken off.
 *
 * @param direction of reading: a screen's own free sides are at its left and its right
 */
export function cssReader(
  spec: Spec,
  breakpoint: Breakpoint,
  unit: ViewportUnit,
  direction: Direction = 'ltr',
): LengthReader<CssSum> {
  const screen = screenOf(spec, breakpoint);
  const sides = frameSums(spec, breakpoint);
  const whole = term(unit, new Fraction(100), HUNDREDTH);
  const [first, last] = unit === 'vh' ? [sides.top, sides.bottom] : [sides.start, sides.end];
  const isOfRoom = unit === '%' || unit === 'cqi';
  const room = isOfRoom ? whole : combine(combine(whole, first, -1), last, -1);
  const viewport = isOfRoom ? combine(combine(whole, first, 1), last, 1) : whole;
  const length = lengthReader(screen, room);
  return {
    numbers: cssNumbers,
    room,
    frameStart: sides.start,
    length,
    safe: (side) => {
      const isLeft = (side === 'start') === (direction === 'ltr');
      return {
        terms: new Map([[`env(safe-area-inset-${isLeft ? 'left' : 'right'}, 0px)`, new Fraction(1)]]),
        grain: 1n,
      };
    },
    growing: grownOver(viewport, screen, length),
  };
}

const HUNDREDTH = new Fraction(1, 100);

/** The bars and panels of a breakpoint as sums of px and shares of the screen. */
export function frameSums(spec: Spec, breakpoint: Breakpoint): FrameSides<CssSum> {
  const screen = wholeScreenOf(spec, breakpoint);
  const size = (value: Size, percentOf: 'width' | 'height'): CssSum => {
    const length = lengthReader(screen, term(OF_SCREEN[percentOf], new Fraction(100), HUNDREDTH));
    return isGrowing(value)
      ? grownOver(term('vw', new Fraction(100), HUNDREDTH), screen, length)(value)
      : length(value);
  };
  return frameSides(breakpoint.frame ?? {}, size, NO_SUM);
}

/** The side of a square of the mesh: as it is given, else the base unit. */
export function meshSum(spec: Spec): CssSum {
  return cssReader(spec, spec.breakpoints[0]!, 'vw').length(spec.mesh?.square ?? spec.spacing.base);
}

/** Where the guides of a breakpoint lie, as sums of px and shares of the screen: from its start, or from the page's top. */
export function guideSums(spec: Spec, breakpoint: Breakpoint): { name: string; axis: Guide['axis']; at: CssSum }[] {
  const screen = wholeScreenOf(spec, breakpoint);
  const across = WIDTH_UNIT[measureOf(spec)];
  return (breakpoint.guides ?? []).map(({ name, axis, at, from }) => {
    const whole = term(axis === 'x' ? across : OF_SCREEN.height, new Fraction(100), HUNDREDTH);
    return { name, axis, at: guidePlace({ at, from }, whole, lengthReader(screen, whole), cssNumbers) };
  });
}

/** Lengths as CSS; a percentage is of the room. */
function lengthReader(screen: Screen, room: CssSum): LengthReader<CssSum>['length'] {
  return (value) => {
    const parsed = lengthOf(value);
    // what changes with the screen, or with the root font, stays in its own unit
    switch (unitLaw(parsed.unit).of) {
      case 'root':
        return term(parsed.unit, parsed.amount, screen.rootFontSize);
      case 'screen':
        return parsed.unit === '%'
          ? cssNumbers.times(room, parsed.amount.div(100))
          : term(parsed.unit, parsed.amount, HUNDREDTH);
      case 'nothing':
        return term(PX, toPx(parsed, screen));
    }
  };
}

/** A length that grows with the viewport. */
function grownOver(
  viewport: CssSum,
  screen: Screen,
  length: LengthReader<CssSum>['length'],
): LengthReader<CssSum>['growing'] {
  return ({ between, over }) => {
    const [least, most] = between.map(length) as [CssSum, CssSum];
    const [start, end] = over as [number, number];
    const perPx = new Fraction(1).div(new Fraction(end).sub(start));
    const rise = combine(most, least, -1);
    // least + (most − least) · (viewport − start) / (end − start), which CSS can multiply only where the rise is in px
    const slope = constantOf(rise)
      .add((rise.terms.get('rem') ?? ZERO).mul(screen.rootFontSize))
      .mul(perPx);
    const grown = combine(combine(least, cssNumbers.times(viewport, slope), 1), term(PX, slope.mul(start)), -1);
    return slope.compare(0) < 0
      ? call('clamp', [most, grown, least], ([, x]) => x!)
      : call('clamp', [least, grown, most], ([, x]) => x!);
  };
}
