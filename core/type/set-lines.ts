import { type Px, ZERO } from '../length/px';
import type { TextAt } from './text-at';

/** A line of set text; heights in px below the grid line on which its box begins. */
export type SetLine = { top: Px; ascenders: Px; caps: Px; xHeight: Px; baseline: Px; bottom: Px };

/**
 * The first lines of a text, as it falls or moved down onto the grid.
 *
 *     setLines(textAt(spec, body, phone), 2, true)[1].baseline   // a multiple of the step, where the leading is one
 */
export function setLines({ letters, leading, trim, shift }: TextAt, count: number, isOnGrid: boolean): SetLine[] {
  const first = (isOnGrid ? shift : ZERO).sub(trim.over);
  return Array.from({ length: count }, (_, index) => {
    const top = first.add(leading.mul(index));
    return {
      top,
      ascenders: top.add(letters.ascenders),
      caps: top.add(letters.caps),
      xHeight: top.add(letters.xHeight),
      baseline: top.add(letters.baseline),
      bottom: top.add(leading),
    };
  });
}
