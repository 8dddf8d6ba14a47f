import { expect, test } from 'vitest';
import { px } from '../length/px';
import { lengthIn } from './css-length';
import { withVariables } from './css-value';

const around = { width: px(1440), height: px(900), root: px(16), em: px(16), whole: px(1152) };

// CSS Values and Units 4, sections 5, 6 and 10
test.each([
  ['24px', '24'],
  ['-0.5rem', '-8'],
  ['2.5vw', '36'],
  ['10%', '576/5'],
  ['72pt', '96'],
  ['1in', '96'],
  ['25.4mm', '96'],
  ['calc((100% - 48px) / 3)', '368'],
  ['calc(100% / 3)', '384'],
  ['calc(-1 * (1px - -2px))', '-3'],
  ['calc(2 * 3 * 4px + 1px * 2)', '26'],
  ['min(1152px, 100% - 96px)', '1056'],
  ['max(0px, 10px - 24px)', '0'],
  ['clamp(16px, 4vw - 8px, 48px)', '48'],
  ['clamp(16px, 1px, 8px)', '16'],
  ['round(down, 100% - 1px, 96px)', '1056'],
  ['round(1.5px, 1px)', '2'],
  ['round(up, 10px, 8px)', '16'],
  ['max(15px, calc(15px + env(safe-area-inset-left)))', '15'],
  ['0', '0'],
])('%s is %s px', (text, expected) => expect(lengthIn(text, around)!.toFraction()).toBe(expected));

test.each([
  ['12'],
  ['auto'],
  ['3ch'],
  ['calc(1px * 1px)'],
  ['calc(1px / 0)'],
  ['calc(1px + 1)'],
  ['calc(1px 2px)'],
  ['calc(1px +)'],
  ['calc('],
  ['1e400px'],
  [`${'calc('.repeat(60)}1px${')'.repeat(60)}`],
  ['1px 2px'],
  [''],
])('%s is no length', (text) => expect(lengthIn(text, around)).toBeNull());

test('a percentage of nothing that is known is no length', () =>
  expect(lengthIn('10%', { ...around, whole: null })).toBeNull());

test('custom properties are put in, with what is named to be taken instead', () => {
  const held: Record<string, string> = {
    '--gap': '24px',
    '--half': 'calc(0.5 * var(--gap))',
    '--a': 'var(--b)',
    '--b': 'var(--a)',
  };
  const filled = (text: string) => withVariables(text, (name) => held[name]);
  expect(lengthIn(filled('calc(-1 * var(--half))')!, around)!.valueOf()).toBe(-12);
  expect(filled('var(--none, 3px)')).toBe('3px');
  expect(filled('var(--none)')).toBeNull();
  expect(filled('var(--a)')).toBeNull();
});

test('what doubles thirty times over is not written out', () => {
  const valueOf = (name: string) =>
    name === '--30' ? '1px' : `var(--${Number(name.slice(2)) + 1}) var(--${Number(name.slice(2)) + 1})`;
  expect(withVariables('var(--0)', valueOf)).toBeNull();
});
