import { expect, test } from 'vitest';
import { countingBoxes, nudged, type SurveyedScreen, surveyed } from './correct';

const card = { x: 20, y: 0, width: 100, height: 40, name: 'Card' };
const screen: SurveyedScreen = {
  id: 'one',
  name: 'Home',
  width: 412,
  height: 900,
  source: 'picture',
  density: 2,
  leftOut: [],
  boxes: [card, { ...card, x: 200, name: 'Photograph' }],
};

test.each([
  ['start', 2, { x: 22, width: 98 }],
  ['end', -3, { width: 97 }],
  ['top', 4, { y: 4, height: 36 }],
  ['foot', 10, { height: 50 }],
  ['start', -90, { x: 0, width: 120 }],
  ['start', 500, { x: 119, width: 1 }],
  ['end', 9000, { width: 392 }],
  ['foot', -500, { height: 1 }],
] as const)('%s by %i', (side, by, changed) => {
  expect(nudged(card, side, by, screen)).toEqual({ ...card, ...changed });
});

test('what lies by half in a part that is left out does not count', () => {
  const cut = { ...screen, leftOut: [{ x: 190, y: 0, width: 80, height: 60 }] };
  expect(countingBoxes(cut).map(({ name }) => name)).toEqual(['Card']);
  expect(countingBoxes({ ...screen, leftOut: [{ x: 190, y: 0, width: 40, height: 60 }] })).toHaveLength(2);
  expect(surveyed(cut)).toEqual({ name: 'Home', width: 412, height: 900, boxes: [card] });
});
