import type { Box, Screen } from '../../core/survey/screens';
import { type Random, randomOf } from '../browser/model/random';
import { anyGrid, chance, type Drawn, real, strewn, type Truth } from './generator';

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

/** Screens that stand on no grid of columns. */
export const NO_GRID_KINDS = ['strewn boxes', 'tables', 'ragged panes', 'centred documents'] as const;
export type KindWithoutGrid = (typeof NO_GRID_KINDS)[number];

type Case = { truth: Truth; screen: Screen };

const box = (x: number, y: number, width: number, height: number, name = 'block'): Box => ({
  x,
  y,
  width,
  height,
  name,
});
const screenOf = (width: number, boxes: readonly Box[]): Screen => ({
  name: 'Screen',
  width,
  height: Math.max(0, ...boxes.map(({ y, height }) => y + height)) + 40,
  boxes,
});

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

/** A table of data between two sides: columns as wide as what they hold, rows one below the other. */
function cells(random: Random, start: number, end: number, from: number): Box[] {
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

/** A screen of a kind, and the grid that it was drawn on. */
export function screenOfKind(kind: KindOfBoxes, seed: number): Drawn {
  const { truth, screen } = MAKE[kind](randomOf(seed));
  return { truth, screen };
}

export function screenWithoutGrid(kind: KindWithoutGrid, seed: number): Screen {
  return MAKE_NONE[kind](randomOf(seed), seed);
}
