import { describe, expect, test } from 'vitest';
import { columnsAt, sumLine } from '../columns/columns-at';
import { numeral } from '../length/present';
import { readSpec } from '../document/read';
import { specOfScreens, type TypedScreens } from './from-screens';

const typed = (more: Partial<TypedScreens> = {}): TypedScreens => ({
  screens: '390×844, 834×1194, 1440×900',
  base: '8',
  counts: '4, 8, 12',
  gutters: '16, 20, 24',
  margins: '16, 27, 72',
  containers: '',
  ...more,
});

const sums = (more: Partial<TypedScreens> = {}): string[] => {
  const { value, problem } = specOfScreens('Site', typed(more));
  if (!value) throw new Error(problem);
  return value.breakpoints.map((each) => `${each.name} ${each.from}: ${sumLine(columnsAt(value, each), numeral)}`);
};

test('screens in one line are breakpoints, each midway from the next narrower', () => {
  expect(sums()).toEqual([
    'Phone 0: 16 + 4 × 77½ + 3 × 16 + 16 = 390',
    'Tablet 608: 27 + 8 × 80 + 7 × 20 + 27 = 834',
    'Desktop 1136: 72 + 12 × 86 + 11 × 24 + 72 = 1440',
  ]);
});

test('one value stands for all; beside a container margins are auto, beside none they stay', () => {
  expect(sums({ counts: '12', gutters: '24', margins: '', containers: 'fills, fills, 1296' })).toEqual([
    'Phone 0: 16 + 12 × 7⅚ + 11 × 24 + 16 = 390',
    'Tablet 608: 16 + 12 × 44⅚ + 11 × 24 + 16 = 834',
    'Desktop 1136: 72 + 12 × 86 + 11 × 24 + 72 = 1440',
  ]);
});

test('in any order, without heights, close to each other: what comes of it is a document', () => {
  const { value } = specOfScreens(
    'Site',
    typed({ screens: '1024; 1020x700\n320', counts: '12', margins: '16', gutters: '16' }),
  );
  expect(value!.breakpoints.map(({ from, reference: { width } }) => [from, width])).toEqual([
    [0, 320],
    [664, 1020],
    [1024, 1024],
  ]);
  expect(readSpec(JSON.parse(JSON.stringify(value))).problem).toBeUndefined();
});

describe('what is wrong is said at its field', () => {
  test.each<[Partial<TypedScreens>, keyof TypedScreens, string]>([
    [{ screens: ' ' }, 'screens', 'Enter your screens, such as 390×844, 834×1194, 1440×900.'],
    [{ screens: '390×844, wide' }, 'screens', '“wide” isn’t a screen. Enter width × height, such as 1440×900.'],
    [{ screens: '0×0' }, 'screens', '“0×0” isn’t a screen. Enter width × height, such as 1440×900.'],
    [{ screens: '390, 390' }, 'screens', 'Two screens are 390 px wide. Remove one.'],
    [
      { screens: Array.from({ length: 25 }, (_, index) => 300 + index).join() },
      'screens',
      'A specification can have up to 24 breakpoints.',
    ],
    [{ screens: '390×0.5' }, 'screens', '“390×0.5” isn’t a screen. Enter width × height, such as 1440×900.'],
    [{ screens: '2000000' }, 'screens', '“2000000” isn’t a screen. Enter width × height, such as 1440×900.'],
    [{ counts: ' ' }, 'counts', 'Enter columns, such as 4, 8, 12.'],
    [{ gutters: '' }, 'gutters', 'Enter gutters, such as 16, 20, 24.'],
    [{ base: '' }, 'base', 'Enter a length, such as 24, 1.5rem, 5% or 2vw.'],
    [{ counts: '4, 12' }, 'counts', 'Enter one value, or one for each of the 3 screens.'],
    [{ counts: '0' }, 'counts', 'A grid needs at least 1 column. Enter a number from 1 to 64, such as 12.'],
    [
      { gutters: 'some' },
      'gutters',
      '“some” isn’t a length. Enter a number with px, rem, %, vw, pt, mm or in, such as 24 or 1.5rem.',
    ],
    [{ base: '0' }, 'base', 'A base unit can’t be 0. Enter one such as 8 or 4.'],
  ])('%j', (more, field, problem) => {
    expect(specOfScreens('Site', typed(more))).toEqual({ problem, field });
  });
});
