import type { Box, Screen } from '../../core/survey/screens';
import { type Random, randomOf } from '../browser/model/random';
import { anyGrid, box, chance, type Drawn, screenOf, type Truth } from './generator';
import { cells } from './no-grid-kinds';

/** Screens of kinds that real products have, as boxes; the truth comes with each, null where there is no grid. */
export type KindOfBoxes = (typeof BOX_KINDS)[number];

export const BOX_KINDS = [
  'missing columns',
  'a tenth off by 1 to 3 px',
  'paddings within columns',
  'side panels',
  'full-bleed',
  'two grids',
  'half gutters',
  'capped containers',
  'nested grids',
  '6 boxes',
  '300 boxes',
  'a table among blocks',
] as const;

type Case = { truth: Truth; screen: Screen };

/** A block from a column on, over as many as it spans, as a browser places it. */
export function onColumns(
  { start, column, gutter }: Truth,
  from: number,
  span: number,
  y: number,
  height: number,
): Box {
  const x = Math.round(start + from * (column + gutter));
  const end = Math.round(start + (from + span - 1) * (column + gutter) + column);
  return box(x, y, end - x, height);
}

/** Rows of blocks that stand on a grid; `skip` is the share of places that stay empty. */
export function rowsOf(truth: Truth, random: Random, rows: number, skip: number, from = 40): Box[] {
  const boxes: Box[] = [];
  let y = from;
  for (let row = 0; row < rows; row++) {
    const height = random.whole(6, 40) * 8;
    let column = 0;
    while (column < truth.count) {
      const span = Math.min(
        truth.count - column,
        random.whole(1, Math.max(1, Math.ceil(truth.count / random.whole(1, 3)))),
      );
      if (!chance(random, skip)) boxes.push(onColumns(truth, column, span, y, height));
      column += span;
    }
    y += height + random.whole(2, 8) * 8;
  }
  return boxes;
}

/** A grid that is moved: a panel stands before it, or its margins differ. */
function beside(random: Random): { truth: Truth; panel: number } {
  for (;;) {
    const panel = random.whole(24, 80) * 4;
    const width = random.whole(100, 240) * 8;
    const [count, gutter, margin] = [
      random.oneOf([3, 4, 6, 8, 12]),
      random.oneOf([12, 16, 20, 24, 32]),
      random.whole(4, 16) * 4,
    ];
    const start = panel + margin;
    const end = width - margin;
    const column = (end - start - (count - 1) * gutter) / count;
    if (column >= 32 && column > gutter) return { truth: { count, gutter, column, start, end, width }, panel };
  }
}

