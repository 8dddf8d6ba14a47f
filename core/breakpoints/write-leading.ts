import { parseLengthValue } from '../length/length-value';
import type { Breakpoint, Spec } from '../spec/schema';
import { withBreakpoint } from './breakpoints';

/**
 * The spec with a baseline step that divides a page into whole lines. Where that is no whole number of px, the division
 * is kept, so that it stays exact and says where it comes from.
 *
 *     writeFittingLeading(spec, desktop, 1024, 43)   // step { typed: "1024/43", is: "1024/43px" }
 */
export function writeFittingLeading(spec: Spec, breakpoint: Breakpoint, page: number, lines: number): Spec {
  const text = page % lines === 0 ? String(page / lines) : `${page}/${lines}`;
  const step = parseLengthValue(text).value!;
  const baseline = { offset: '0px', ...breakpoint.baseline, step };
  return withBreakpoint(spec, { ...breakpoint, baseline });
}
