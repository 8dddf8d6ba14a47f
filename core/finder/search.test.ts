import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readNumbers, readRange } from './read-numbers';
import { type Conditions, contradiction, search, type Solution } from './search';
import { wholePairs } from './whole-pairs';

const anything: Conditions = {
  widths: [1200],
  widthsAre: 'containers',
  counts: [10],
  gutter: { from: 0, to: 96 },
  withinMargin: null,
  margin: { from: 0, to: 0 },
  outer: 'none',
  multiples: { of: 8, gutter: false, margin: false, column: false },
  parts: [],
  leastColumn: 1,
  ratios: [],
  sameGutter: false,
};
const now = { column: 100, gutter: 24, container: 1200 };
const pairs = (conditions: Partial<Conditions>) =>
  search({ ...anything, ...conditions }, now).solutions.map(({ column, gutter }) => [column, gutter]);

describe('whole-pixel grids', () => {
  test('the same as the pairs of one container and count', () => {
    expect(pairs({})).toEqual(wholePairs({ container: 1200, count: 10 }).map(({ column, gutter }) => [column, gutter]));
  });
  test('a range of gutters', () => {
    expect(pairs({ gutter: { from: 16, to: 32 } })).toEqual([
      [102, 20],
      [93, 30],
    ]);
  });
  test('also whole at 1.5 device pixels to a px', () => {
    expect(pairs({ ratios: [2] }).every(([column, gutter]) => (column! * 3) % 2 === 0 && (gutter! * 3) % 2 === 0)).toBe(
      true,
    );
    expect(pairs({ ratios: [1] })).toEqual([
      [120, 0],
      [84, 40],
    ]);
  });
  test('viewports and margins', () => {
    const { solutions } = search(
      {
        ...anything,
        widths: [1440],
        widthsAre: 'viewports',
        counts: [12],
        margin: { from: 144, to: 144 },
        gutter: { from: 24, to: 24 },
      },
      now,
    );
    expect(solutions).toEqual([{ width: 1440, margin: 144, container: 1152, count: 12, column: 74, gutter: 24 }]);
  });
  test('one gutter for several breakpoints', () => {
    const { solutions } = search(
      { ...anything, widths: [680, 1152], counts: [8, 12], gutter: { from: 8, to: 32 }, sameGutter: true },
      now,
    );
    const gutters = (width: number) => [
      ...new Set(solutions.filter((solution) => solution.width === width).map(({ gutter }) => gutter)),
    ];
    expect(gutters(680)).toEqual(gutters(1152));
    expect(gutters(680)).toContain(24);
  });
});

test('what each condition alone keeps out, and the nearest to the sheet', () => {
  const { solutions, misses } = search(
    { ...anything, gutter: { from: 16, to: 32 }, multiples: { of: 8, gutter: true, margin: false, column: false } },
    now,
  );
  expect(solutions).toEqual([]);
  expect(misses.map(({ condition, count, nearest }) => [condition, count, nearest.column, nearest.gutter])).toEqual([
    ['gutter', 2, 84, 40],
    ['multiples', 2, 102, 20],
  ]);
});

test('all and only the grids that trying everything finds', () => {
  const asked = fc.record({
    widths: fc.uniqueArray(fc.integer({ min: 40, max: 300 }), { minLength: 1, maxLength: 2 }),
    widthsAre: fc.constantFrom('containers' as const, 'viewports' as const),
    counts: fc.uniqueArray(fc.integer({ min: 2, max: 12 }), { minLength: 1, maxLength: 2 }),
    gutter: fc.record({ from: fc.integer({ min: 0, max: 10 }), to: fc.integer({ min: 10, max: 40 }) }),
    withinMargin: fc.option(fc.record({ viewport: fc.integer({ min: 60, max: 340 }) })),
    margin: fc.record({ from: fc.integer({ min: 0, max: 3 }), to: fc.integer({ min: 3, max: 8 }) }),
    outer: fc.constantFrom('none' as const, 'half' as const),
    multiples: fc.record({
      of: fc.integer({ min: 1, max: 5 }),
      gutter: fc.boolean(),
      margin: fc.boolean(),
      column: fc.boolean(),
    }),
    parts: fc.subarray([2, 3, 4, 6]),
    leastColumn: fc.integer({ min: 1, max: 20 }),
    ratios: fc.subarray([1, 2, 3, 4]),
    sameGutter: fc.constant(false),
  });
  fc.assert(
    fc.property(asked, (conditions) => {
      expect(search(conditions, now).solutions.map(key).sort()).toEqual(tryEverything(conditions).map(key).sort());
    }),
    { numRuns: 80 },
  );
});

