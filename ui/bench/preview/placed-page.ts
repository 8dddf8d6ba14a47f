import { RULER } from '../../drawing/rulers';

type Box = { width: number; height: number };

/** Room around the whole page, for rulers, dimension lines and the foot, in px of the window. */
const SPACE = { side: RULER + 18, top: RULER + 28, bottom: 24 };

/** Of a page that is higher than this share of its width, only the upper part is shown in the whole view. */
const TALLEST = 1.5;

/**
 * The part of a page's height that is looked at, in px of the page, widened so that it does not change in every frame in
 * which the page is moved or zoomed.
 */
export function seenPart(box: Box, top: number, scale: number, page: number): { seenFrom: number; seenTo: number } {
  const window = 2 ** Math.ceil(Math.log2(Math.max(1, box.height) / scale));
  const first = Math.floor(-top / scale / window);
  return { seenFrom: Math.max(0, first * window), seenTo: Math.min(page, (first + 2) * window) };
}

/** Where a page lies in a box, and at what scale, before anybody zooms or moves it. */
export function placedPage(box: Box, page: Box): { scale: number; left: number; top: number } {
  const fits = Math.min(
    (box.width - SPACE.side * 2) / page.width,
    (box.height - SPACE.top - SPACE.bottom) / Math.min(page.height, page.width * TALLEST),
  );
  const scale = Math.max(0.01, fits);
  return { scale, left: Math.max(SPACE.side, (box.width - page.width * scale) / 2), top: SPACE.top };
}
