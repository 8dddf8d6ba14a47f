import { type FoundGrid, findGrids } from './find-grids';
import type { Screen } from './screens';

/** What stays of a length from width to width: so many px, or a share of the screen’s width. */
export type Law = { is: 'px'; px: number } | { is: 'share'; share: number } | { is: 'each' };

/** What of the width the columns fill: margins by a law, and from some width on a container that grows no further. */
export type Outside = { margin: Law; cap: { px: number; from: number } | null };

/** The grids of screens of several widths, as one description. */
export type Together = {
  /** One for each width, the narrowest first. */
  grids: FoundGrid[];
  outside: Outside;
  gutter: Law;
  /** Half a gutter stands outside the first and the last column, as part of the container. */
  outer: 'none' | 'half';
  /** The screens do not tell whether half a gutter stands outside: both descriptions say as much. */
  isOuterOpen: boolean;
};

/** Lengths are the same up to so many px: two edges, each rounded. */
const SAME = 1.01;
/** So many grids of each width are put together with those of the others. */
const TRIED = [0, 6, 6, 5, 4, 3, 3];

/**
 * One description for screens of one or several widths: the grids, one of each width, that together take least to say. A gutter that
 * is the same at every width is said once; so is a margin, a share, or a container that stops growing. Null where one
 * width has no grid.
 *
 *     gridsTogether([phone, tablet, desktop])   // { outside: { margin: 16 px, cap: 1152 px from 1280 }, gutter: 24 px, … }
 */
export function gridsTogether(screens: readonly Screen[], found = foundByWidth(screens)): Together | null {
  const widths = [...found.keys()].sort((a, b) => a - b);
  const most = TRIED[widths.length] ?? 2;
  const each = widths.map((width) => found.get(width)!.slice(0, widths.length > 8 ? 1 : most));
  if (each.length === 0 || each.some((grids) => grids.length === 0)) return null;
  let best: { together: Together; says: number } | null = null;
  for (const grids of choicesOf(each)) {
    const { says, ...together } = described(grids, screens);
    const gain = grids.reduce((sum, { gain: own }) => sum + own, 0) - says;
    if (!best || gain > best.says) best = { together, says: gain };
  }
  return best!.together;
}

/** The grids that may be those of each width. */
export function foundByWidth(screens: readonly Screen[]): Map<number, FoundGrid[]> {
  const widths = [...new Set(screens.map(({ width }) => width))].sort((a, b) => a - b);
  return new Map(widths.map((width) => [width, findGrids(screens.filter((screen) => screen.width === width))]));
}

function* choicesOf<T>(lists: readonly (readonly T[])[]): Generator<T[]> {
  const [first, ...others] = lists;
  if (!first) yield [];
  else for (const item of first) for (const rest of choicesOf(others)) yield [item, ...rest];
}

/** What it takes to say a length, in nats. */
const PER_LENGTH = Math.log(64);
/** What it takes to say that lengths are shares, or that a container stops at some width. */
const PER_TURN = Math.log(3);

/**
 * The same description with other grids at some widths, such as those that somebody chose.
 *
 * @param chosen a grid by its width; a width without one keeps its own
 */
export function togetherWith(
  together: Together,
  chosen: (width: number) => Columned | null,
  screens: readonly Screen[],
): Together {
  const grids = together.grids.map((grid) => ({ ...grid, ...chosen(grid.width) }));
  const { says: _says, ...others } = described(grids, screens);
  return others;
}

/** A grid without what is known of how it was found. */
type Columned = Pick<FoundGrid, 'width' | 'start' | 'end' | 'count' | 'gutter'>;

function described(grids: readonly FoundGrid[], screens: readonly Screen[]): Together & { says: number } {
  const gutter = lawOf(grids.map((grid) => ({ width: grid.width, length: grid.gutter })));
  const [none, half] = [0, 0.5].map((share) => outsideOf(grids, share)) as [Said, Said];
  const wrapped = wrappedAt(grids, screens);
  const isHalf = wrapped || half.says < none.says - 1;
  const { outside, says } = isHalf ? half : none;
  const isOuterOpen =
    !wrapped && grids.some((grid) => grid.gutter > 0) && Math.abs(half.says - none.says) <= 1 && grids.length > 1;
  const counts = new Set(grids.map(({ count }) => count)).size;
  return {
    grids: [...grids],
    outside,
    gutter: gutter.law,
    outer: isHalf ? 'half' : 'none',
    isOuterOpen,
    says: gutter.says + says + counts * Math.log(12) * 0.5,
  };
}

type Length = { width: number; length: number };
type Said = { outside: Outside; says: number };

/** One length at several widths: by the law that says it in the fewest numbers. */
function lawOf(lengths: readonly Length[]): { law: Law; says: number } {
  const px = average(lengths.map(({ length }) => length));
  if (lengths.every(({ length }) => Math.abs(length - px) <= SAME)) return { law: { is: 'px', px }, says: PER_LENGTH };
  const share = average(lengths.map(({ width, length }) => length / width));
  const isShare = lengths.every(({ width, length }) => Math.abs(length - share * width) <= SAME);
  if (isShare) return { law: { is: 'share', share }, says: PER_LENGTH + PER_TURN };
  return { law: { is: 'each' }, says: PER_LENGTH * lengths.length };
}

/** Margins and containers at several widths, with so much of a gutter as part of the container on each side. */
function outsideOf(grids: readonly FoundGrid[], ofGutter: number): Said {
  const sizes = grids.map((grid) => ({
    width: grid.width,
    margin: grid.start - ofGutter * grid.gutter,
    container: grid.end - grid.start + 2 * ofGutter * grid.gutter,
  }));
  let best: Said | null = null;
  for (let capped = 0; capped < sizes.length; capped++) {
    // the last `capped` widths have one container; those before have margins by a law
    const [free, stopped] = [sizes.slice(0, sizes.length - capped), sizes.slice(sizes.length - capped)];
    const cap = average(stopped.map(({ container }) => container));
    if (capped > 0 && stopped.some(({ container }) => Math.abs(container - cap) > SAME)) break;
    const margins = lawOf(free.map(({ width, margin }) => ({ width, length: margin })));
    const says = margins.says + (capped > 0 ? PER_LENGTH + PER_TURN : 0);
    const outside = {
      margin: margins.law,
      cap: capped > 0 ? { px: cap, from: stopped[0]!.width } : null,
    };
    if (!best || says < best.says - 0.01) best = { outside, says };
  }
  return best!;
}

/** Whether boxes stand around the columns with half a gutter on either side, as containers of columns with paddings do. */
function wrappedAt(grids: readonly FoundGrid[], screens: readonly Screen[]): boolean {
  const around = grids.filter(({ width, start, end, gutter }) => {
    if (gutter < 4) return false;
    const [from, to] = [start - gutter / 2, end + gutter / 2];
    return screens.some(
      (screen) =>
        screen.width === width &&
        screen.boxes.some((box) => Math.abs(box.x - from) < 0.6 && Math.abs(box.x + box.width - to) < 0.6),
    );
  });
  return around.length === grids.length;
}

function average(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;
}
