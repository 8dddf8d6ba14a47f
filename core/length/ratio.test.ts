import { expect, test } from 'vitest';
import { ratioOf } from './ratio';

test.each([
  ['2', '2'],
  ['0.25', '1/4'],
  ['16/9', '16/9'],
  ['1.5/2', '3/4'],
])('“%s” is %s', (text, ratio) => expect(ratioOf(text).toFraction()).toBe(ratio));
