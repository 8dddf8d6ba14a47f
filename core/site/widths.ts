/** Whole viewport widths, in px: from the first up to, and without, the last. */
export type WidthSpan = readonly [from: number, to: number];

/** Widths in ascending spans that do not touch. */
export type Widths = readonly WidthSpan[];

/** Wider than any screen (`LIMITS.length`). */
export const BEYOND = 100_001;

export const EVERY_WIDTH: Widths = [[0, BEYOND]];
export const NO_WIDTH: Widths = [];

/** From a width up to, and without, another; none where the first is not the smaller. */
export function span(from: number, to: number): Widths {
  const [start, end] = [Math.max(0, from), Math.min(BEYOND, to)];
  return start < end ? [[start, end]] : NO_WIDTH;
}

/** The widths that are in both. */
export function bothWidths(a: Widths, b: Widths): Widths {
  return a.flatMap(([from, to]) => b.flatMap(([start, end]) => span(Math.max(from, start), Math.min(to, end))));
}

/** The widths that are in either. */
export function eitherWidth(a: Widths, b: Widths): Widths {
  const joined: [number, number][] = [];
  for (const [from, to] of [...a, ...b].sort(([x], [y]) => x - y)) {
    const last = joined.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else joined.push([from, to]);
  }
  return joined;
}

/** The widths that are not in it. */
export function otherWidths(widths: Widths): Widths {
  const edges = [0, ...widths.flat(), BEYOND];
  return edges.flatMap((from, index) => (index % 2 === 0 ? span(from, edges[index + 1]!) : []));
}

export function includesWidth(widths: Widths, width: number): boolean {
  return widths.some(([from, to]) => from <= width && width < to);
}
