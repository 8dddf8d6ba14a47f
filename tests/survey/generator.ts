import type { Box, Screen } from '../../core/survey/screens';
import { type Random, randomOf } from '../browser/model/random';

/** Random pages on random grids, as `docs/survey.md` describes them; the truth comes with each. */

export type Truth = { count: number; gutter: number; column: number; start: number; end: number; width: number };
export type Drawn = { truth: Truth; screen: Screen };

export const real = (random: Random): number => random.whole(0, 999_999) / 1_000_000;
export const chance = (random: Random, share: number): boolean => real(random) < share;

export const box = (x: number, y: number, width: number, height: number, name = 'block'): Box => ({
  x,
  y,
  width,
  height,
  name,
});
export const screenOf = (width: number, boxes: readonly Box[]): Screen => ({
  name: 'Screen',
  width,
  height: Math.max(0, ...boxes.map(({ y, height }) => y + height)) + 40,
  boxes,
});

/** A grid of 2 to 16 columns that fills a screen between margins, or stands in its middle. */
export function anyGrid(random: Random): Truth {
  for (;;) {
    const width = random.whole(40, 240) * 8;
    const count = random.oneOf([2, 3, 4, 4, 5, 6, 6, 8, 8, 9, 10, 12, 12, 12, 16]);
    const gutter = random.oneOf([8, 10, 12, 15, 16, 18, 20, 24, 24, 28, 30, 32, 36, 40]);
    const margin = random.whole(0, 20) * 4 + random.oneOf([0, 0, 0, 1, 2]);
    const isFixed = chance(random, 0.4);
    const container = isFixed ? Math.round((width * random.whole(60, 92)) / 100) : width - 2 * margin;
    const start = (width - container) / 2;
    const column = (container - (count - 1) * gutter) / count;
    if (column < 24 || column < gutter) continue;
    return { count, gutter, column, start, end: start + container, width };
  }
}

type Noise = 'plain' | 'real';

/** A page on a grid: rows of blocks, a quarter of the places empty, a tenth of the blocks off, a tenth leaving the grid. */
export function pageOn(truth: Truth, random: Random, noise: Noise): Screen {
  const { count, gutter, column, start, width } = truth;
  const boxes: Box[] = [];
  const rounded = chance(random, 0.5);
  const place = (value: number): number => (rounded ? Math.round(value) : Math.floor(value * 64) / 64);
  let y = random.whole(0, 20) * 8;
  const rows = random.whole(8, 16);
  for (let row = 0; row < rows; row++) {
    const height = random.whole(5, 40) * 8;
    let from = 0;
    while (from < count) {
      const span = Math.min(count - from, random.whole(1, Math.max(1, Math.ceil(count / random.whole(1, 3)))));
      if (!chance(random, 0.25)) {
        let x = start + from * (column + gutter);
        let end = x + span * column + (span - 1) * gutter;
        if (chance(random, 0.1)) {
          const by = random.whole(1, 7) * random.oneOf([1, -1]);
          if (chance(random, 0.5)) x += by;
          else end += by;
        } else if (chance(random, 0.1)) {
          if (chance(random, 0.5)) x = random.oneOf([0, x - random.whole(8, 60)]);
          else end = random.oneOf([width, end + random.whole(8, 60)]);
        }
        const box = { x: place(x), y, width: place(end) - place(x), height, name: `${row}-${from}` };
        if (box.width > 0) {
          boxes.push(box);
          if (noise === 'real' && chance(random, 0.75)) inside(box, random, boxes, place);
        }
      }
      from += span;
    }
    y += height + random.whole(2, 8) * 8;
  }
  return { name: 'Page', width, height: y, boxes };
}

/** What real pages have in their blocks: ragged lines of text, paddings of their own, a card’s own thirds. */
function inside(box: Box, random: Random, boxes: Box[], place: (value: number) => number): void {
  const padding = random.whole(2, 12) * 2;
  const room = box.width - 2 * padding;
  if (room < 40) return;
  const x = box.x + padding;
  if (chance(random, 0.2)) {
    const gap = random.oneOf([4, 8, 12]);
    const third = (room - 2 * gap) / 3;
    for (let index = 0; index < 3; index++) {
      const from = x + index * (third + gap);
      boxes.push({
        x: place(from),
        y: box.y + padding,
        width: place(from + third) - place(from),
        height: Math.max(8, box.height - 2 * padding),
        name: 'third',
      });
    }
    return;
  }
  const lines = Math.min(random.whole(1, 7), Math.floor((box.height - padding) / 24));
  for (let line = 0; line < lines; line++) {
    const wide = Math.round(room * (0.5 + 0.5 * real(random)));
    boxes.push({ x: place(x), y: box.y + padding + line * 24, width: wide, height: 18, name: 'line' });
  }
}

export function drawn(seed: number, noise: Noise): Drawn {
  const random = randomOf(seed);
  const truth = anyGrid(random);
  return { truth, screen: pageOn(truth, random, noise) };
}

/** Boxes that stand on nothing. */
export function strewn(seed: number): Screen {
  const random = randomOf(seed);
  const width = random.whole(40, 240) * 8;
  const boxes = Array.from({ length: random.whole(20, 120) }, (_, index): Box => {
    const x = real(random) * width * 0.9;
    const wide = 10 + real(random) * (width - x - 10);
    return {
      x: Math.round(x),
      y: random.whole(0, 3000),
      width: Math.round(wide),
      height: random.whole(5, 40) * 8,
      name: String(index),
    };
  });
  return { name: 'Strewn', width, height: 3400, boxes };
}

/** Is a found grid the true one, every edge to half a px? Of a grid whose finer lines no block uses, the coarser one is. */
export function isRight(
  found: { count: number; start: number; end: number; gutter: number; alsoFits: readonly number[] } | undefined,
  { count, gutter, start, end }: Truth,
): boolean {
  if (!found) return false;
  const isClose = [found.start - start, found.end - end, found.gutter - gutter].every((by) => Math.abs(by) <= 0.5);
  return isClose && (found.count === count || found.alsoFits.includes(count));
}
