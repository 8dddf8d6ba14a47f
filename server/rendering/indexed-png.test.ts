import { Resvg } from '@resvg/resvg-js';
import fc from 'fast-check';
import { PNG } from 'pngjs';
import { expect, test } from 'vitest';
import { indexedPng } from './indexed-png';

/** Rectangles of any colour and alpha, some over others. */
const anyRect = fc.record({
  x: fc.integer({ min: 0, max: 40 }),
  y: fc.integer({ min: 0, max: 30 }),
  width: fc.integer({ min: 1, max: 40 }),
  height: fc.integer({ min: 1, max: 30 }),
  fill: fc.integer({ min: 0, max: 0xffffff }).map((colour) => `#${colour.toString(16).padStart(6, '0')}`),
  opacity: fc.integer({ min: 1, max: 100 }).map((percent) => percent / 100),
});

type Rect = typeof anyRect extends fc.Arbitrary<infer One> ? One : never;

const drawn = (rects: readonly Rect[]): Resvg =>
  new Resvg(
    `<svg xmlns="http://www.w3.org/2000/svg" width="50" height="40">${rects
      .map(
        (r) =>
          `<rect x="${r.x}" y="${r.y}" width="${r.width}" height="${r.height}" fill="${r.fill}" fill-opacity="${r.opacity}"/>`,
      )
      .join('')}</svg>`,
    { shapeRendering: 1 },
  );

test('pngjs reads the colours that resvg’s own picture has, to a step of 255 where they are see-through', () => {
  fc.assert(
    fc.property(fc.array(anyRect, { maxLength: 8 }), (rects) => {
      const picture = drawn(rects).render();
      const png = indexedPng({ width: picture.width, height: picture.height, pixels: picture.pixels });
      if (!png) return expect(rects.length).toBeGreaterThan(6);
      const [read, full] = [PNG.sync.read(png), PNG.sync.read(picture.asPng())];
      expect([read.width, read.height]).toEqual([full.width, full.height]);
      const apart = read.data.reduce((most, value, at) => Math.max(most, Math.abs(value - full.data[at]!)), 0);
      expect(apart).toBeLessThanOrEqual(1);
    }),
    { numRuns: 100 },
  );
});

test('257 colours are too many', () => {
  const pixels = Buffer.alloc(257 * 4, 255);
  for (let x = 0; x < 257; x++) pixels.writeUInt16BE(x, x * 4);
  expect(indexedPng({ width: 257, height: 1, pixels })).toBeNull();
  expect(PNG.sync.read(indexedPng({ width: 256, height: 1, pixels })!).width).toBe(256);
});
