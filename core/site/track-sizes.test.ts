import Fraction from 'fraction.js';
import { expect, test } from 'vitest';
import { px } from '../length/px';
import { type Track, trackSizes } from './track-sizes';

const upTo = (least: number, most: number): Track => ({ least: px(least), most: px(most) });
const share = (of: number, least = 0): Track => ({ least: px(least), share: new Fraction(String(of)) });

/** By hand, after CSS Grid Layout 2, 12.4–12.7. */
test.each<[string, Track[], number, number, number[]]>([
  ['shares of what gaps leave', [share(1), share(1), share(2)], 440, 20, [100, 100, 200]],
  ['as wide as they may be', [upTo(0, 80), upTo(0, 80)], 400, 20, [80, 80]],
  ['they give way where there is no room', [upTo(0, 80), upTo(0, 80)], 100, 20, [40, 40]],
  ['the lower is full first', [upTo(0, 30), upTo(0, 100)], 120, 20, [30, 70]],
  ['no less than their least', [upTo(90, 100), upTo(90, 100)], 100, 20, [90, 90]],
  ['shares get what tracks with a most leave', [share(1, 16), upTo(0, 72), share(1, 16)], 300, 20, [94, 72, 94]],
  ['and no less than their least', [share(1, 16), upTo(0, 72), share(1, 16)], 100, 20, [16, 28, 16]],
  ['a share below its least takes it', [share(1, 200), share(1)], 300, 0, [200, 100]],
  ['shares of less than the whole leave some', [share(0.25), share(0.25)], 400, 0, [100, 100]],
])('%s', (_, tracks, width, gutter, sizes) =>
  expect(trackSizes(tracks, px(width), px(gutter)).map(Number)).toEqual(sizes),
);
