import Fraction from 'fraction.js';
import { describe, expect, test } from 'vitest';
import { cssText } from '../formats/grid-css/css-numbers';
import { cssReader } from '../formats/grid-css/css-reader';
import { breakpointOf, specWith } from '../spec/testing';
import { evaluateArithmetic } from './arithmetic';
import { lengthText, parseLength } from './length';
import { px } from './px';
import { toPx } from './resolve';
import { changesWithScreen, UNITS } from './units';

const spec = specWith(breakpointOf({}, 1000));
const screen = { width: px(1000), height: px(700), rootFontSize: px(20), pixelsPerInch: 96 as const };

// CSS Values and Units, level 4, 6.2 and 6.1.2: what three of each come to
const THREE: Record<string, string> = {
  px: '3',
  rem: '60',
  '%': '30',
  vw: '30',
  cqi: '30',
  pt: '4',
  mm: String(new Fraction(288).div('25.4').toFraction()),
  in: '288',
};

describe.each(UNITS)('%s', (unit) => {
  test('is read, written, added up and worked out', () => {
    const { value } = parseLength(`3${unit}`);
    expect(lengthText(value!)).toBe(`3${unit}`);
    expect(toPx(value!, screen).toFraction()).toBe(THREE[unit]);
    expect(lengthText(evaluateArithmetic(`1${unit} + 2${unit}`).value!)).toBe(`3${unit}`);
  });

  test('says the same in CSS: as itself where it changes, in px where it does not', () => {
    const says = cssText(cssReader(spec, spec.breakpoints[0]!, '%').length(`3${unit}`));
    expect(says.includes('px')).toBe(!changesWithScreen(unit) && unit !== 'rem');
  });
});

test('a wrong one is told which there are', () => {
  expect(parseLength('3 ell').problem).toContain('a number with px, rem, %, vw, pt, mm or in, such as');
});
