import { expect, test } from 'vitest';
import { alsoFitsText, surenessText } from './why';

test.each([
  [true, [], 'No other grid comes close.'],
  // said together, the two sentences don't contradict each other
  [true, [24], 'No other margins or gutter come close.'],
  [false, [24], 'Other grids come close, or few edges confirm it: check it against the screen.'],
])('sure: %s, %j fit as well', (isSure, alsoFits, says) => {
  expect(surenessText({ isSure, alsoFits })).toBe(says);
});

test('counts that fit as well are named', () => {
  expect(alsoFitsText({ alsoFits: [] })).toBe('');
  expect(alsoFitsText({ alsoFits: [8, 12] })).toBe(
    '8 or 12 columns match these edges just as well; the screens don’t show which was meant.',
  );
});
