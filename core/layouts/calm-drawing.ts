/** Quiet pairs of tones, light before dark: sky, far, near. */
const TONES = [
  ['#dfe7ea', '#a9c0c6', '#6f929b'],
  ['#ece3d8', '#d0b79c', '#a1826a'],
  ['#e4e0ec', '#b9afcf', '#857aa6'],
  ['#e2eadd', '#b0c4a4', '#7d9a72'],
  ['#f0e1dc', '#dcb2a4', '#b27e70'],
] as const;

/** What such a drawing is made of: its tones, the sun, and the outlines of two hills, on a square of 100. */
export type CalmShapes = {
  sky: string;
  sun: { x: number; y: number; size: number };
  hills: { tone: string; path: string }[];
};

/**
 * A drawing that stands where a picture will be, as SVG: hills under a sky, in tones and shapes that follow from a name, so that it stays the same and its
 * neighbour is another. It has no ratio of its own and fills what it is given.
 */
export function calmDrawing(name: string): string {
  const { sky, sun, hills } = calmShapes(name);
  const paths = hills.map(({ tone, path }) => `<path d="${path}" fill="${tone}"/>`);
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" preserveAspectRatio="xMidYMid slice">` +
    `<rect width="100" height="100" fill="${sky}"/><circle cx="${sun.x}" cy="${sun.y}" r="${sun.size}" fill="#fff" fill-opacity=".72"/>` +
    `${paths.join('')}</svg>`
  );
}

/** The shapes of it, for what draws no SVG. */
export function calmShapes(name: string): CalmShapes {
  const seed = seedOf(name);
  /** One of so many, by the seed's digits. */
  const pick = (place: number, most: number): number => Math.floor(seed / 7 ** place) % most;
  const [sky, far, near] = TONES[pick(0, TONES.length)]!;
  const [x, y, size] = [18 + 8 * pick(1, 9), 14 + 3 * pick(2, 6), 7 + pick(3, 5)];
  const hill = (foot: number, rise: number): string =>
    `M0 ${foot}C${20 + 4 * rise} ${foot - 12 - 2 * rise} ${36 + rise} ${foot + 4} ${52 + rise} ${foot - 4}S${84 - rise} ${foot - 18 + rise} 100 ${foot - 4}V100H0z`;
  return {
    sky,
    sun: { x, y, size },
    hills: [
      { tone: far, path: hill(58 + pick(4, 6), pick(5, 7)) },
      { tone: near, path: hill(76 + pick(2, 7), 6 - pick(1, 7)) },
    ],
  };
}

/** A number that follows from a text (FNV-1a, 32 bit). */
function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (const sign of text) hash = Math.imul(hash ^ sign.codePointAt(0)!, 0x01000193) >>> 0;
  return hash;
}
