import { formatHex, interpolate, parseHex, wcagContrast, wcagLuminance } from 'culori/fn';
import type { OverlayInk } from '../spec/schema';
import { laidOn } from './contrast';
import { type Family, USUAL_INKS } from './inks';

const FAMILIES: Family[] = ['columns', 'rows', 'baseline'];

/** Overlays, and what lies under them, are told apart from this contrast on: common practice, no source. */
export const APART = 1.5;

/**
 * The least contrast among the three overlays on a ground, and between each of them and the ground; WCAG 2.2, relative
 * luminance.
 */
export function leastApart(inks: Record<Family, OverlayInk>, ground: string): number {
  const colours = [ground, ...FAMILIES.map((family) => laidOn(inks[family], ground))];
  const pairs = colours.flatMap((one, index) => colours.slice(index + 1).map((other) => wcagContrast(one, other)));
  return Math.min(...pairs);
}

/**
 * Inks that stay apart on a dark ground: the usual hues, lightened as far as it takes, each a step lighter than the one
 * before.
 *
 *     leastApart(apartOn('#161922'), '#161922')   // 1.5 or more
 */
export function apartOn(ground: string): Record<Family, OverlayInk> {
  const dark = wcagLuminance(ground) + 0.05;
  const inkFor = (family: Family, step: number): OverlayInk => {
    const wanted = dark * (APART + 0.08) ** step - 0.05;
    const lightened = interpolate([parseHex(USUAL_INKS[family].colour)!, parseHex('#ffffff')!], 'rgb');
    for (let share = 0; share <= 100; share += 10) {
      const colour = formatHex(lightened(share / 100));
      const strength = STRENGTHS.find((each) => wcagLuminance(laidOn({ colour, strength: each }, ground)) >= wanted);
      if (strength !== undefined) return { colour, strength };
    }
    return { colour: '#ffffff', strength: 100 };
  };
  return { columns: inkFor('columns', 1), rows: inkFor('rows', 2), baseline: inkFor('baseline', 3) };
}

const STRENGTHS = Array.from({ length: 91 }, (_, index) => index + 10);
