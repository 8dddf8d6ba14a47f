import { describe, expect, test } from 'vitest';
import { edgeNear } from './edges';
import type { Pixels } from './pixels';

/** White paper of 300 × 200 with a grey box from 100 to 160 across and 50 to 77 down. */
function page(): Pixels {
  const [width, height] = [300, 200];
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  for (let y = 50; y < 77; y++) for (let x = 100; x < 160; x++) data.set([120, 120, 120, 255], (y * width + x) * 4);
  return { width, height, data };
}

describe('edges of a picture', () => {
  test.each([
    ['across', { x: 97, y: 60 }, 100],
    ['across', { x: 163.4, y: 60 }, 160],
    ['down', { x: 120, y: 53 }, 50],
    ['down', { x: 120, y: 74 }, 77],
  ] as const)('%s near %j', (way, at, edge) => expect(edgeNear(page(), way, at, 6)).toBe(edge));

  test.each([
    ['out of reach', { x: 90, y: 60 }],
    ['on plain paper', { x: 100, y: 20 }],
    ['beside the picture', { x: 100, y: 900 }],
    ['before it', { x: 100, y: -3 }],
  ] as const)('none %s', (_, at) => expect(edgeNear(page(), 'across', at, 6)).toBeNull());

  test('the stronger of two changes, not the nearer', () => {
    const faint = page();
    for (let y = 0; y < 200; y++) faint.data.set([225, 225, 225, 255], (y * 300 + 97) * 4);
    expect(edgeNear(faint, 'across', { x: 97, y: 60 }, 6)).toBe(100);
  });
});
