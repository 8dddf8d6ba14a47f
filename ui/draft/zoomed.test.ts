import { describe, expect, test } from 'vitest';
import { WHOLE_VIEW, zoomed } from './zoomed';

describe('zooming', () => {
  test('the place that is pointed at stays where it is', () => {
    const around = { x: 120, y: 80 };
    const before = { zoom: 2, x: -40, y: 15 };
    const after = zoomed(before, 1.5, around);
    const onPage = ({ zoom, x, y }: typeof before) => [(around.x - x) / zoom, (around.y - y) / zoom];
    expect(after.zoom).toBe(3);
    expect(onPage(after)[0]).toBeCloseTo(onPage(before)[0]!, 9);
    expect(onPage(after)[1]).toBeCloseTo(onPage(before)[1]!, 9);
  });

  test('in and out again is where it was', () => {
    const back = zoomed(zoomed(WHOLE_VIEW, 1.25), 0.8);
    expect(back.zoom).toBeCloseTo(1, 9);
  });

  test('it ends at a quarter and at sixteen times', () => {
    expect(zoomed(WHOLE_VIEW, 1000).zoom).toBe(16);
    expect(zoomed(WHOLE_VIEW, 0.001).zoom).toBe(0.25);
  });
});
