import type { Pixels } from '../../picture/pixels';

/** How far apart two pixels are: the greatest difference of their channels, 0 to 255. */
export function apart(data: Pixels['data'], one: number, other: number): number {
  const [a, b] = [one * 4, other * 4];
  return Math.max(
    Math.abs(data[a]! - data[b]!),
    Math.abs(data[a + 1]! - data[b + 1]!),
    Math.abs(data[a + 2]! - data[b + 2]!),
  );
}

/** The picture made smaller by a whole factor: each pixel is the mean of those it stands for. */
export function shrunk(pixels: Pixels, factor: number): Pixels {
  if (factor === 1) return pixels;
  const width = Math.max(1, Math.floor(pixels.width / factor));
  const height = Math.max(1, Math.floor(pixels.height / factor));
  const data = new Uint8ClampedArray(width * height * 4);
  const area = factor * factor;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let [red, green, blue] = [0, 0, 0];
      for (let dy = 0; dy < factor; dy++) {
        let from = ((y * factor + dy) * pixels.width + x * factor) * 4;
        for (let dx = 0; dx < factor; dx++, from += 4) {
          red += pixels.data[from]!;
          green += pixels.data[from + 1]!;
          blue += pixels.data[from + 2]!;
        }
      }
      const to = (y * width + x) * 4;
      data[to] = red / area;
      data[to + 1] = green / area;
      data[to + 2] = blue / area;
      data[to + 3] = 255;
    }
  }
  return { width, height, data };
}

/** How much neighbouring pixels of one colour differ in a picture. */
export type Noise = { isLossy: boolean; flat: number };

/**
 * Whether a picture was kept with loss: around its edges, many pixels differ a little. A drawn page that was kept without loss has either
 * no difference between neighbours or a clear one.
 */
export function noiseOf({ width, height, data }: Pixels): Noise {
  let [little, much] = [0, 0];
  const step = Math.max(1, Math.floor(height / 400));
  for (let y = 0; y < height; y += step) {
    for (let x = 1; x < width; x++) {
      const by = apart(data, y * width + x, y * width + x - 1);
      if (by > 24) much++;
      else if (by > 0 && by <= 5) little++;
    }
  }
  const isLossy = little > much * 1.5;
  return { isLossy, flat: isLossy ? 4 : 1 };
}
