import type { Box, Screen } from './screens';

/** What of a screen's width its page has: all of it, or what panels at its sides leave. */
export type Room = { from: number; to: number };

/** A panel is at least so high, and at most so wide, as shares of the screen. */
const [HIGH, WIDE] = [0.6, 0.45];
const AT_SIDE = 0.75;

/**
 * The rooms in which margins may be even: the whole width, and the one between panels that stand at a side of the screen.
 *
 *     roomsOf([screen])   // [{ from: 0, to: 1512 }, { from: 240, to: 1512 }]
 */
export function roomsOf(screens: readonly Screen[]): Room[] {
  const rooms = new Map<string, Room>();
  const take = (room: Room): unknown => rooms.set(`${room.from} ${room.to}`, room);
  for (const screen of screens) {
    const { width } = screen;
    take({ from: 0, to: width });
    const panels = panelsOf(screen);
    const starts = panels.filter(({ x }) => x <= AT_SIDE).map((panel) => panel.width);
    const ends = panels.filter(({ x }) => x > AT_SIDE).map(({ x }) => x);
    const [from, to] = [Math.max(0, ...starts), Math.min(width, ...ends)];
    take({ from, to });
    take({ from, to: width });
    take({ from: 0, to });
  }
  return [...rooms.values()];
}

/** Boxes at a side of the screen, nearly as high as it. */
export function panelsOf({ boxes, width, height }: Screen): Box[] {
  return boxes.filter(
    (box) =>
      box.height >= HIGH * height &&
      box.width <= WIDE * width &&
      box.x <= AT_SIDE !== box.x + box.width >= width - AT_SIDE,
  );
}
