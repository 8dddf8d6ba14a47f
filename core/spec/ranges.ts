import { type Px, px } from '../length/px';
import type { Screen } from '../length/units';
import { framed } from './frame';
import type { Breakpoint, Spec } from './schema';

/** Breakpoints from the narrowest up. */
export function byWidth(breakpoints: readonly Breakpoint[]): Breakpoint[] {
  return [...breakpoints].sort((a, b) => a.from - b.from);
}

/** Where a breakpoint's range ends (not included), or null for the widest. */
export function rangeEnd(spec: Spec, breakpoint: Breakpoint): number | null {
  const wider = spec.breakpoints.filter(({ from }) => from > breakpoint.from).map(({ from }) => from);
  return wider.length ? Math.min(...wider) : null;
}

/** The range in words: "0–599", "1760 and up". */
export function rangeText(spec: Spec, breakpoint: Breakpoint): string {
  const end = rangeEnd(spec, breakpoint);
  return end === null ? `${breakpoint.from} and up` : `${breakpoint.from}–${end - 1}`;
}

/** The breakpoint that applies at a viewport width; below the first, the first. */
export function breakpointAt(spec: Spec, width: number): Breakpoint {
  const sorted = byWidth(spec.breakpoints);
  return sorted.findLast(({ from }) => from <= width) ?? sorted[0]!;
}

/** Does a breakpoint apply at the width it is drawn at? */
function appliesWhereDrawn(spec: Spec, breakpoint: Breakpoint): boolean {
  return breakpointAt(spec, breakpoint.reference.width).id === breakpoint.id;
}

/** The viewport at which a breakpoint is shown: where it is drawn, or, where it does not apply there, the nearest width of its range. */
export function shownWidth(spec: Spec, breakpoint: Breakpoint): number {
  const { from, reference } = breakpoint;
  if (appliesWhereDrawn(spec, breakpoint)) return reference.width;
  const end = rangeEnd(spec, breakpoint);
  return reference.width < from || end === null ? from : end - 1;
}

/** The screen on which a breakpoint's lengths are resolved; by default its reference size. */
export function screenOf(
  spec: Spec,
  breakpoint: Breakpoint,
  width: Px | number = breakpoint.reference.width,
  height: Px | number = breakpoint.reference.height,
): Screen {
  return framed(wholeScreenOf(spec, breakpoint, width, height), breakpoint.frame);
}

/** The same screen without its bars and panels: percentages are of all of it. */
export function wholeScreenOf(
  spec: Spec,
  { reference }: Breakpoint,
  width: Px | number = reference.width,
  height: Px | number = reference.height,
): Screen {
  const { rootFontSize, pixelsPerInch } = spec;
  return { width: px(width), height: px(height), rootFontSize: px(rootFontSize), pixelsPerInch };
}

/** WCAG 2.2, 1.4.10 Reflow: content must fit 320 CSS px, the narrowest screen that a first range is held to. */
const NARROWEST = 320;

/** The narrowest viewport that a range has to serve: its start, or 320 px (or a smaller reference) for a range from 0. */
export function narrowestViewport(breakpoint: Breakpoint): number {
  return Math.max(breakpoint.from, Math.min(NARROWEST, breakpoint.reference.width));
}
