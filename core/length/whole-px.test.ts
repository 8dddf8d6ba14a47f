import { expect, test } from 'vitest';
import { readWholePx } from './whole-px';

test.each<[string, number | null]>([
  ['1440', 1440],
  [' 1440 PX ', 1440],
  ['1440.5', null],
  ['0', null],
  ['10001', null],
  ['wide', null],
  ['', null],
])('“%s” is %s', (text, width) => expect(readWholePx(text, { least: 1, most: 10_000 })).toBe(width));
