import { type GrowingLength, grownLength, isGrowing } from './growing';
import { lengthText, parseLength } from './length';
import { changesWithScreen } from './units';
import { lengthOf, type LengthValue, parseLengthValue, typedText } from './length-value';
import type { Parsed } from '../parsed';
import type { Px } from './px';
import { toPx } from './resolve';
import type { Screen } from './units';

/** A length, or one that grows with the viewport. */
export type Size = LengthValue | GrowingLength;

/** A size in exact px on a screen. */
export function sizeAt(size: Size, screen: Screen, percentOf: 'width' | 'height' = 'width'): Px {
  const length = (value: LengthValue): Px => toPx(lengthOf(value), screen, percentOf);
  return isGrowing(size) ? grownLength(size, screen.width, length) : length(size);
}

/** The size as a person typed it: `24`, `1.5rem`, `16 to 48 over 640 to 1416`. */
export function sizeText(size: Size): string {
  if (!isGrowing(size)) return typedText(size);
  const [least, most] = size.between.map(typedText);
  return `${least} to ${most} over ${size.over[0]} to ${size.over[1]}`;
}

const GROWING = /^(.+?)\s+to\s+(.+?)\s+over\s+(\d+)\s+to\s+(\d+)$/i;

/** Reads a length, or one that grows: `16 to 48 over 640 to 1416`. */
export function readSize(text: string): Parsed<Size> {
  const match = GROWING.exec(text.trim());
  if (!match) return parseLengthValue(text);
  const [least, most] = [parseLength(match[1]!), parseLength(match[2]!)];
  if (least.problem !== undefined) return least;
  if (most.problem !== undefined) return most;
  const moving = [least.value, most.value].find(({ unit }) => changesWithScreen(unit));
  if (moving) {
    return {
      problem: `${lengthText(moving)} already changes with the screen. Grow between fixed lengths, such as 16 to 48 over 640 to 1416.`,
    };
  }
  const over: [number, number] = [Number(match[3]), Number(match[4])];
  if (over[0] >= over[1])
    return {
      problem: `It can’t grow over ${over[0]} to ${over[1]}. Enter the smaller width first, such as 16 to 48 over 640 to 1416.`,
    };
  return { value: { between: [lengthText(least.value), lengthText(most.value)], over } };
}
