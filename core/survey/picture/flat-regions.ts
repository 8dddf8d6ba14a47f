import type { Pixels } from '../../picture/pixels';
import { apart } from './sampling';
import { type Blob, Sets } from './runs';

/** Which region of one colour each pixel belongs to, and those of them that are large enough to hold something. */
export type Regions = { labels: Int32Array; large: (Blob & { label: number })[] };

/**
 * Pixels whose neighbours differ by at most `flat` belong together: fills, grounds, and gradients too.
 *
 * @param isLarge which of the regions are answered with their rectangles
 */
export function flatRegions(pixels: Pixels, flat: number, isLarge: (region: Blob) => boolean): Regions {
  const { width, height, data } = pixels;
  const labels = new Int32Array(width * height);
  const sets = new Sets(1 << 16);
  for (let y = 0; y < height; y++) {
    const row = y * width;
    let run = -1;
    for (let x = 0; x < width; x++) {
      const at = row + x;
      if (x === 0 || apart(data, at, at - 1) > flat) run = sets.add();
      labels[at] = run;
      if (y > 0 && apart(data, at, at - width) <= flat) {
        const above = labels[at - width]!;
        // a run meets the same run above again and again
        if (x === 0 || labels[at - 1] !== run || labels[at - width - 1] !== above) sets.join(run, above);
      }
    }
  }
  return { labels, large: measured(labels, sets, width).filter(isLarge) };
}

/** A region of fewer pixels holds nothing. */
const LEAST_AREA = 64;

/** Gives each pixel its region, in place, and measures the regions. */
function measured(labels: Int32Array, sets: Sets, width: number): (Blob & { label: number })[] {
  const areas = new Int32Array(sets.size);
  for (let at = 0; at < labels.length; at++) {
    const root = sets.of(labels[at]!);
    labels[at] = root;
    areas[root]!++;
  }
  const regions = new Map<number, Blob & { label: number }>();
  for (let at = 0, x = 0, y = 0, last: (Blob & { label: number }) | undefined; at < labels.length; at++) {
    const label = labels[at]!;
    const area = areas[label]!;
    if (area >= LEAST_AREA) {
      if (last?.label !== label) {
        last = regions.get(label) ?? { left: x, top: y, right: x, foot: y, area, label };
        regions.set(label, last);
      }
      if (x < last.left) last.left = x;
      if (x >= last.right) last.right = x + 1;
      last.foot = y + 1;
    }
    if (++x === width) [x, y] = [0, y + 1];
  }
  return [...regions.values()];
}
