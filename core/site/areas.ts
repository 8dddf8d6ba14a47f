import { valueNodes } from './css-value';
import type { SiteRule } from './rules';
import { includesWidth } from './widths';

/** Where a named block stands in its grid: columns, and lanes from 1, both up to and with the last. */
export type AreaPlace = { name: string; columns: [number, number]; lanes: [number, number] };

/** A picture of a layout in the names of its blocks, as `grid-template-areas` has it at a width. */
export type Areas = { lanes: number; places: AreaPlace[] };

/**
 * The pictures that style sheets paint at a width, a grid’s each. Lines of dots are white space and lines that repeat the one before are one
 * lane, so that pages that leave white space to gaps or to tracks of its own are read alike.
 */
export function areasAt(rules: readonly SiteRule[], width: number): Areas[] {
  const found = new Map<string, string[][] | null>();
  for (const { selectors, says, widths } of rules) {
    if (!includesWidth(widths, width)) continue;
    for (const { property, value } of says) {
      if (!/^(grid-template-areas|grid-template|grid)$/.test(property)) continue;
      for (const selector of selectors) {
        // the picture of another range goes when this one has none
        if (found.has(selector) || value.includes('"') || value.includes("'")) found.set(selector, pictureOf(value));
      }
    }
  }
  return [...found.values()].flatMap((picture) => (picture ? [areasOf(picture)] : []));
}

const MOST_CELLS = 20_000;

/** The lines of a picture, each in its names; null where it is none. */
function pictureOf(value: string): string[][] | null {
  const lines = (valueNodes(value) ?? [])
    .filter(({ type }) => type === 'String')
    .map((node) => (node.value ?? '').trim().split(/\s+/));
  const cells = lines.reduce((sum, { length }) => sum + length, 0);
  return lines.length === 0 || cells > MOST_CELLS || lines.some(({ length }) => length !== lines[0]!.length)
    ? null
    : lines;
}

function areasOf(picture: readonly string[][]): Areas {
  const places = new Map<string, AreaPlace>();
  picture.forEach((line, lane) =>
    line.forEach((name, column) => {
      if (/^\.+$/.test(name)) return;
      const own = places.get(name) ?? { name, columns: [column + 1, column + 1], lanes: [lane + 1, lane + 1] };
      own.columns = [Math.min(own.columns[0], column + 1), Math.max(own.columns[1], column + 1)];
      own.lanes = [Math.min(own.lanes[0], lane + 1), Math.max(own.lanes[1], lane + 1)];
      places.set(name, own);
    }),
  );
  return blocksInLanes([...places.values()]);
}

/**
 * Blocks that stand in tracks of a grid, in lanes: tracks in which nothing stands are white space; tracks in which the same stands are one lane, and so are those
 * that lack some of what stands in the next, since it is white space that they have in its place.
 *
 *     blocksInLanes([{ name: 'map', columns: [1, 8], lanes: [2, 5] }]).lanes   // 1
 */
export function blocksInLanes(places: readonly AreaPlace[]): Areas {
  const cuts = [...new Set(places.flatMap(({ lanes: [first, last] }) => [first, last + 1]))].sort((a, b) => a - b);
  const laneOf = new Map<number, number>();
  let lane = 0;
  let held = new Set<string>();
  for (const cut of cuts) {
    const here = new Set(
      places.filter(({ lanes: [first, last] }) => first <= cut && cut <= last).map(({ name }) => name),
    );
    const isMore = lane > 0 && isWithin(held, here);
    if (here.size > 0 && !isMore && !isWithin(here, held)) lane++;
    if (here.size > 0 && (isMore || !isWithin(here, held))) held = here;
    laneOf.set(cut, lane);
  }
  const endingAt = (end: number): number => laneOf.get(cuts[cuts.indexOf(end) - 1]!)!;
  return {
    lanes: lane,
    places: places.map((place) => ({ ...place, lanes: [laneOf.get(place.lanes[0])!, endingAt(place.lanes[1] + 1)] })),
  };
}

function isWithin(some: ReadonlySet<string>, all: ReadonlySet<string>): boolean {
  return [...some].every((name) => all.has(name));
}
