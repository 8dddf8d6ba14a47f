import { describe, expect, test } from 'vitest';
import { oneToOne, steppedView, type View, WHOLE_VIEW, zoomed } from './zoomed';

describe('zooming', () => {
  test('the place that is pointed at stays where it is', () => {
    const around = { x: 120, y: 80 };
    const before = { zoom: 2, x: -40, y: 15 };
    const after = zoomed(before, 1.5, 0.4, around) as typeof before;
    const onPage = ({ zoom, x, y }: typeof before) => [(around.x - x) / zoom, (around.y - y) / zoom];
    expect(after.zoom).toBe(3);
    expect(onPage(after)[0]).toBeCloseTo(onPage(before)[0]!, 9);
    expect(onPage(after)[1]).toBeCloseTo(onPage(before)[1]!, 9);
  });

  test('in and out again is where it was', () => {
    expect(zoomed(zoomed(WHOLE_VIEW, 1.25, 0.4), 0.8, 0.4).zoom).toBeCloseTo(0.4, 9);
  });

  test('it ends at 2 % and at 3,200 %', () => {
    expect(zoomed(WHOLE_VIEW, 1000, 0.4).zoom).toBe(32);
    expect(zoomed(WHOLE_VIEW, 0.001, 0.4).zoom).toBe(0.02);
  });

  test('steps in from the whole page meet 1:1, and out again the whole page', () => {
    const zooms: View['zoom'][] = [];
    let view = WHOLE_VIEW;
    for (let step = 0; step < 6; step++) zooms.push((view = steppedView(view, 1, 0.45)).zoom);
    expect(zooms).toContain(1);
    for (let step = 0; step < 12 && view.zoom !== 'whole'; step++) view = steppedView(view, -1, 0.45);
    expect(view).toEqual(WHOLE_VIEW);
  });

  test('1:1 is one px for each px, from anywhere', () => {
    expect(oneToOne(WHOLE_VIEW, 0.45).zoom).toBeCloseTo(1, 12);
    expect(oneToOne({ zoom: 7, x: 3, y: 4 }, 0.45).zoom).toBeCloseTo(1, 12);
  });
});
