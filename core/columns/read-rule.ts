import Fraction from 'fraction.js';
import { type GrowingLength, isGrowing } from '../length/growing';
import type { LengthValue } from '../length/length-value';
import { ratioOf } from '../length/ratio';
import { addedUp, isSum, type LengthSum, SAFE } from '../length/sum';
import type { Columns } from '../spec/schema';
import { type ColumnRule, isOfColumn, isPair, isShare, isUpTo } from './column-rule';
import type { Numbers } from './numbers';
import { isRelation, relationOf, type Relation } from './relation';
import { withRelations } from './with-relations';

/** One side's margin as a document holds it. */
export type Margin = LengthValue | GrowingLength | LengthSum | Relation | 'auto';

/** How the lengths of a document become numbers of one kind. */
export type LengthReader<T> = {
  /** The width that margins and container share, of which percentages are. */
  room: T;
  frameStart: T;
  length(value: LengthValue): T;
  growing(value: GrowingLength): T;
  /** What a screen keeps free on a side by itself, for its corners and its camera. */
  safe(side: 'start' | 'end'): T;
  numbers: Numbers<T>;
};

/** The start and the end margin. */
export function marginSides(margin: Columns['margin']): [start: Margin, end: Margin] {
  return isPair(margin) ? [margin.start, margin.end] : [margin, margin];
}

/** Brings the columns of a document into the one shape that the solver takes. */
export function columnRule<T>(columns: Columns, read: LengthReader<T>): ColumnRule<T> {
  const { count, gutter, margin, column, outer, align, whole } = columns;
  const size = (value: LengthValue | GrowingLength | LengthSum, of: 'start' | 'end' = 'start'): T =>
    isGrowing(value)
      ? read.growing(value)
      : isSum(value)
        ? addedUp(value, (term) => (term === SAFE ? read.safe(of) : read.length(term)), read.numbers)
        : read.length(value);
  const side = (value: Margin, of: 'start' | 'end'): T | null =>
    value === 'auto' || isRelation(value) ? null : size(value, of);
  const [start, end] = marginSides(margin);
  const rule: ColumnRule<T> = {
    room: read.room,
    frameStart: read.frameStart,
    count,
    gutter: isOfColumn(gutter)
      ? { is: 'ofColumn', share: ratioOf(gutter.ofColumn) }
      : gutter === 'auto'
        ? { is: 'follows' }
        : { is: 'held', width: size(gutter) },
    column: column === 'auto' ? { is: 'follows' } : { is: 'held', width: size(column) },
    container: containerRule(columns.container, read, size),
    marginStart: side(start, 'start'),
    marginEnd: side(end, 'end'),
    outer,
    align,
    whole,
  };
  return withRelations(
    read.numbers,
    rule,
    [start, end].map((value) => (isRelation(value) ? relationOf(value) : null)),
  );
}

function containerRule<T>(
  container: Columns['container'],
  read: LengthReader<T>,
  size: (value: LengthValue | GrowingLength | LengthSum) => T,
): ColumnRule<T>['container'] {
  if (container === 'fill') return { is: 'fill' };
  if (container === 'auto') return { is: 'follows' };
  if (isUpTo(container)) return { is: 'upTo', width: size(container.upTo) };
  if (isShare(container)) {
    const share = read.numbers.times(read.room, new Fraction(container.share.slice(0, -1)).div(100));
    const { upTo } = container;
    return { is: 'fixed', width: upTo === undefined ? share : read.numbers.least(share, size(upTo)) };
  }
  return { is: 'fixed', width: size(container) };
}
