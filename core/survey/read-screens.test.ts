import { expect, test } from 'vitest';
import { readScreensText } from './read-screens';

const one = (some: object): string =>
  JSON.stringify({ screens: [{ name: 'Home', width: 412, height: 915, boxes: [], ...some }] });

test('screens with their boxes, named or numbered', () => {
  expect(
    readScreensText(
      one({
        boxes: [
          [20, 80, 372, 40, 'Heading'],
          [20, 140, 178, 99.5],
        ],
      }),
    ).value,
  ).toEqual([
    {
      name: 'Home',
      width: 412,
      height: 915,
      boxes: [
        { x: 20, y: 80, width: 372, height: 40, name: 'Heading' },
        { x: 20, y: 140, width: 178, height: 99.5, name: 'box 2' },
      ],
    },
  ]);
});

test.each<[string, string]>([
  ['{', 'This isn’t valid JSON: '],
  ['[]', 'screens: A survey holds a list of screens'],
  ['{"screens":[]}', 'screens: This survey has no screens'],
  [JSON.stringify({ screens: Array(61).fill({}) }), 'screens: A survey can have up to 60 screens; these are 61.'],
  [one({ name: ' ' }), 'screens[0].name: A screen needs a name'],
  [one({ width: 0 }), 'screens[0].width: A screen is 1 to 10000 px wide.'],
  [one({ width: 'wide' }), 'screens[0].width: A screen is 1 to 10000 px wide.'],
  [one({ height: -4 }), 'screens[0].height: A screen is 1 to 100000 px high.'],
  [one({ boxes: null }), 'screens[0].boxes: A screen has a list of boxes'],
  [one({ boxes: [4] }), 'screens[0].boxes[0]: A box is a list such as'],
  [one({ boxes: [[1, 2, 3]] }), 'screens[0].boxes[0]: A box begins with four numbers in px'],
  [one({ boxes: [[1, 2, null, 4]] }), 'screens[0].boxes[0]: A box begins with four numbers in px'],
  [one({ boxes: [[1, 2, -3, 4]] }), 'screens[0].boxes[0]: A box is 0 px or more wide and high; this one is -3 × 4.'],
  [one({ boxes: [[1, 2, 3, 4, 5]] }), 'screens[0].boxes[0]: The name of a box is text'],
  [
    one({ boxes: Array(20_001).fill([0, 0, 1, 1]) }),
    'screens[0].boxes: A survey can have up to 20,000 boxes; these are 20001.',
  ],
])('%.60s', (text, says) => {
  expect(readScreensText(text).problem).toContain(says);
});