const MAKE: Record<KindOfBoxes, (random: Random) => Case> = {
  'missing columns': (random) => {
    const truth = anyGrid(random);
    return { truth, screen: screenOf(truth.width, rowsOf(truth, random, random.whole(10, 18), 0.55)) };
  },
  'a tenth off by 1 to 3 px': (random) => {
    const truth = anyGrid(random);
    const boxes = rowsOf(truth, random, random.whole(8, 16), 0.2).map((each) => {
      const by = random.whole(1, 3) * random.oneOf([1, -1]);
      if (!chance(random, 0.1)) return each;
      return chance(random, 0.5)
        ? { ...each, x: each.x + by, width: each.width - by }
        : { ...each, width: each.width + by };
    });
    return { truth, screen: screenOf(truth.width, boxes) };
  },
  'paddings within columns': (random) => {
    const truth = anyGrid(random);
    const padding = random.whole(2, 8) * 4;
    const boxes = rowsOf(truth, random, random.whole(8, 16), 0.2).flatMap((each) => {
      const within = box(
        each.x + padding,
        each.y + padding,
        each.width - 2 * padding,
        each.height - 2 * padding,
        'within',
      );
      return within.width > 8 && within.height > 8 ? [each, within] : [each];
    });
    return { truth, screen: screenOf(truth.width, boxes) };
  },
  'side panels': (random) => {
    const { truth, panel } = beside(random);
    const boxes = rowsOf(truth, random, random.whole(6, 12), 0.2);
    const screen = screenOf(truth.width, boxes);
    const items = Array.from({ length: random.whole(5, 12) }, (_, index) =>
      box(16, 80 + index * 44, panel - 32, 36, 'item'),
    );
    return { truth, screen: { ...screen, boxes: [box(0, 0, panel, screen.height, 'panel'), ...items, ...boxes] } };
  },
  'full-bleed': (random) => {
    const truth = anyGrid(random);
    const boxes = rowsOf(truth, random, random.whole(8, 14), 0.25);
    const bands = boxes
      .filter((_, index) => index % 4 === 0)
      .map(({ y, height }) => box(0, y - 8, truth.width, height + 16, 'band'));
    return { truth, screen: screenOf(truth.width, [...bands, ...boxes]) };
  },
  'two grids': (random) => {
    const truth = anyGrid(random);
    const first = rowsOf(truth, random, random.whole(9, 14), 0.2);
    const below = Math.max(...first.map(({ y, height }) => y + height)) + 48;
    // the second has the same container, and other columns
    const count = truth.count === 5 ? 3 : 5;
    const gutter = truth.gutter + 6;
    const column = (truth.end - truth.start - (count - 1) * gutter) / count;
    const second = rowsOf({ ...truth, count, gutter, column }, random, random.whole(2, 4), 0.2, below);
    return { truth, screen: screenOf(truth.width, [...first, ...second]) };
  },
  'half gutters': (random) => {
    for (;;) {
      const width = random.whole(60, 240) * 8;
      const [count, gutter] = [random.oneOf([4, 6, 8, 12]), random.oneOf([16, 20, 24, 30, 32])];
      const margin = random.whole(0, 10) * 4;
      const start = margin + gutter / 2;
      const column = (width - 2 * start - (count - 1) * gutter) / count;
      if (column < 32 || column < gutter) continue;
      const truth = { count, gutter, column, start, end: width - start, width };
      const boxes = rowsOf(truth, random, random.whole(8, 14), 0.2);
      // some boxes have the half gutters around them, as containers of floats do
      const around = boxes
        .filter((_, index) => index % 3 === 0)
        .map((each) => box(each.x - gutter / 2, each.y, each.width + gutter, each.height));
      return { truth, screen: screenOf(width, [...boxes, ...around]) };
    }
  },
  'capped containers': (random) => {
    for (;;) {
      const most = random.whole(60, 160) * 8;
      const width = most + random.whole(5, 100) * 8;
      const [count, gutter] = [random.oneOf([2, 3, 4, 6, 8, 12]), random.oneOf([8, 16, 20, 24, 32])];
      const start = (width - most) / 2;
      const column = (most - (count - 1) * gutter) / count;
      if (column < 32 || column < gutter) continue;
      const truth = { count, gutter, column, start, end: start + most, width };
      const boxes = rowsOf(truth, random, random.whole(8, 14), 0.2);
      return { truth, screen: screenOf(width, [box(0, 0, width, 72, 'bar'), ...boxes]) };
    }
  },
  'nested grids': (random) => {
    const truth = anyGrid(random);
    const boxes = rowsOf(truth, random, random.whole(8, 14), 0.2).flatMap((each) => {
      const [count, gutter] = [
        random.oneOf([2, 3, 4]),
        random.oneOf([8, 12, 16].filter((each) => each !== truth.gutter)),
      ];
      const column = (each.width - (count - 1) * gutter) / count;
      if (column < 24 || chance(random, 0.4)) return [each];
      const within = { ...truth, count, gutter, column, start: each.x, end: each.x + each.width };
      return [
        each,
        ...Array.from({ length: count }, (_, index) => onColumns(within, index, 1, each.y + 8, each.height - 16)),
      ];
    });
    return { truth, screen: screenOf(truth.width, boxes) };
  },
  '6 boxes': (random) => {
    for (;;) {
      const truth = anyGrid(random);
      if (truth.count > 6) continue;
      const boxes = rowsOf(truth, random, 6, 0).slice(0, 6);
      if (boxes.length === 6 && new Set(boxes.map(({ x }) => x)).size >= 3)
        return { truth, screen: screenOf(truth.width, boxes) };
    }
  },
  '300 boxes': (random) => {
    const truth = anyGrid(random);
    const boxes: Box[] = [];
    while (boxes.length < 300)
      boxes.push(...rowsOf(truth, random, 8, 0.25, Math.max(0, ...boxes.map(({ y, height }) => y + height)) + 32));
    return { truth, screen: screenOf(truth.width, boxes.slice(0, 300)) };
  },
  'a table among blocks': (random) => {
    const truth = anyGrid(random);
    const boxes = rowsOf(truth, random, random.whole(7, 12), 0.2);
    const below = Math.max(...boxes.map(({ y, height }) => y + height)) + 48;
    const [start, end] = [Math.round(truth.start), Math.round(truth.end)];
    return { truth, screen: screenOf(truth.width, [...boxes, ...cells(random, start, end, below)]) };
  },
};

/** A screen of a kind, and the grid that it was drawn on. */
export function screenOfKind(kind: KindOfBoxes, seed: number): Drawn {
  const { truth, screen } = MAKE[kind](randomOf(seed));
  return { truth, screen };
}
