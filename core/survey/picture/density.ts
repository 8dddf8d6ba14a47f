/** Widths of screens in px that are drawn at more than one pixel each (common practice, no source). */
const PHONES = [320, 360, 375, 384, 390, 393, 402, 411, 412, 414, 428, 430, 440];
const TABLETS = [744, 768, 800, 810, 820, 834, 1024, 1032];
const DESKTOPS = [1280, 1440, 1470, 1496, 1512, 1536, 1680, 1728, 1792, 1800, 1920];

export const DENSITIES = [1, 2, 3] as const;

/**
 * How many pixels of a picture make one px of its screen, proposed from its width: first by the widths that a spec is drawn at, then
 * by those that screens usually have.
 *
 *     proposedDensity(2880)        // 2: a screen of 1440
 *     proposedDensity(1236)        // 3: a phone of 412
 *     proposedDensity(1236, [618]) // 2
 */
export function proposedDensity(width: number, drawnAt: readonly number[] = []): number {
  const own = DENSITIES.find((density) => drawnAt.includes(width / density));
  if (own) return own;
  if (DESKTOPS.includes(width)) return 1;
  if (PHONES.includes(width / 3)) return 3;
  if ([...PHONES, ...TABLETS, ...DESKTOPS].includes(width / 2)) return 2;
  return width > 2400 ? 2 : 1;
}
