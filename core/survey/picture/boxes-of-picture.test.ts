import { describe, expect, test } from 'vitest';
import type { Pixels } from '../../picture/pixels';
import { boxesOfPicture } from './boxes-of-picture';
import { proposedDensity } from './density';

type Colour = [number, number, number];

function paper(width: number, height: number, [red, green, blue]: Colour = [255, 255, 255]) {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let at = 0; at < data.length; at += 4) data.set([red, green, blue, 255], at);
  const pixels: Pixels = { width, height, data };
  const fill = (x: number, y: number, wide: number, high: number, [r, g, b]: Colour): void => {
    for (let row = y; row < y + high; row++)
      for (let at = x; at < x + wide; at++) data.set([r, g, b, 255], (row * width + at) * 4);
  };
  return { pixels, fill };
}

const plain = (boxes: ReturnType<typeof boxesOfPicture>) =>
  boxes.map(({ kind, x, y, width, height }) => [kind, x, y, width, height]);

describe('areas', () => {
  test('fills, however faint, and what lies in them', () => {
    const { pixels, fill } = paper(400, 300);
    fill(20, 30, 160, 120, [250, 250, 250]);
    fill(40, 50, 60, 40, [90, 120, 160]);
    fill(200, 30, 160, 120, [30, 40, 50]);
    expect(plain(boxesOfPicture(pixels, 1))).toEqual([
      ['area', 20, 30, 160, 120],
      ['area', 200, 30, 160, 120],
      ['area', 40, 50, 60, 40],
    ]);
  });

  test('at twice the density, in px of the screen', () => {
    const { pixels, fill } = paper(800, 600);
    fill(41, 60, 320, 241, [200, 210, 220]);
    expect(plain(boxesOfPicture(pixels, 2))).toEqual([['area', 20.5, 30, 160, 120.5]]);
  });

  test('a border is seen from its outer side', () => {
    const { pixels, fill } = paper(400, 300);
    fill(20, 30, 160, 120, [180, 180, 180]);
    fill(21, 31, 158, 118, [255, 255, 255]);
    expect(plain(boxesOfPicture(pixels, 1))).toEqual([['area', 20, 30, 160, 120]]);
  });

  test('of a shadow that fades, the edge that throws it', () => {
    const { pixels, fill } = paper(400, 300, [240, 240, 240]);
    for (let out = 12; out > 0; out--) {
      const grey = 240 - (12 - out) * 4;
      fill(60 - out, 60 - out, 160 + 2 * out, 120 + 2 * out, [grey, grey, grey]);
    }
    fill(60, 60, 160, 120, [255, 255, 255]);
    expect(plain(boxesOfPicture(pixels, 1))).toContainEqual(['area', 60, 60, 160, 120]);
  });

  test('two that touch are two', () => {
    const { pixels, fill } = paper(400, 300);
    fill(20, 30, 100, 120, [200, 120, 120]);
    fill(120, 30, 100, 120, [120, 120, 200]);
    const areas = plain(boxesOfPicture(pixels, 1));
    expect(areas).toContainEqual(['area', 20, 30, 100, 120]);
    expect(areas).toContainEqual(['area', 120, 30, 100, 120]);
  });
});

test('letters become lines, lines of one start a paragraph', () => {
  const { pixels, fill } = paper(400, 300);
  for (let line = 0; line < 3; line++)
    for (let letter = 0; letter < 30 - line * 6; letter++) fill(40 + letter * 8, 50 + line * 24, 5, 10, [20, 20, 20]);
  const boxes = plain(boxesOfPicture(pixels, 1));
  expect(boxes.filter(([kind]) => kind === 'line')).toEqual([
    ['line', 40, 50, 237, 10],
    ['line', 40, 74, 189, 10],
    ['line', 40, 98, 141, 10],
  ]);
  expect(boxes.filter(([kind]) => kind === 'paragraph')).toEqual([['paragraph', 40, 50, 237, 58]]);
});

test('of one colour there is nothing, and progress ends at all of it', () => {
  const told: number[] = [];
  expect(boxesOfPicture(paper(300, 200).pixels, 1, (share) => told.push(share))).toEqual([]);
  expect(told.at(-1)).toBe(1);
  expect(told).toEqual(told.toSorted((a, b) => a - b));
});

test('a picture of a few pixels', () => {
  expect(boxesOfPicture(paper(2, 1).pixels, 3)).toEqual([]);
});

test.each([
  [1440, [], 1],
  [2880, [], 2],
  [1236, [], 3],
  [1236, [618], 2],
  [824, [], 2],
  [1280, [], 1],
])('a picture %i wide, of a spec drawn at %j: %i', (width, drawnAt, density) => {
  expect(proposedDensity(width, drawnAt)).toBe(density);
});
