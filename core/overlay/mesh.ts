import { columnsAt, containerEdges } from '../columns/columns-at';
import { lengthOf } from '../length/length-value';
import type { Px } from '../length/px';
import { ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import { baseUnit } from '../spacing/scale';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** A mesh of squares: their side, where the first begins from the screen's start and the page's top, and every how many lines one is strong. */
export type SolvedMesh = { square: Px; strong: number | null; x: Px; y: Px };

/**
 * The unit mesh of a breakpoint at a viewport width: it begins with the container, before a half-gutter, and under the top bar.
 *
 *     meshAt(spec, desktop)   // squares of 8 from 320, 64 with a panel of 256 and a bar of 64
 */
export function meshAt(
  spec: Spec,
  breakpoint: Breakpoint,
  width: Px | number = breakpoint.reference.width,
  height: Px | number = breakpoint.reference.height,
): SolvedMesh {
  const [x] = containerEdges(columnsAt(spec, breakpoint, width));
  return {
    square: meshSquare(spec),
    strong: spec.mesh?.strong ?? null,
    x,
    y: screenOf(spec, breakpoint, width, height).frame?.top ?? ZERO,
  };
}

/** The side of a square: as it is given, else the base unit. */
export function meshSquare(spec: Spec): Px {
  const square = spec.mesh?.square;
  return square === undefined ? baseUnit(spec) : toPx(lengthOf(square), screenOf(spec, spec.breakpoints[0]!));
}
