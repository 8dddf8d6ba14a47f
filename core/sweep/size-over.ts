import { isGrowing } from '../length/growing';
import { type Size, sizeAt } from '../length/size';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/**
 * A size in px at each viewport width, as a number for drawing and tables: it changes evenly, or between two widths if
 * it grows between them.
 *
 *     sizeOver(spec, phone, { between: ['16px', '20px'], over: [400, 800] })(600)   // 18
 */
export function sizeOver(spec: Spec, breakpoint: Breakpoint, size: Size): (width: number) => number {
  const at = (width: number): number => sizeAt(size, screenOf(spec, breakpoint, width)).valueOf();
  if (!isGrowing(size)) {
    const [first, slope] = [at(0), at(1) - at(0)];
    return (width) => first + slope * width;
  }
  const [start, end] = size.over;
  const [least, most] = [at(start), at(end)];
  return (width) => {
    const share = Math.min(1, Math.max(0, (width - start) / (end - start)));
    return least + (most - least) * share;
  };
}
