import { isGrowing } from '../length/growing';
import { lengthOf } from '../length/length-value';
import { type Px, ZERO } from '../length/px';
import { sizeAt, type Size } from '../length/size';
import type { Screen } from '../length/units';
import type { Breakpoint } from './schema';

/** The sides of a screen, as the language of the page has them. */
export const FRAME_SIDES = ['top', 'bottom', 'start', 'end'] as const;
export type FrameSide = (typeof FRAME_SIDES)[number];

/** How thick the bars and panels are that stand at the sides of a screen. */
export type FrameSides<T> = Record<FrameSide, T>;

/** Of what a percentage of a side is: bars of the screen’s height, panels of its width. */
export function sideIsOf(side: FrameSide): 'width' | 'height' {
  return side === 'top' || side === 'bottom' ? 'height' : 'width';
}

/**
 * The four sides over any kind of number; a side that is left out has none.
 *
 * @param size a length, or one that grows, of a side
 */
export function frameSides<T>(
  frame: NonNullable<Breakpoint['frame']>,
  size: (value: Size, percentOf: 'width' | 'height') => T,
  none: T,
): FrameSides<T> {
  const side = (name: FrameSide): T => {
    const value = frame[name];
    return value === undefined ? none : size(value, sideIsOf(name));
  };
  return { top: side('top'), bottom: side('bottom'), start: side('start'), end: side('end') };
}

/**
 * A screen with its bars and panels, and the room that they leave. What grows goes by the whole screen, and so does a percentage of theirs.
 *
 *     framed(screen 1512 × 982, { top: '64px', start: '256px' }).room   // 1256 × 918
 */
export function framed(screen: Screen, frame: Breakpoint['frame']): Screen {
  if (frame === undefined) return screen;
  const sides = frameSides<Px>(frame, (value, percentOf) => sizeAt(value, screen, percentOf), ZERO);
  const room = {
    width: screen.width.sub(sides.start).sub(sides.end),
    height: screen.height.sub(sides.top).sub(sides.bottom),
  };
  return { ...screen, frame: sides, room };
}

/** The sides that the document gives, and that are more than nothing wherever the screen is. */
export function givenSides(frame: Breakpoint['frame']): FrameSide[] {
  const isNothing = (value: Size): boolean =>
    (isGrowing(value) ? value.between : [value]).every((each) => lengthOf(each).amount.equals(0));
  return FRAME_SIDES.filter((side) => {
    const value = frame?.[side];
    return value !== undefined && !isNothing(value);
  });
}
