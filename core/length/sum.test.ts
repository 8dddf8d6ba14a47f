import { describe, expect, test } from 'vitest';
import { readContainer, readGutter, readMargin } from '../quantities/breakpoint/read-columns';
import { readFieldRatio, readSpace } from '../quantities/breakpoint/read-heights';
import { readSum, sumText } from './sum';

describe('what is typed', () => {
  test.each([
    ['100% - 40', { sum: ['100%', '-40px'] }, '100% - 40'],
    ['50vw−12px', { sum: ['50vw', '-12px'] }, '50vw - 12'],
    ['calc(2rem + 5%)', { sum: ['2rem', '5%'] }, '2rem + 5%'],
    ['-8 + 10vw', { sum: ['-8px', '10vw'] }, '-8 + 10vw'],
  ])('%s', (typed, value, text) => {
    expect(readSum(typed)?.value).toEqual(value);
    expect(sumText(value)).toBe(text);
  });

  test.each(['40', '100 - 40', '(1512-1296)/2', '100%', 'up to 12'])('%s is no sum of several units', (typed) =>
    expect(readSum(typed)).toBeNull(),
  );

  test('seven lengths are too many', () =>
    expect(readSum('1% + 1px + 1rem + 1px + 1px + 1px + 1px')?.problem).toMatch(
      /adds up 7 lengths; the maximum is 6\.$/,
    ));

  test.each([
    ['90% up to 1232', { share: '90%', upTo: '1232px' }],
    ['min(90%, 1232px)', { share: '90%', upTo: '1232px' }],
    ['90 % of screen', { share: '90%' }],
    ['100% - 40', { sum: ['100%', '-40px'] }],
    ['up to 1696', { upTo: '1696px' }],
    ['(1512-1296)', { typed: '(1512-1296)', is: '216px' }],
  ])('container %s', (typed, value) => expect(readContainer(typed).value).toEqual(value));

  test.each([
    ['2 gutters', { ofGutter: '2' }],
    ['1 column', { ofColumn: '1' }],
    ['1/2 gutter', { ofGutter: '1/2' }],
    ['gutter | 25% column', { start: { ofGutter: '1' }, end: { ofColumn: '1/4' } }],
    ['50vw - 600', { sum: ['50vw', '-600px'] }],
    ['= | 2 gutters', { start: 'auto', end: { ofGutter: '2' } }],
  ])('margin %s', (typed, value) => expect(readMargin(typed).value).toEqual(value));

  test.each([
    ['25% column', { ofColumn: '1/4' }],
    ['12.5% column', { ofColumn: '1/8' }],
    ['1.5/2 column', { ofColumn: '1.5/2' }],
    ['1/4 column', { ofColumn: '1/4' }],
    ['a quarter of a column', { ofColumn: '1/4' }],
  ])('gutter %s', (typed, value) => expect(readGutter(typed).value).toEqual(value));

  test.each([
    ['gutter', { ofGutter: '1' }],
    ['8', '8px'],
  ])('row gap %s', (typed, value) => expect(readSpace(typed).value).toEqual(value));

  test.each([
    ['4:3', '4/3'],
    ['4 : 1', '4'],
    ['', '1'],
  ])('ratio “%s”', (typed, value) => expect(readFieldRatio(typed).value).toBe(value));

  test.each([
    [readGutter('2 gutters'), 'A gutter can’t be measured in gutters.'],
    [
      readMargin('0 gutters'),
      'A margin of 0 gutter isn’t possible. Enter more than 0 and at most 64, such as 2 gutters.',
    ],
    [readMargin('65 columns'), 'A margin of 65 columns isn’t possible.'],
    [readGutter('33.333333% column'), '“33.333333% column” has too many digits. Enter a fraction, such as 1/3 column.'],
    [readContainer('120% up to 1232'), 'A container of 120 % isn’t possible.'],
    [readFieldRatio('wide'), '“wide” isn’t a ratio of width to height.'],
  ])('%j', ({ problem }, says) => expect(problem).toContain(says));
});