const key = (solution: Solution): string =>
  JSON.stringify([solution.width, solution.margin, solution.count, solution.column, solution.gutter]);

function tryEverything({
  widths,
  widthsAre,
  counts,
  gutter: gutters,
  withinMargin,
  margin: margins,
  outer,
  multiples,
  parts,
  leastColumn,
  ratios,
}: Conditions): Solution[] {
  const found: Solution[] = [];
  for (const width of widths)
    for (
      let margin = widthsAre === 'viewports' ? margins.from : 0;
      margin <= (widthsAre === 'viewports' ? margins.to : 0);
      margin++
    )
      for (const count of counts)
        for (let gutter = gutters.from; gutter <= gutters.to; gutter++)
          for (let column = Math.max(1, gutter, leastColumn); column <= width; column++) {
            const container = count * column + (outer === 'half' ? count : count - 1) * gutter;
            const isMultiple = (['gutter', 'margin', 'column'] as const).every(
              (part) => !multiples[part] || { gutter, margin, column }[part] % multiples.of === 0,
            );
            const isWholeOnDevices = ratios.every((ratio) =>
              [column, gutter, margin].every((length) => Number.isInteger(length * [1, 1.25, 1.5, 2, 3][ratio]!)),
            );
            const outside =
              (widthsAre === 'viewports' ? margin : ((withinMargin?.viewport ?? 0) - container) / 2) +
              (outer === 'half' ? gutter / 2 : 0);
            if (
              (withinMargin === null || gutter <= outside) &&
              container + 2 * margin === width &&
              isMultiple &&
              isWholeOnDevices &&
              parts.every((part) => count % part === 0) &&
              (outer === 'none' || gutter % 2 === 0)
            ) {
              found.push({ width, margin, container, count, column, gutter });
            }
          }
  return found;
}

describe('conditions that contradict each other say so', () => {
  test.each<[Partial<Conditions>, string]>([
    [{ counts: [10], parts: [3] }, 'Thirds need a count that 3 divides, such as 6; 10 is not.'],
    [{ leastColumn: 200 }, '10 columns of at least 200 need 2000 px; the widest container has 1200.'],
    [
      { multiples: { of: 50, gutter: true, margin: false, column: false }, gutter: { from: 10, to: 40 } },
      'No multiple of 50 lies between gutters of 10 and 40.',
    ],
    [
      { outer: 'half', gutter: { from: 15, to: 15 } },
      'Half of a gutter of 15 isn’t whole. Use an even gutter or no half gutters outside.',
    ],
    [
      { widthsAre: 'viewports', margin: { from: 600, to: 700 } },
      'Margins of 600 leave no space in 1200 px. Use smaller margins.',
    ],
    [
      { multiples: { of: 0, gutter: true, margin: false, column: false } },
      'There are no multiples of 0. Enter a base such as 8.',
    ],
    [{ counts: [] }, 'Enter at least one width and one count.'],
  ])('%j', (conditions, sentence) => expect(contradiction({ ...anything, ...conditions })).toBe(sentence));
  test('others do not', () => expect(contradiction(anything)).toBeNull());
});

describe('numbers as they are typed', () => {
  const asked = { name: 'container', least: 1, most: 9999 };
  test.each([
    ['1200', [1200]],
    ['1140, 1200', [1140, 1200]],
    ['1200 to 1202, 960', [960, 1200, 1201, 1202]],
    ['8-10', [8, 9, 10]],
  ])('%s', (text, numbers) => expect(readNumbers(text, asked).value).toEqual(numbers));
  test.each([
    ['1200 to 1100', '1200 to 1100 is the wrong way round. Enter 1100 to 1200.'],
    ['0', 'The container goes from 1 to 9999; 0 is outside that.'],
    ['12000', 'The container goes from 1 to 9999; 12000 is outside that.'],
    ['wide', '“wide” isn’t a container. Enter whole numbers or a range, such as 8 or 8 to 16.'],
    [' ', 'Enter a container: whole numbers or a range, such as 8 or 8 to 16.'],
    ['1200,', '“1200,” isn’t a container. Enter whole numbers or a range, such as 8 or 8 to 16.'],
  ])('%s', (text, problem) => expect(readNumbers(text, asked)).toEqual({ problem }));
  test('a range', () => {
    expect(readRange('0 to 48', { ...asked, least: 0 })).toEqual({ value: { from: 0, to: 48 } });
    expect(readRange('8, 16', asked).problem).toBe('The container is one range, such as 0 to 48.');
  });
});
