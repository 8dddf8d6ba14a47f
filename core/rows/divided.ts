import { lengthOf, type LengthValue } from '../length/length-value';
import type { Px } from '../length/px';
import { toPx } from '../length/resolve';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** The least and the greatest height that divided rows share, in px, each where it is given; null where rows are not divided. */
export function givenHeights(spec: Spec, breakpoint: Breakpoint): { least: Px | null; most: Px | null } | null {
  const { rows } = breakpoint;
  if (rows?.rule !== 'divide') return null;
  const screen = screenOf(spec, breakpoint);
  const height = (value: LengthValue | undefined): Px | null =>
    value === undefined ? null : toPx(lengthOf(value), screen, 'height');
  return { least: height(rows.minHeight), most: height(rows.maxHeight) };
}
