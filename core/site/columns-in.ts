import type { Px } from '../length/px';
import { ZERO } from '../length/px';
import { boxIn, isUnread } from './box';
import { lengthIn } from './css-length';
import { countOf } from './shares';
import { evenTracks } from './tracks';
import { type Ground, type NoGrid, type Placed, placeOf } from './walk';

/** Columns of a page at one viewport width. Lengths in px, from the start of the viewport. */
export type SiteGrid = {
  count: number;
  column: Px;
  gutter: Px;
  /** Where the first column begins, and where the last ends. */
  start: Px;
  end: Px;
  /** The border edges of the element that holds the width. */
  container: readonly [Px, Px];
  rows: SiteRows | null;
};

/** Rows that the grid says: as tall as this, with gaps; how many, where that is said. */
export type SiteRows = { height: Px | null; gap: Px; count: number | null };

type Found = Omit<SiteGrid, 'container'> | NoGrid;

/** Columns of a grid of tracks. */
export function tracksIn({ style, box, ground }: Placed, item: Placed, height: Px): Found {
  const template = style.get('grid-template-columns');
  const isGrid = /^(inline-)?grid$|\bgrid$/.test(style.get('display') ?? '');
  if (!template || template === 'none' || !isGrid) {
    const one = { count: 1, column: box.contentWidth, gutter: ZERO };
    return isGrid || template
      ? { ...one, start: box.contentStart, end: box.contentStart.add(box.contentWidth), rows: null }
      : { why: 'it isn’t a grid at this width' };
  }
  const gutter = gapOf(style, 'column-gap', box.contentWidth, ground);
  if (!gutter) return { why: `its gap “${style.get('column-gap')}” can’t be read`, ...placeOf(style, 'column-gap') };
  const even = evenTracks(template, box.contentWidth, gutter, style.get('justify-content'), ground);
  if ('why' in even) return { ...even, ...placeOf(style, 'grid-template-columns') };
  // where there is no gap, what stands in the tracks may keep apart by its padding, as older code does
  const inside = (side: string): Px =>
    gutter.equals(ZERO)
      ? (lengthIn(item.style.get(`padding-${side}`) ?? '0', { ...item.ground, whole: even.column }) ?? ZERO)
      : ZERO;
  const [left, right] = [inside('left'), inside('right')];
  const column = even.column.sub(left).sub(right);
  const own = even.gutter.add(left).add(right);
  const start = box.contentStart.add(even.before).add(left);
  const end = start.add(column.mul(even.count)).add(own.mul(even.count - 1));
  return { count: even.count, column, gutter: own, start, end, rows: rowsOf(style, { ...ground, height }) };
}

/** Columns of a row whose elements are shares of it. */
export function sharesIn(shares: readonly number[], { style: row, box, ground }: Placed, item: Placed): Found {
  const { count } = countOf(shares);
  const whole = box.contentWidth;
  const plain = new Map([...item.style, ['width', 'auto'], ['max-width', 'none'], ['min-width', '0']]);
  const inside = boxIn(plain, box, item.ground);
  if (isUnread(inside))
    return {
      why: `${inside.property} is “${inside.value}”, which can’t be read`,
      ...placeOf(item.style, inside.property),
    };
  const before = inside.contentStart.sub(box.contentStart);
  const after = whole.sub(before).sub(inside.contentWidth);
  const gap = gapOf(row, 'column-gap', whole, ground);
  if (!gap) return { why: `its gap “${row.get('column-gap')}” can’t be read`, ...placeOf(row, 'column-gap') };
  const gutter = before.add(after).add(gap);
  const start = box.contentStart.add(before);
  const end = box.contentStart.add(whole).sub(after);
  const column = end
    .sub(start)
    .sub(gutter.mul(count - 1))
    .div(count);
  return { count, column, gutter, start, end, rows: null };
}

/** A gap between tracks; none where nothing is said, null where it can’t be read. */
export function gapOf(
  style: ReadonlyMap<string, string>,
  property: 'row-gap' | 'column-gap',
  whole: Px,
  ground: Ground,
): Px | null {
  const value = style.get(property);
  return value === undefined || value === 'normal' ? ZERO : lengthIn(value, { ...ground, whole });
}

function rowsOf(style: ReadonlyMap<string, string>, screen: Ground): SiteRows | null {
  const gap = gapOf(style, 'row-gap', ZERO, screen) ?? ZERO;
  const each = style.get('grid-auto-rows');
  const template = style.get('grid-template-rows');
  const [, count] = /^repeat\(\s*(\d{1,4})\s*,/.exec(template ?? '') ?? [];
  const height = each ? lengthIn(each, { ...screen, whole: null }) : null;
  if (!height && !count) return null;
  return { height, gap, count: count ? Number(count) : null };
}
