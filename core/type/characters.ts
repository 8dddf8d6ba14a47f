import type Fraction from 'fraction.js';
import { type Px, ZERO } from '../length/px';
import type { Font } from '../spec/schema';
import { measuresOf } from './measures';

/**
 * Characters of English text, spaces included, that a line of a width holds on average.
 *
 *     charactersPerLine(sourceSerif, px(16), px(560))   // about 77
 */
export function charactersPerLine(font: Font, size: Px, width: Px): Fraction {
  if (size.compare(ZERO) <= 0 || width.compare(ZERO) <= 0) return ZERO;
  return width.div(size.mul(measuresOf(font).averageWidth));
}

/** Lines that a paragraph of so many characters takes, when a line holds `characters`. */
export function linesOfParagraph(length: number, characters: Fraction): number {
  if (characters.compare(1) < 0) return length;
  return Math.max(1, Math.ceil(length / characters.floor().valueOf()));
}
