import Fraction from 'fraction.js';
import { ratioOf } from '../length/ratio';
import { type GrowingLength, isGrowing } from '../length/growing';
import type { LengthValue } from '../length/length-value';
import type { Columns } from '../spec/schema';

/** The shares, lengths and words of a breakpoint's columns, each length in one kind of number. */
export type ColumnRule<T> = {
  viewport: T;
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

/** How the lengths of a document become numbers of one kind. */
export type LengthReader<T> = {
  viewport: T;
  length(value: LengthValue): T;
  growing(value: GrowingLength): T;
  shareOfViewport(share: Fraction): T;
};

/** Brings the columns of a document into the one shape that the solver takes. */
export function columnRule<T>(columns: Columns, read: LengthReader<T>): ColumnRule<T> {
  const { count, gutter, margin, column, outer, align, whole } = columns;
  const size = (value: LengthValue | GrowingLength): T => (isGrowing(value) ? read.growing(value) : read.length(value));
  const side = (value: LengthValue | GrowingLength | 'auto'): T | null => (value === 'auto' ? null : size(value));
  const [start, end] = isPair(margin) ? [margin.start, margin.end] : [margin, margin];
  return {
    viewport: read.viewport,
    count,
    gutter: isOfColumn(gutter)
      ? { is: 'ofColumn', share: ratioOf(gutter.ofColumn) }
      : gutter === 'auto'
        ? { is: 'follows' }
        : { is: 'held', width: size(gutter) },
    column: column === 'auto' ? { is: 'follows' } : { is: 'held', width: size(column) },
    container: containerRule(columns.container, read, size),
    marginStart: side(start),
    marginEnd: side(end),
    outer,
    align,
    whole,
  };
}

function containerRule<T>(
  container: Columns['container'],
  read: LengthReader<T>,
  size: (value: LengthValue | GrowingLength) => T,
): ColumnRule<T>['container'] {
  if (container === 'fill') return { is: 'fill' };
  if (container === 'auto') return { is: 'follows' };
  if (isUpTo(container)) return { is: 'upTo', width: size(container.upTo) };
  if (isShare(container))
    return { is: 'fixed', width: read.shareOfViewport(new Fraction(container.share.slice(0, -1)).div(100)) };
  return { is: 'fixed', width: size(container) };
}

export function isPair(margin: Columns['margin']): margin is Extract<Columns['margin'], { start: unknown }> {
  return typeof margin === 'object' && 'start' in margin;
}

export function isOfColumn(gutter: Columns['gutter']): gutter is { ofColumn: string } {
  return typeof gutter === 'object' && 'ofColumn' in gutter;
}

export function isUpTo(container: Columns['container']): container is Extract<Columns['container'], { upTo: unknown }> {
  return typeof container === 'object' && 'upTo' in container;
}

export function isShare(container: Columns['container']): container is { share: string } {
  return typeof container === 'object' && 'share' in container;
}
