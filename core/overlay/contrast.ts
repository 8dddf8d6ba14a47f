import { interpolate, modeLrgb, modeRgb, parseHex, useMode, wcagContrast } from 'culori/fn';
import type { OverlayInk } from '../spec/schema';

useMode(modeRgb);
useMode(modeLrgb);

/** An overlay's colour where it lies on a ground. */
export function laidOn({ colour, strength }: OverlayInk, ground: string) {
  return interpolate([parseHex(ground)!, parseHex(colour)!], 'rgb')(strength / 100);
}

/** Contrast of an overlay with what lies under it, from 1 (not to be seen) to 21; WCAG 2.2, relative luminance. */
export function overlayContrast(ink: OverlayInk, under: string): number {
  return wcagContrast(laidOn(ink, under), under);
}

/** Under this an overlay is lost on its ground; over the other it hides what it should only mark. */
const [LOST, LOUD] = [1.15, 3];

export type Verdict = 'lost' | 'fits' | 'loud';

/** What a contrast means for an overlay: common practice, no source. */
export function verdictOn(contrast: number): Verdict {
  if (contrast < LOST) return 'lost';
  return contrast > LOUD ? 'loud' : 'fits';
}
