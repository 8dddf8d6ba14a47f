import Fraction from 'fraction.js';
import type { Px } from '../length/px';
import type { Font } from '../spec/schema';

/** The heights of a font in em, exact. Descent is positive, below the baseline. */
export type Measures = Record<'ascent' | 'descent' | 'capHeight' | 'xHeight' | 'averageWidth', Fraction>;

/** What of a line stands on the grid. */
export type Edge = 'caps' | 'x-height';

/**
 * A font's measures in em.
 *
 *     measuresOf(sourceSerif).capHeight   // 67/100
 */
export function measuresOf(font: Font): Measures {
  const known = measured.get(font);
  if (known) return known;
  const em = (units: number): Fraction => new Fraction(BigInt(units), BigInt(font.unitsPerEm));
  const measures = {
    ascent: em(font.ascent),
    descent: em(font.descent),
    capHeight: em(font.capHeight),
    xHeight: em(font.xHeight),
    averageWidth: em(font.averageWidth),
  };
  measured.set(font, measures);
  return measures;
}

/** A font is asked for its measures once for each style, breakpoint and width. */
const measured = new WeakMap<Font, Measures>();

/** Height of a font's capitals or small letters at a size, in px. */
export function edgeHeight({ capHeight, xHeight }: Measures, edge: Edge, size: Px): Px {
  return size.mul(edge === 'caps' ? capHeight : xHeight);
}
