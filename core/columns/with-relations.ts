import type Fraction from 'fraction.js';
import { ratioOf } from '../length/ratio';
import { px, ZERO } from '../length/px';
import type { ColumnRule } from './column-rule';
import type { Numbers } from './numbers';
import { guttersInside, solveInsideExactly } from './solve';

/** A margin in gutters or columns; null: a length, or what is left. */
export type MarginRelation = { of: 'gutter' | 'column'; ratio: string } | null;

/**
 * A rule whose margins of gutters and columns are worked out, so that they stand as lengths would. G gutters in the container, F the margins that are lengths,
 * M and K the gutters and columns that both margins are:
 *
 *     gutter held                     column = (R − F − (G + M) · gutter) / (count + K)
 *     gutter = r · column             column = (R − F) / (count + K + r · (G + M))
 *     column held, gutter follows     gutter = (R − F − (count + K) · column) / (G + M)
 *
 * In a container that is held, and in one that its greatest width cuts, column and gutter are the container's, and margins follow from them; nothing is rounded.
 *
 *     with 1440, 12 columns, gutter 20 and margins of 1 gutter: column = (1440 − 13 · 20) / 12 = 98⅓
 */
export function withRelations<T>(
  numbers: Numbers<T>,
  rule: ColumnRule<T>,
  [start = null, end = null]: readonly MarginRelation[],
): ColumnRule<T> {
  if (!start && !end) return rule;
  const { column, gutter } = columnAndGutter(numbers, rule, [start, end]);
  const margin = (relation: MarginRelation, length: T | null): T | null =>
    relation ? numbers.times(relation.of === 'gutter' ? gutter : column, ratioOf(relation.ratio)) : length;
  return { ...rule, marginStart: margin(start, rule.marginStart), marginEnd: margin(end, rule.marginEnd) };
}

function columnAndGutter<T>(
  numbers: Numbers<T>,
  rule: ColumnRule<T>,
  relations: readonly MarginRelation[],
): { column: T; gutter: T } {
  const { container } = rule;
  if (container.is === 'fixed') return solveInsideExactly(numbers, rule, container.width);
  const filling = fillingContainer(numbers, rule, relations);
  return solveInsideExactly(numbers, rule, container.is === 'upTo' ? numbers.least(container.width, filling) : filling);
}

/** How many gutters and columns both margins are. */
export function totalRelations(relations: readonly MarginRelation[]): { ofGutter: Fraction; ofColumn: Fraction } {
  const sum = (of: 'gutter' | 'column'): Fraction =>
    relations.reduce((total, each) => (each?.of === of ? total.add(ratioOf(each.ratio)) : total), ZERO);
  return { ofGutter: sum('gutter'), ofColumn: sum('column') };
}

/** How wide the container is that fills the screen between such margins. */
function fillingContainer<T>(numbers: Numbers<T>, rule: ColumnRule<T>, relations: readonly MarginRelation[]): T {
  const { marginStart, marginEnd, column, gutter, outer } = rule;
  const { add, sub, times } = numbers;
  const room = [marginStart, marginEnd].reduce<T>((left, held) => (held === null ? left : sub(left, held)), rule.room);
  const { ofGutter, ofColumn } = totalRelations(relations);
  const less = (each: T, ratio: Fraction, from: T): T => sub(from, times(each, ratio));
  if (column.is === 'held' && gutter.is !== 'follows') {
    const gutters = gutter.is === 'held' ? gutter.width : times(column.width, gutter.share);
    return less(gutters, ofGutter, less(column.width, ofColumn, room));
  }
  // too little is held: the equation then says so
  if (rule.count === 'auto') return room;
  const { count } = rule;
  const inside = px(guttersInside(count, outer));
  const perColumn = px(count).add(ofColumn);
  if (column.is === 'held') {
    const gutters = inside.add(ofGutter);
    if (gutters.equals(0)) return less(column.width, ofColumn, room);
    const own = times(less(column.width, perColumn, room), gutters.inverse());
    return add(times(column.width, px(count)), times(own, inside));
  }
  if (gutter.is === 'ofColumn') {
    const own = times(room, perColumn.add(gutter.share.mul(inside.add(ofGutter))).inverse());
    return times(own, px(count).add(gutter.share.mul(inside)));
  }
  const held = gutter.is === 'held' ? gutter.width : numbers.exact(ZERO);
  const own = times(less(held, inside.add(ofGutter), room), perColumn.inverse());
  return add(times(own, px(count)), times(held, inside));
}
