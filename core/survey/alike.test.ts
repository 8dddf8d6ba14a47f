import { describe, expect, test } from 'vitest';
import { alikeOn, movedAs } from './alike';
import { joinedBoxes, leavingOut, split, type SurveyedScreen, withoutBoxes } from './correct';
import type { Box } from './screens';

const box = (x: number, y: number, width: number, height: number, name = 'box'): Box => ({ x, y, width, height, name });
const screen = (id: string, boxes: Box[], width = 412, height = 900): SurveyedScreen => ({
  id,
  name: id,
  width,
  height,
  source: 'picture',
  density: 1,
  leftOut: [],
  boxes,
});

describe('what stands alike on other screens', () => {
  const header = box(0, 0, 412, 64, 'header');
  test('as far from both sides and from the top or the foot', () => {
    const footer = box(20, 820, 372, 60);
    const screens = [
      screen('home', [header, footer]),
      screen('wide', [box(0, 0.5, 1512, 64)], 1512),
      screen('long', [box(0, 80, 412, 64), box(20, 1520, 372, 60)], 412, 1600),
      screen('other', [box(0, 0, 412, 80)]),
    ];
    expect(alikeOn(screens, 'home', header)).toEqual([{ screen: 'wide', index: 0 }]);
    expect(alikeOn(screens, 'home', footer)).toEqual([{ screen: 'long', index: 1 }]);
    expect(alikeOn(screens, 'gone', header)).toEqual([]);
  });

  test('is moved as the one was', () => {
    expect(movedAs(box(0, 0, 1512, 64), header, { ...header, x: 2, width: 410, height: 60 })).toEqual(
      box(2, 0, 1510, 60),
    );
    expect(movedAs(box(0, 0, 3, 3), header, { ...header, width: 12 }).width).toBe(1);
  });
});

describe('boxes corrected', () => {
  const home = screen('home', [box(20, 0, 81, 40, 'a'), box(117, 10, 81, 60, 'larger'), box(214, 0, 81, 40, 'c')]);
  test('joined, in the place of the first, called as the largest', () => {
    expect(joinedBoxes(home, [1, 0]).boxes).toEqual([box(20, 0, 178, 70, 'larger'), home.boxes[2]]);
    expect(joinedBoxes(home, [1])).toBe(home);
  });
  test('split in halves, which joined are the box again', () => {
    expect(split(home, 0, 'across').boxes.slice(0, 2)).toEqual([
      box(20, 0, 40.5, 40, 'a 1'),
      box(60.5, 0, 40.5, 40, 'a 2'),
    ]);
    expect(split(home, 0, 'down').boxes.slice(0, 2)).toEqual([box(20, 0, 81, 20, 'a 1'), box(20, 20, 81, 20, 'a 2')]);
    for (const way of ['across', 'down'] as const)
      expect(joinedBoxes(split(home, 2, way), [2, 3]).boxes[2]).toEqual({ ...home.boxes[2], name: 'c 1' });
  });
  test('removed and left out together', () => {
    expect(withoutBoxes(home, [0, 2]).boxes).toEqual([home.boxes[1]]);
    expect(leavingOut(home, [0]).leftOut).toEqual([{ x: 20, y: 0, width: 81, height: 40 }]);
  });
});
