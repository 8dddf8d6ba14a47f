import type { Pixels } from './pixels';

/** A change between two neighbouring pixels that is an edge: so many of 255 in one of the colours. */
const LEAST_CHANGE = 24;

/**
 * The edge of a picture nearest in strength to a place: where colours change most along a row (or a column), within
 * reach. Null where nothing changes by enough.
 *
 *     edgeNear(pixels, 'across', { x: 203, y: 40 }, 6)   // 200: the box begins at x 200
 *
 * @param at a place in px of the picture
 * @returns the border between two pixels, counted from the start edge of the picture
 */
export function edgeNear(
  { width, height, data }: Pixels,
  way: 'across' | 'down',
  at: { x: number; y: number },
  reach: number,
): number | null {
  const [line, along] = way === 'across' ? [Math.floor(at.y), at.x] : [Math.floor(at.x), at.y];
  const [lines, length] = way === 'across' ? [height, width] : [width, height];
  if (line < 0 || line >= lines) return null;
  const offset = (place: number): number => (way === 'across' ? line * width + place : place * width + line) * 4;
  const change = (border: number): number => {
    const [before, after] = [offset(border - 1), offset(border)];
    return Math.max(...[0, 1, 2].map((channel) => Math.abs(data[before + channel]! - data[after + channel]!)));
  };
  let found: { border: number; change: number } | null = null;
  for (let border = Math.max(1, Math.ceil(along - reach)); border <= Math.min(length - 1, along + reach); border++) {
    const here = change(border);
    if (here < LEAST_CHANGE) continue;
    const isNearer = found && here === found.change && Math.abs(border - along) < Math.abs(found.border - along);
    if (!found || here > found.change || isNearer) found = { border, change: here };
  }
  return found?.border ?? null;
}
