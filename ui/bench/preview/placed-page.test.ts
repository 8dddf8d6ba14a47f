import { describe, expect, test } from 'vitest';
import { placedPage, seenPart } from './placed-page';

const box = { width: 640, height: 372 };

describe('the whole view', () => {
  test('a page that is wider than high fits', () => {
    const { scale, left, top } = placedPage(box, { width: 1440, height: 1024 });
    expect(left + 1440 * scale).toBeLessThanOrEqual(640);
    expect(top + 1024 * scale).toBeLessThanOrEqual(372);
  });

  test('of a high page the upper part is shown', () => {
    const { scale, top } = placedPage(box, { width: 390, height: 4000 });
    expect(top + 390 * 1.5 * scale).toBeLessThanOrEqual(372);
    expect(top + 4000 * scale).toBeGreaterThan(372);
  });

  test('a box that is not there yet does no harm', () => {
    expect(placedPage({ width: 0, height: 0 }, { width: 390, height: 844 }).scale).toBe(0.01);
  });
});

describe('the part that is seen', () => {
  test.each([
    [48, 1],
    [-900, 1],
    [-36_000, 10],
    [372, 0.1],
  ])('with the page at %i px and a scale of %f, everything in the window is in it', (top, scale) => {
    const { seenFrom, seenTo } = seenPart(box, top, scale, 4000);
    expect(seenFrom).toBeLessThanOrEqual(Math.max(0, -top / scale));
    expect(seenTo).toBeGreaterThanOrEqual(Math.min(4000, (box.height - top) / scale));
  });

  test('moving by less than a window leaves it as it is', () => {
    expect(seenPart(box, -600, 1, 4000)).toEqual(seenPart(box, -900, 1, 4000));
  });
});
