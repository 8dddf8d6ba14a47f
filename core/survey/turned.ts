import type { Direction } from '../length/direction';
import type { Part } from './correct';
import type { Screen } from './screens';

/** In which direction a screen is read. */
export function directionOf({ direction }: Pick<Screen, 'direction'>): Direction {
  return direction ?? 'ltr';
}

/**
 * A screen as read from the other side: its boxes, and what else is given, counted from there.
 *
 *     turned({ width: 412, boxes: [{ x: 20, width: 100, … }] })   // x 292, direction "rtl"
 */
export function turned<S extends Screen & { leftOut?: readonly Part[] }>(screen: S): S {
  const { boxes, leftOut, width } = screen;
  const across = <B extends Part>(box: B): B => ({ ...box, x: width - box.x - box.width });
  return {
    ...screen,
    boxes: boxes.map(across),
    ...(leftOut && { leftOut: leftOut.map(across) }),
    direction: screen.direction === 'rtl' ? undefined : 'rtl',
  };
}
