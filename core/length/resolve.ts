import type { Length } from './length';
import type { Px } from './px';
import { type Screen, unitLaw } from './units';

/**
 * A length in exact px on a screen. `%` is of the width, or of the height for quantities of rows.
 *
 *     toPx({ amount: 1.5, unit: 'rem' }, screen)   // 24, with a root font size of 16
 *     toPx({ amount: 12, unit: 'mm' }, screen)     // 5760/127, at 96 px per inch
 */
export function toPx({ amount, unit }: Length, screen: Screen, percentOf: 'width' | 'height' = 'width'): Px {
  return amount.mul(unitLaw(unit).one(screen, percentOf));
}
