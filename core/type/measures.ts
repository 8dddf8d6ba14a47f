import Fraction from 'fraction.js';
import type { Px } from '../length/px';
import type { Font } from '../spec/schema';

/** The heights of a font in em, exact. Descent is positive, below the baseline. */
export type Measures = { ascent: Fraction; descent: Fraction; capHeight: Fraction; xHeight: Fraction };

/** What of a line stands on the grid. */
export type Edge = 'caps' | 'x-height';

/**
 * A font's measures in em.
 *
 *     measuresOf(sourceSerif).capHeight   // 67/100
 */
export function measuresOf({ unitsPerEm, ascent, descent, capHeight, xHeight }: Font): Measures {
  const em = (units: number): Fraction => new Fraction(units, unitsPerEm);
  return { ascent: em(ascent), descent: em(descent), capHeight: em(capHeight), xHeight: em(xHeight) };
}

/** Height of a font's capitals or small letters at a size, in px. */
export function edgeHeight({ capHeight, xHeight }: Measures, edge: Edge, size: Px): Px {
  return size.mul(edge === 'caps' ? capHeight : xHeight);
}
