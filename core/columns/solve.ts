import Fraction from 'fraction.js';
import { HALF, px, ZERO } from '../length/px';
import { LIMITS } from '../limits';
import type { ColumnRule } from './column-rule';
import type { Numbers } from './numbers';

/** What could not be worked out, because too little is held. The solver then goes on with the value named here. */
export type Undetermined =
  'column and gutter (gutter taken as 0)' | 'count (taken as 1)' | 'margin and container (margin taken as 0)';

/** A breakpoint's columns at one viewport width. Lengths in px, exact (or `calc()` text). */
export type ColumnSolution<T> = {
  count: number;
  column: T;
  gutter: T;
  /** Space inside the container before the first and after the last column: half a gutter, or 0. */
  inset: T;
  /** The panel at the start of the screen, after which the margin begins; 0 where there is none. */
  frameStart: T;
  marginStart: T;
  marginEnd: T;
  container: T;
  /** The container before columns were rounded or counted. */
  wantedContainer: T;
  /** By how much margins, insets, columns and gutters come to more than the viewport; 0 unless one too many is held. */
  excess: T;
  /** Is one quantity more held than the sum leaves room for? */
  overheld: boolean;
  undetermined: Undetermined | null;
};

export const MOST_COLUMNS = LIMITS.columns;

/**
 * Solves a breakpoint's columns for what follows.
 *
 *     room      = marginStart + container + marginEnd      (the viewport, less its panels)
 *     container = inset + count · column + (count − 1) · gutter + inset
 *
 * With 1512, container 1296, 12 columns and gutter 24: margins 108, column 86.
 * Negative where the held quantities leave no room; the checks report that.
 */
export function solveColumns<T>(numbers: Numbers<T>, rule: ColumnRule<T>): ColumnSolution<T> {
  const wanted = wantedContainer(numbers, rule);
  const inner = solveInside(numbers, rule, wanted.width);
  const inside = inner.together;
  const resized = inner.rounded || rule.count === 'auto';
  const container = resized ? inside : wanted.width;
  const { marginStart, marginEnd } = solveMargins(numbers, rule, {
    container,
    wanted: wanted.width,
    oddPixel: inner.rounded && rule.whole === 'margins',
  });
  const total = numbers.add(numbers.add(marginStart, inside), marginEnd);
  return {
    count: inner.count,
    column: inner.column,
    gutter: inner.gutter,
    inset: inner.inset,
    frameStart: rule.frameStart,
    marginStart,
    marginEnd,
    container,
    wantedContainer: wanted.width,
    excess: numbers.sub(total, rule.room),
    overheld: isOverheld(rule),
    undetermined: inner.undetermined ?? (wanted.undetermined ? 'margin and container (margin taken as 0)' : null),
  };
}

type Inside<T> = {
  count: number;
  column: T;
  gutter: T;
  inset: T;
  /** Columns and gutters together, insets included. */
  together: T;
  rounded: boolean;
  undetermined: Undetermined | null;
};

/** Gutters inside the container: between the columns, and with outer half-gutters one more, split over both sides. */
export function guttersInside(count: number, outer: ColumnRule<unknown>['outer']): number {
  return outer === 'half' ? count : count - 1;
}

function allHeldInside<T>({ count, column, gutter }: ColumnRule<T>): boolean {
  return count !== 'auto' && column.is === 'held' && gutter.is !== 'follows';
}

function isOverheld<T>(rule: ColumnRule<T>): boolean {
  const marginsHeld = rule.marginStart !== null && rule.marginEnd !== null;
  const inside = allHeldInside(rule);
  switch (rule.container.is) {
    case 'fixed':
      return marginsHeld || inside;
    case 'upTo':
      return inside;
    case 'fill':
    case 'follows':
      return marginsHeld && inside;
  }
}

function wantedContainer<T>(numbers: Numbers<T>, rule: ColumnRule<T>): { width: T; undetermined: boolean } {
  const { container, marginStart, marginEnd } = rule;
  if (container.is === 'fixed') return { width: container.width, undetermined: false };
  const room = [marginStart, marginEnd].reduce<T>(
    (left, margin) => (margin === null ? left : numbers.sub(left, margin)),
    rule.room,
  );
  if (container.is === 'upTo') return { width: numbers.least(container.width, room), undetermined: false };
  const marginFollows = marginStart === null || marginEnd === null;
  if (allHeldInside(rule) && (marginFollows || container.is === 'follows')) {
    return { width: solveInside(numbers, rule, room).together, undetermined: false };
  }
  return { width: room, undetermined: marginFollows };
}

/** count · column + gutters, insets included. */
function insideWidth<T>(
  numbers: Numbers<T>,
  { outer }: ColumnRule<T>,
  { count, column, gutter }: Pick<Inside<T>, 'count' | 'column' | 'gutter'>,
): T {
  const columns = numbers.times(column, px(count));
  return numbers.add(columns, numbers.times(gutter, px(guttersInside(count, outer))));
}

function solveInside<T>(numbers: Numbers<T>, rule: ColumnRule<T>, container: T): Inside<T> {
  const exactly = solveInsideExactly(numbers, rule, container);
  if (rule.whole === 'no' || rule.column.is === 'held') return exactly;
  const column = rule.whole === 'margins' ? numbers.floor(exactly.column) : numbers.roundHalfUp(exactly.column);
  const gutter = rule.gutter.is === 'ofColumn' ? numbers.times(column, rule.gutter.share) : exactly.gutter;
  const { count } = exactly;
  const together = insideWidth(numbers, rule, { count, column, gutter });
  return { ...exactly, column, gutter, inset: insetOf(numbers, rule, gutter), together, rounded: true };
}

