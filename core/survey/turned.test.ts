import { expect, test } from 'vitest';
import { foundByWidth } from './together';
import { readScreens, writeScreens } from './read-screens';
import { directionOf, turned } from './turned';
import type { Screen } from './screens';

const box = (x: number, y: number, width: number): Screen['boxes'][number] => ({
  x,
  y,
  width,
  height: 40,
  name: `${x}`,
});
const screen: Screen = { name: 'Home', width: 400, height: 800, boxes: [box(20, 0, 100), box(260, 60, 120.5)] };

test('counts from the other side, and back', () => {
  const other = turned(screen);
  expect(other.boxes.map(({ x }) => x)).toEqual([280, 19.5]);
  expect(directionOf(other)).toBe('rtl');
  expect(turned(other)).toEqual(screen);
  expect(turned({ ...screen, leftOut: [{ x: 0, y: 0, width: 400, height: 90 }] }).leftOut[0]!.x).toBe(0);
});

test('is written and read, from its start', () => {
  const other = turned(screen);
  expect(readScreens(writeScreens([other, screen])).value).toEqual([other, screen]);
  expect(readScreens({ screens: [{ ...screen, boxes: [], direction: 'up' }] }).problem).toBe(
    'screens[0].direction: A screen is read in the direction "ltr" or "rtl".',
  );
});

test('a page that is mirrored has the same grid, with its margins from the start', () => {
  // 4 columns of 70 with gutters of 20; 30 at the start, 50 at the end
  const edges = [0, 1, 2, 3].map((column) => 30 + column * 90);
  const drawn: Screen = {
    name: 'Cards',
    width: 420,
    height: 900,
    boxes: [1, 2, 3, 4].flatMap((span, row) =>
      edges.filter((_, first) => first + span <= 4).map((x) => box(x, row * 60, span * 70 + (span - 1) * 20)),
    ),
  };
  const [best] = foundByWidth([drawn]).get(420)!;
  const [mirrored] = foundByWidth([turned(turned(drawn))]).get(420)!;
  const [other] = foundByWidth([turned(drawn)]).get(420)!;
  expect(mirrored).toEqual(best);
  expect([best!.start, best!.end, best!.count, best!.gutter]).toEqual([30, 370, 4, 20]);
  expect([other!.start, other!.end, other!.count, other!.gutter]).toEqual([50, 390, 4, 20]);
});
