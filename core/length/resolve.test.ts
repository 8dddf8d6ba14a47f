import Fraction from 'fraction.js';
import { describe, expect, test } from 'vitest';
import { parseLength } from './length';
import { exactText, px } from './px';
import { toPx } from './resolve';
import type { Screen } from './units';

const screen: Screen = { width: px(1440), height: px(1024), rootFontSize: new Fraction(16), pixelsPerInch: 96 };
const inPx = (text: string, on = screen, of: 'width' | 'height' = 'width') =>
  exactText(toPx(parseLength(text).value!, on, of));

describe('relative lengths', () => {
  test('rem counts the root font size', () => expect(inPx('1.5rem')).toBe('24'));
  test('% is of the width, in a row quantity of the height', () => {
    expect(inPx('12.5%')).toBe('180');
    expect(inPx('12.5%', screen, 'height')).toBe('128');
  });
  test('vw is a hundredth of the width', () => expect(inPx('2vw')).toBe('144/5'));
});

// CSS Values and Units, level 4, section 6.2: 1in = 96px = 72pt = 25.4mm
describe('absolute lengths', () => {
  test.each([
    ['1in', '96'],
    ['72pt', '96'],
    ['25.4mm', '96'],
    ['18pt', '24'],
    ['12mm', '5760/127'],
  ])('%s is %s px', (text, expected) => expect(inPx(text)).toBe(expected));

  test('in a drawing at 72 px per inch, 1pt is 1px', () => {
    const drawing = { ...screen, pixelsPerInch: 72 as const };
    expect(inPx('18pt', drawing)).toBe('18');
    expect(inPx('1in', drawing)).toBe('72');
  });
});
