import type Fraction from 'fraction.js';
import type { Length } from './length';
import { type Px, px } from './px';

/** What the units of a length depend on. Widths and heights in px. */
export type Screen = { width: Px; height: Px; rootFontSize: Fraction; pixelsPerInch: 72 | 96 };

/**
 * A length in exact px on a screen. `%` is of the width, or of the height for quantities of rows.
 *
 *     toPx({ amount: 1.5, unit: 'rem' }, screen)   // 24, with a root font size of 16
 *     toPx({ amount: 12, unit: 'mm' }, screen)     // 5760/127, at 96 px per inch
 *
 * Absolute units: CSS Values and Units, level 4, section 6.2 (1in = 96px = 72pt = 25.4mm).
 */
export function toPx({ amount, unit }: Length, screen: Screen, percentOf: 'width' | 'height' = 'width'): Px {
  switch (unit) {
    case 'px':
      return amount;
    case 'rem':
      return amount.mul(screen.rootFontSize);
    case '%':
      return amount.mul(screen[percentOf]).div(100);
    case 'vw':
      return amount.mul(screen.width).div(100);
    case 'pt':
      return amount.mul(screen.pixelsPerInch).div(72);
    case 'in':
      return amount.mul(screen.pixelsPerInch);
    case 'mm':
      return amount.mul(screen.pixelsPerInch).div(px('25.4'));
  }
}
