import type { PlacedBlock } from '../layouts/place-blocks';
import { counted } from '../length/present';
import type { OnBuilt } from './on-built';
import type { MeasuredBlock } from './measured';
import { type BuiltFinding, type BuiltVerdict, drawnPx, verdictOf } from './verdicts';

/** A block as it is drawn and as it is built. */
type Pair = { drawn: PlacedBlock; built: MeasuredBlock; x: number; y: number; width: number; height: number };

/**
 * The blocks of the layout that is on the page, each against where it is drawn: its sides, its height, the white space above it. What only follows from another
 * difference is not told again. Null where no layout is on the page.
 */
export function layoutVerdict({ layout, tolerance }: OnBuilt): BuiltVerdict | null {
  if (!layout) return null;
  const { blocks, built } = layout;
  const pairs = blocks.flatMap((drawn): Pair[] => {
    const own = built.get(drawn.id);
    if (!own) return [];
    const [x, y, width, height] = [drawn.x, drawn.y, drawn.width, drawn.height].map((each) => each.valueOf());
    return [{ drawn, built: own, x: x!, y: y!, width: width!, height: height! }];
  });
  const missing = blocks.filter(({ id }) => !built.has(id));
  const findings = [
    ...missing.map(({ placed }): BuiltFinding => ({
      says: `${placed.block.name} isn’t on the page`,
      by: null,
      elements: [],
      places: [],
    })),
    ...pairs.flatMap((pair) => acrossFindings(pair, pairs, tolerance)),
    ...downFindings(pairs, tolerance),
  ];
  return verdictOf('layout', blocks.length, findings);
}

/** The sides of a block; those of what stands in a card that is off go with it. */
function acrossFindings(pair: Pair, pairs: readonly Pair[], tolerance: number): BuiltFinding[] {
  const card = pairs.find(({ drawn }) => drawn.id === pair.drawn.card);
  const sides = [
    ['starts', (each: Pair) => each.built.x - each.x],
    ['ends', (each: Pair) => each.built.x + each.built.width - each.x - each.width],
  ] as const;
  return sides.flatMap(([says, off]): BuiltFinding[] => {
    const by = off(pair);
    if (Math.abs(by) <= tolerance || (card && Math.abs(by - off(card)) <= tolerance)) return [];
    return [finding(pair, `${says} ${drawnPx(Math.abs(by))} px ${by > 0 ? 'late' : 'early'}`, by)];
  });
}

/** Heights, and white space: what is taller moves all that stands below, which is no finding of its own. */
function downFindings(pairs: readonly Pair[], tolerance: number): BuiltFinding[] {
  const close = (a: number, b: number): boolean => Math.abs(a - b) <= tolerance + 0.25;
  const top = ({ built, y }: Pair): number => built.y - y;
  const foot = ({ built, y, height }: Pair): number => built.y + built.height - y - height;
  const heights = pairs.flatMap((pair) => {
    const by = pair.built.height - pair.height;
    return Math.abs(by) <= tolerance + linesOf(pair) ? [] : [{ pair, by }];
  });
  const spaces = pairs.flatMap((pair) => {
    const { card, placed } = pair.drawn;
    // what stands at the foot or in the middle of its lanes goes with their height
    if (['foot', 'middle'].includes(placed.stands)) return [];
    const beside = pairs.filter((other) => other !== pair && other.drawn.card === card);
    const around = pairs.find(({ drawn }) => drawn.id === card);
    const above = beside.filter((other) => other.y + other.height <= pair.y + 0.01);
    const before = above.filter(
      (other) => other.y + other.height >= Math.max(...above.map((each) => each.y + each.height)) - 0.01,
    );
    const moved = [
      ...above.flatMap((other) => [top(other), foot(other)]),
      // beside one that stands as high
      ...beside
        .filter((other) => Math.abs(other.y - pair.y) < 0.01 && pairs.indexOf(other) < pairs.indexOf(pair))
        .map(top),
      // where it is drawn, whatever moved around it
      around ? top(around) : 0,
    ];
    if (moved.some((each) => close(each, top(pair)))) return [];
    const by = top(pair) - (before[0] ? foot(before[0]) : around ? top(around) : 0);
    return Math.abs(by) <= tolerance ? [] : [{ pair, by, before: before[0] ?? around ?? null }];
  });
  const given = heights.filter(({ pair, by }) => !follows(pair, by, heights, spaces, close));
  return [
    ...given.map(({ pair, by }) => finding(pair, heightSays(pair), by)),
    ...spaces.map(({ pair, by, before }) => finding(pair, spaceSays(by, before), by)),
  ];
}

/** Does the height of a block follow from others: that of a card from what stands in it, that of what fills its lanes from what stands beside it? */
function follows(
  pair: Pair,
  by: number,
  heights: readonly { pair: Pair; by: number }[],
  spaces: readonly { pair: Pair; by: number }[],
  close: (a: number, b: number) => boolean,
): boolean {
  const others = [...heights, ...spaces].filter((other) => other.pair !== pair);
  if ('card' in pair.drawn.placed.block.holds) return others.some((other) => other.pair.drawn.card === pair.drawn.id);
  return typeof pair.drawn.placed.height === 'string' && others.some((other) => close(other.by, by));
}

/** Browsers set each line on a whole px. */
function linesOf({ drawn }: Pair): number {
  const { height } = drawn.placed;
  return typeof height === 'object' && 'lines' in height ? height.lines * 0.5 : 0;
}

/** `is 3 rows tall as drawn, 4 as built`; in px where the rows are not whole. */
function heightSays({ drawn, built, height }: Pair): string {
  const step = drawn.frame.head(2).sub(drawn.frame.head(1)).valueOf();
  const gap = step - drawn.frame.stack(1).valueOf();
  const rows = [height, built.height].map((tall) => (tall + gap) / step);
  const areWhole = rows.every((each) => Math.abs(each - Math.round(each)) * step <= 0.5 && each >= 0.9);
  if (areWhole && Math.round(rows[0]!) !== Math.round(rows[1]!))
    return `is drawn ${counted(Math.round(rows[0]!), drawn.unit)} tall, and built ${Math.round(rows[1]!)}`;
  return `is drawn ${drawnPx(height)} px tall, and built ${drawnPx(built.height)}`;
}

function spaceSays(by: number, before: Pair | null): string {
  const px = `${drawnPx(Math.abs(by))} px`;
  if (!before) return `stands ${px} ${by > 0 ? 'lower' : 'higher'} than drawn`;
  const { name } = before.drawn.placed.block;
  return `stands ${px} ${by > 0 ? 'further from' : 'closer to'} ${name} than drawn`;
}

function finding({ drawn, built }: Pair, says: string, by: number): BuiltFinding {
  const { x, y, width, height } = built;
  return { says: `${drawn.placed.block.name} ${says}`, by, elements: [built.name], places: [{ x, y, width, height }] };
}
