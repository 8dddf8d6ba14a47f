import { lengthOf } from '../length/length-value';
import type { Px } from '../length/px';
import { toPx } from '../length/resolve';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** The least and the greatest height that divided rows share, in px; null where rows are not divided. */
export function givenHeights(spec: Spec, breakpoint: Breakpoint): { least: Px; most: Px } | null {
  const { rows } = breakpoint;
  if (rows?.rule !== 'divide') return null;
  const screen = screenOf(spec, breakpoint);
  const [least, most] = [rows.minHeight, rows.maxHeight].map((value) => toPx(lengthOf(value), screen, 'height'));
  return { least: least!, most: most! };
}