/** Columns and gutters in a container, before anything is rounded. */
export function solveInsideExactly<T>(numbers: Numbers<T>, rule: ColumnRule<T>, container: T): Inside<T> {
  const { outer, gutter: gutterRule, column: columnRule } = rule;
  const zero = numbers.exact(ZERO);
  const done = (count: number, column: T, gutter: T, undetermined: Undetermined | null): Inside<T> => ({
    count,
    column,
    gutter,
    inset: insetOf(numbers, rule, gutter),
    together: insideWidth(numbers, rule, { count, column, gutter }),
    rounded: false,
    undetermined,
  });

  if (rule.count === 'auto' && (columnRule.is !== 'held' || gutterRule.is === 'follows')) {
    return { ...solveInsideExactly(numbers, { ...rule, count: 1 }, container), undetermined: 'count (taken as 1)' };
  }
  if (columnRule.is === 'held') {
    const column = columnRule.width;
    if (gutterRule.is === 'follows') {
      const count = rule.count as number;
      const gutters = guttersInside(count, outer);
      const left = numbers.sub(container, numbers.times(column, px(count)));
      return done(count, column, gutters === 0 ? zero : numbers.times(left, new Fraction(1n, BigInt(gutters))), null);
    }
    const gutter = gutterRule.is === 'held' ? gutterRule.width : numbers.times(column, gutterRule.share);
    if (rule.count !== 'auto') return done(rule.count, column, gutter, null);
    const { count, together } = columnsThatFit(numbers, rule, container, column, gutter);
    return { ...done(count, column, gutter, null), together };
  }
  const count = rule.count as number;
  const gutters = px(guttersInside(count, outer));
  if (gutterRule.is === 'ofColumn') {
    const column = numbers.times(container, gutters.mul(gutterRule.share).add(count).inverse());
    return done(count, column, numbers.times(column, gutterRule.share), null);
  }
  const gutter = gutterRule.is === 'held' ? gutterRule.width : zero;
  const column = numbers.times(numbers.sub(container, numbers.times(gutter, gutters)), new Fraction(1n, BigInt(count)));
  return done(count, column, gutter, gutterRule.is === 'held' ? null : 'column and gutter (gutter taken as 0)');
}

function insetOf<T>(numbers: Numbers<T>, { outer }: ColumnRule<T>, gutter: T): T {
  return outer === 'half' ? numbers.times(gutter, HALF) : numbers.exact(ZERO);
}

/**
 * The greatest whole number of columns that fits, at least 1: ⌊(container − inset·2 + gutter) / (column + gutter)⌋, and
 * what they come to. Where only the browser can count, the count is given as 1.
 */
function columnsThatFit<T>(
  numbers: Numbers<T>,
  { outer }: ColumnRule<T>,
  container: T,
  column: T,
  gutter: T,
): { count: number; together: T } {
  const space = outer === 'half' ? container : numbers.add(container, gutter);
  const { count, together } = numbers.fitted(space, numbers.add(column, gutter), MOST_COLUMNS);
  return { count: count ?? 1, together: outer === 'half' ? together : numbers.sub(together, gutter) };
}

/**
 * The margins beside a container. What a greatest width leaves stands where the container does not; what rounding or
 * counting leaves of the wanted container goes half and half (the odd pixel at the end), or where the container does not
 * stand. Margins that are held beside a container that is held too stay as they are: the sum then tells.
 */
function solveMargins<T>(
  numbers: Numbers<T>,
  rule: ColumnRule<T>,
  { container, wanted, oddPixel }: { container: T; wanted: T; oddPixel: boolean },
): { marginStart: T; marginEnd: T } {
  const { room, marginStart, marginEnd, align } = rule;
  const rest = (margin: T): T => numbers.sub(numbers.sub(room, container), margin);
  const left = numbers.sub(wanted, container);
  if (marginStart !== null && marginEnd !== null) {
    const capped =
      rule.container.is === 'upTo'
        ? numbers.sub(numbers.sub(numbers.sub(room, wanted), marginStart), marginEnd)
        : numbers.exact(ZERO);
    const beside = startShare(numbers, capped, align);
    const before = oddPixel
      ? numbers.floor(numbers.add(beside, numbers.times(left, HALF)))
      : numbers.add(beside, startShare(numbers, left, align));
    const after = numbers.sub(numbers.add(capped, left), before);
    return { marginStart: numbers.add(marginStart, before), marginEnd: numbers.add(marginEnd, after) };
  }
  if (marginStart !== null) return { marginStart, marginEnd: rest(marginStart) };
  if (marginEnd !== null) return { marginStart: rest(marginEnd), marginEnd };
  if (!oddPixel) {
    const start = startShare(numbers, numbers.sub(room, container), align);
    return { marginStart: start, marginEnd: rest(start) };
  }
  const unrounded = startShare(numbers, numbers.sub(room, wanted), align);
  const start = numbers.floor(numbers.add(unrounded, numbers.times(left, HALF)));
  return { marginStart: start, marginEnd: rest(start) };
}

/** What the start margin gets of the space that is left: none, half, all. */
function startShare<T>(numbers: Numbers<T>, free: T, share: ColumnRule<T>['align']): T {
  switch (share) {
    case 'start':
      return numbers.exact(ZERO);
    case 'centre':
      return numbers.times(free, HALF);
    case 'end':
      return free;
  }
}
