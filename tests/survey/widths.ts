import type { Screen } from '../../core/survey/screens';
import { randomOf } from '../browser/model/random';
import { pageOn, type Truth } from './generator';

/** One product at three widths: margins that stay or are a share, a container that may stop growing, half gutters outside or none. */
export type Product = {
  screens: Screen[];
  truths: Truth[];
  gutter: number | null;
  margin: { px: number } | { share: number };
  cap: number | null;
  outer: 'none' | 'half';
};

const WIDTHS = [
  [390, 820, 1440],
  [412, 900, 1512],
  [375, 768, 1280],
] as const;
const COUNTS = [
  [4, 8, 12],
  [2, 6, 12],
  [4, 6, 12],
] as const;

/** A random product; containers with half gutters outside stand around the columns, as built pages have them. */
export function productOf(seed: number): Product {
  const random = randomOf(seed);
  const widths = random.oneOf(WIDTHS);
  const counts = random.oneOf(COUNTS);
  const outer = random.oneOf(['none', 'none', 'half'] as const);
  const even = random.oneOf([16, 20, 24, 32]);
  const gutters = random.whole(0, 1) === 0 ? [even, even, even] : [16, 20, 32];
  const isShare = random.whole(0, 3) === 0;
  const margin = isShare ? { share: random.oneOf([4, 5, 6]) / 100 } : { px: random.oneOf([12, 20, 24, 28]) };
  const cap = !isShare && random.whole(0, 1) === 0 ? random.oneOf([1040, 1120, 1200]) : null;
  const truths = widths.map((width, index): Truth => {
    const gutter = gutters[index]!;
    const own = 'share' in margin ? (margin.share ?? 0) * width : margin.px;
    const container = Math.min(width - 2 * own, cap ?? Infinity);
    const inset = outer === 'half' ? gutter / 2 : 0;
    const start = (width - container) / 2 + inset;
    const end = width - start;
    const count = counts[index]!;
    return { count, gutter, start, end, width, column: (end - start - (count - 1) * gutter) / count };
  });
  const screens = truths.map((truth) => {
    const page = pageOn(truth, random, 'plain');
    if (outer === 'none') return page;
    const x = truth.start - truth.gutter / 2;
    const around = { x, y: 0, width: truth.end - truth.start + truth.gutter, height: page.height, name: 'container' };
    return { ...page, boxes: [around, ...page.boxes] };
  });
  const gutter = new Set(gutters).size === 1 ? even : null;
  return { screens, truths, gutter, margin, cap, outer };
}
