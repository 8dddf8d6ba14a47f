import type { Direction } from '../length/direction';
import type { Part } from './correct';
import type { Screen } from './screens';

/** In which direction a screen is read. */
export function directionOf({ direction }: Pick<Screen, 'direction'>): Direction {
  return direction ?? 'ltr';
}

/** What stands across a width, counted from its other side. */
export function fromOtherSide<P extends { x: number; width: number }>(part: P, width: number): P {
  return { ...part, x: width - part.x - part.width };
}

/**
 * A screen as read from the other side: its boxes, and what else is given, counted from there.
 *
 *     turned({ width: 412, boxes: [{ x: 20, width: 100, … }] })   // x 292, direction "rtl"
 */
export function turned<S extends Screen & { leftOut?: readonly Part[] }>(screen: S): S {
  const { boxes, leftOut, width } = screen;
  const across = <B extends Part>(box: B): B => fromOtherSide(box, width);
  return {
    ...screen,
    boxes: boxes.map(across),
    ...(leftOut && { leftOut: leftOut.map(across) }),
    direction: screen.direction === 'rtl' ? undefined : 'rtl',
  };
}
