import { byWidth } from '../../../core/spec/ranges';
import type { Spec } from '../../../core/spec/schema';

/** The number line of viewport widths: from 0 to somewhat past the last flag, with ticks at round widths. */
export type Axis = { end: number; ticks: number[] };

export function axisOf(spec: Spec): Axis {
  const furthest = Math.max(
    ...byWidth(spec.breakpoints).map(({ from, reference }) => Math.max(from, reference.width)),
    400,
  );
  const wanted = furthest * 1.14;
  const step = [50, 100, 200, 250, 500, 1000, 2000, 5000, 10_000].find((size) => wanted / size <= 14) ?? 20_000;
  const end = Math.ceil(wanted / step) * step;
  return { end, ticks: Array.from({ length: Math.floor(end / step) + 1 }, (_, index) => index * step) };
}

/** A width as a share of the axis, for `left`. */
export function at(axis: Axis, width: number): string {
  return `${(Math.min(width, axis.end) / axis.end) * 100}%`;
}
