import { expect, test } from 'vitest';
import { readBoxes, screenOfBoxes } from './read-boxes';

const heading = { x: 20, y: 80, width: 372, height: 40, name: 'Heading' };

test.each<[string, string]>([
  ['cells of a spreadsheet', '20\t80\t372\t40\tHeading'],
  ['CSV', '20,80,372,40,Heading'],
  ['CSV with decimal commas', '20,0;80;372;40;Heading'],
  ['quoted names', '20,80,372,40,"Heading"'],
  ['spaces between', '20 80 372 40 Heading'],
  ['units', '20px\t80px\t372px\t40px\tHeading'],
  ['a first line of names, in any order', 'name,y,x,height,width\nHeading,80,20,40,372'],
  ['other names of the same', 'Left (px)\tTop\tW\tH\tName\n20\t80\t372\t40\tHeading'],
  ['lists in JSON', '[[20, 80, 372, 40, "Heading"]]'],
  ['objects in JSON', '[{"left": 20, "top": 80, "width": 372, "height": 40, "name": "Heading"}]'],
  ['lines ended as on Windows, and empty ones', '\r\n20\t80\t372\t40\tHeading\r\n\r\n'],
])('%s', (_, text) => {
  expect(readBoxes(text).value).toEqual({ boxes: [heading] });
});

test('names are given where there are none, and made plain', () => {
  expect(readBoxes('1,2,3,4\n5,6,7,8,"a\u0007b"').value?.boxes?.map(({ name }) => name)).toEqual(['box 1', 'a b']);
});

test('whole screens in JSON', () => {
  const screens = [{ name: 'Home', width: 412, height: 900, boxes: [[20, 80, 372, 40, 'Heading']] }];
  expect(readBoxes(JSON.stringify({ screens })).value?.screens).toMatchObject([{ name: 'Home', boxes: [heading] }]);
});

test.each<[string, string]>([
  ['  ', 'Enter one box per line'],
  ['20,80,372', 'Line 1: height is missing; a box needs x, y, width, height'],
  ['20,80,372,40\n20,x,3,4', 'Line 2: y is “x”'],
  ['20,80,NaN,40', 'Line 1: width is “NaN”'],
  ['20,80,1e9,40', 'Line 1: width is “1e9”'],
  ['20,80,-4,40', 'Line 1: this box is -4 × 40 px; a box is more than 0 px wide and high.'],
  ['x,y,width\n1,2,3', 'The first line names no height; a box needs'],
  ['x,y,width,height', 'There are only column names.'],
  ['{"a"', 'This looks like JSON but isn’t valid'],
  ['[]', 'This list is empty.'],
  ['[null]', 'Box 1: x is missing'],
  ['{"boxes": []}', 'screens: A survey holds a list of screens'],
  [Array(20_001).fill('1,2,3,4').join('\n'), 'A survey can have up to 20,000 boxes; this list has more.'],
  [`[${Array(20_001).fill('[1,2,3,4]').join(',')}]`, 'A survey can have up to 20,000 boxes'],
  ['9'.repeat(4_000_001), 'This list has 4,000,001 characters'],
])('%.30s', (text, says) => {
  expect(readBoxes(text).problem).toContain(says);
});

test('a screen is as wide as one says, and as high as its boxes reach', () => {
  expect(screenOfBoxes('Home', '412', [heading]).value).toEqual({
    name: 'Home',
    width: 412,
    height: 120,
    boxes: [heading],
  });
});

test.each<[string, string]>([
  ['wide', 'A screen is 1 to 10,000 px wide; this says “wide”.'],
  ['0', 'A screen is 1 to 10,000 px wide'],
  ['20000', 'A screen is 1 to 10,000 px wide'],
  ['20', '“Heading” lies from 20 to 392, outside a screen of 20 px'],
])('%s px', (width, says) => {
  expect(screenOfBoxes('Home', width, [heading]).problem).toContain(says);
});
