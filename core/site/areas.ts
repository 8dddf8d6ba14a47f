import { valueNodes } from './css-value';
import type { SiteRule } from './rules';
import { includesWidth } from './widths';

/** Where a named block stands in its grid: columns, and lanes from 1, both up to and with the last. */
export type AreaPlace = { name: string; columns: [number, number]; lanes: [number, number] };

/** A picture of a layout in the names of its blocks, as `grid-template-areas` has it at a width. */
export type Areas = { selector: string; lanes: number; places: AreaPlace[] };

/**
 * The pictures that style sheets paint at a width, by the selector of the grid. Lines of dots are white space and lines that repeat the one before are one
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
  return [...found].flatMap(([selector, picture]) => (picture ? [areasOf(selector, picture)] : []));
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

function areasOf(selector: string, picture: readonly string[][]): Areas {
  const held = picture.filter((line) => line.some((name) => !/^\.+$/.test(name)));
  const lanes = held.filter((line, index) => index === 0 || line.join(' ') !== held[index - 1]!.join(' '));
  const places = new Map<string, AreaPlace>();
  lanes.forEach((line, lane) =>
    line.forEach((name, column) => {
      if (/^\.+$/.test(name)) return;
      const own = places.get(name) ?? { name, columns: [column + 1, column + 1], lanes: [lane + 1, lane + 1] };
      own.columns = [Math.min(own.columns[0], column + 1), Math.max(own.columns[1], column + 1)];
      own.lanes = [Math.min(own.lanes[0], lane + 1), Math.max(own.lanes[1], lane + 1)];
      places.set(name, own);
    }),
  );
  return { selector, lanes: lanes.length, places: [...places.values()] };
}
