import type Fraction from 'fraction.js';
import type { Columns } from '../spec/schema';

/** The shares, lengths and words of a breakpoint's columns, each length in one kind of number. */
export type ColumnRule<T> = {
  /** What margins and container share: the viewport, less its panels. */
  room: T;
  /** How wide the panel before it is. */
  frameStart: T;
  count: number | 'auto';
  gutter: { is: 'held'; width: T } | { is: 'ofColumn'; share: Fraction } | { is: 'follows' };
  column: { is: 'held'; width: T } | { is: 'follows' };
  container: { is: 'fixed' | 'upTo'; width: T } | { is: 'fill' | 'follows' };
  marginStart: T | null;
  marginEnd: T | null;
  outer: Columns['outer'];
  align: Columns['align'];
  whole: Columns['whole'];
};

export function isPair(margin: Columns['margin']): margin is Extract<Columns['margin'], { start: unknown }> {
  return typeof margin === 'object' && 'start' in margin;
}

export function isOfColumn(gutter: Columns['gutter']): gutter is { ofColumn: string } {
  return typeof gutter === 'object' && 'ofColumn' in gutter;
}

/** As wide as there is room, up to a width. */
export function isUpTo(
  container: Columns['container'],
): container is Exclude<Extract<Columns['container'], { upTo?: unknown }>, { share: unknown }> {
  return typeof container === 'object' && 'upTo' in container && !('share' in container);
}

export function isShare(
  container: Columns['container'],
): container is Extract<Columns['container'], { share: unknown }> {
  return typeof container === 'object' && 'share' in container;
}
