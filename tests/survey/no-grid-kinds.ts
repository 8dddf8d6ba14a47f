import type { Box, Screen } from '../../core/survey/screens';
import { type Random, randomOf } from '../browser/model/random';
import { box, chance, real, screenOf, strewn } from './generator';

/** Screens that stand on no grid of columns. */
export const NO_GRID_KINDS = ['strewn boxes', 'tables', 'ragged panes', 'centred documents'] as const;
export type KindWithoutGrid = (typeof NO_GRID_KINDS)[number];

/** A table of data between two sides: columns as wide as what they hold, rows one below the other. */
export function cells(random: Random, start: number, end: number, from: number): Box[] {
  const count = random.whole(4, 9);
  const shares = Array.from({ length: count }, () => 0.3 + real(random));
  const sum = shares.reduce((all, share) => all + share, 0);
  const sides = [start];
  for (const share of shares) sides.push(Math.round(sides.at(-1)! + ((end - start) * share) / sum));
  sides[count] = end;
  const high = random.oneOf([32, 36, 40, 48, 56]);
  const isText = chance(random, 0.5);
  return Array.from({ length: random.whole(6, 30) }, (_, row) =>
    Array.from({ length: count }, (_, column) => {
      const [left, right] = [sides[column]!, sides[column + 1]!];
      const y = from + row * high;
      if (!isText) return box(left, y, right - left, high, 'cell');
      // words in cells begin at one place, and end where they end
      const room = right - left - 24;
      return box(left + 12, y + 8, Math.max(12, Math.round(room * (0.3 + 0.7 * real(random)))), high - 16, 'cell');
    }),
  ).flat();
}

const MAKE_NONE: Record<KindWithoutGrid, (random: Random, seed: number) => Screen> = {
  'strewn boxes': (_, seed) => strewn(seed),
  tables: (random) => {
    const width = random.whole(60, 240) * 8;
    const margin = random.whole(4, 20) * 4;
    return screenOf(width, [box(0, 0, width, 64, 'bar'), ...cells(random, margin, width - margin, 120)]);
  },
  'ragged panes': (random) => {
    const width = random.whole(90, 240) * 8;
    const height = random.whole(80, 120) * 8;
    const first = random.whole(140, 380);
    const second = random.whole(240, Math.max(260, Math.round(width * 0.4)));
    const panes: [number, number][] = [
      [0, first],
      [first, second],
      [first + second, width - first - second],
    ];
    const boxes = panes.flatMap(([x, wide]) => {
      const padding = random.whole(2, 6) * 4;
      const items = Array.from({ length: random.whole(5, 14) }, (_, index) =>
        box(
          x + padding,
          64 + index * 52,
          Math.max(24, Math.round((wide - 2 * padding) * (chance(random, 0.5) ? 1 : 0.3 + 0.7 * real(random)))),
          40,
          'item',
        ),
      );
      return [box(x, 0, wide, height, 'pane'), ...items];
    });
    return screenOf(width, boxes);
  },
  'centred documents': (random) => {
    const width = random.whole(80, 240) * 8;
    const measure = Math.min(width - 32, random.whole(60, 90) * 8);
    const x = Math.round((width - measure) / 2);
    let y = 80;
    const boxes = Array.from({ length: random.whole(12, 40) }, () => {
      const isPicture = chance(random, 0.15);
      const height = isPicture ? random.whole(200, 480) : random.oneOf([24, 48, 72, 120, 168]);
      const wide = isPicture || chance(random, 0.6) ? measure : Math.round(measure * (0.3 + 0.7 * real(random)));
      const each = box(x, y, wide, height, isPicture ? 'picture' : 'paragraph');
      y += height + random.whole(2, 5) * 8;
      return each;
    });
    return screenOf(width, boxes);
  },
};

/** A screen of a kind that stands on no grid. */
export function screenWithoutGrid(kind: KindWithoutGrid, seed: number): Screen {
  return MAKE_NONE[kind](randomOf(seed), seed);
}
