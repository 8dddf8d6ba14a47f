import { expect, test } from 'vitest';
import { cssOfScreen } from './of-screen';

test.each([
  ['block-size: 100vh', 'block-size: 900px'],
  ['calc(100vh - 64px + .5vh)', 'calc(900px - 64px + 4.5px)'],
  ['calc(12.5vh * 2) 30vw', 'calc(112.5px * 2) 30vw'],
  // names and other units stay
  ['--a1vh: 3vhs; content: "x"', '--a1vh: 3vhs; content: "x"'],
])('%s', (css, expected) => expect(cssOfScreen(css, 900)).toBe(expected));
