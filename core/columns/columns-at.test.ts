import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { exactText, px } from '../length/px';
import { numeral } from '../length/present';
import { breakpointOf, solvedColumns, specWith, texts } from '../spec/testing';
import type { Columns } from '../spec/schema';
import { columnEdges, columnsAt, offsetWidth, spanWidth, sumLine, widthSegments } from './columns-at';

const centred = { margin: 'auto' } as const;

describe('common practice, no source', () => {
  test.each<[number, Partial<Columns>, Partial<ReturnType<typeof texts>>]>([
    [1440, { ...centred, container: '1152px', gutter: '24px' }, { marginStart: '144', marginEnd: '144', column: '74' }],
    [744, { margin: '32px', count: 8, gutter: '16px' }, { container: '680', column: '71' }],
    [393, { margin: '16px', count: 4, gutter: '16px' }, { container: '361', column: '313/4' }],
    [1440, { margin: '160px', gutter: '32px' }, { column: '64' }],
    [960, { gutter: '20px', outer: 'half' }, { column: '60', inset: '10' }],
    [1300, { ...centred, container: '960px', gutter: '20px', outer: 'half' }, { column: '60', marginStart: '170' }],
    [1920, { ...centred, container: '960px', gutter: '20px', outer: 'half' }, { column: '60', marginStart: '480' }],
    [960, { gutter: '30px', outer: 'half' }, { column: '50' }],
    [780, { gutter: '30px', outer: 'half' }, { column: '35' }],
    [1200, { gutter: '30px', outer: 'half' }, { column: '70' }],
    [
      1440,
      { ...centred, container: 'auto', column: '70px', gutter: '30px' },
      { container: '1170', marginStart: '135' },
    ],
    [375, { margin: '30px', count: 3, gutter: '9px' }, { column: '99' }],
    [1920, { margin: '10px', gutter: '20px' }, { column: '140' }],
    [1920, { margin: '10px', count: 16, gutter: '20px' }, { column: '100' }],
    [1440, { ...centred, container: '1140px' }, { marginStart: '150' }],
    [1200, { ...centred, container: '960px' }, { marginStart: '120' }],
  ])('in %i: %j', (width, held, follows) => {
    expect(texts(solvedColumns(width, held))).toMatchObject(follows);
  });

  test.each([
    [120, 0],
    [111, 10],
    [102, 20],
    [93, 30],
    [84, 40],
    [75, 50],
    [66, 60],
  ])('1200 in 10 whole columns: %i with a gutter of %i', (column, gutter) => {
    expect(texts(solvedColumns(1200, { count: 10, gutter: `${gutter}px` })).column).toBe(String(column));
  });

  test('columns of 102 with gutters of 20: spans of 1 to 10', () => {
    const columns = solvedColumns(1200, { count: 10, gutter: '20px' });
    const spans = Array.from({ length: 10 }, (_, index) => spanWidth(columns, index + 1).valueOf());
    expect(spans).toEqual([102, 224, 346, 468, 590, 712, 834, 956, 1078, 1200]);
    expect(offsetWidth(columns, 3).valueOf()).toBe(366);
  });
});

describe('every way to hold and to follow', () => {
  test.each<[string, number, Partial<Columns>, Partial<ReturnType<typeof texts>>]>([
    [
      'margin, count and gutter: the column',
      1440,
      { margin: '160px', gutter: '32px' },
      { container: '1120', column: '64' },
    ],
    [
      'unequal margins',
      1440,
      { margin: { start: '100px', end: '140px' }, gutter: '24px' },
      { container: '1200', column: '78' },
    ],
    ['one margin of two', 1440, { margin: { start: '100px', end: 'auto' }, container: '1152px' }, { marginEnd: '188' }],
    [
      'container and alignment: at the start',
      1440,
      { ...centred, container: '1152px', align: 'start' },
      { marginStart: '0', marginEnd: '288' },
    ],
    [
      'container and alignment: at the end',
      1440,
      { ...centred, container: '1152px', align: 'end' },
      { marginStart: '288', marginEnd: '0' },
    ],
    [
      'column and gutter: the container',
      1440,
      { ...centred, column: '74px', gutter: '24px' },
      { container: '1152', marginStart: '144' },
    ],
    [
      'container and column: the gutter',
      1440,
      { ...centred, container: '1152px', column: '74px', gutter: 'auto' },
      { gutter: '24' },
    ],
    [
      'the same with outer half-gutters',
      1440,
      { ...centred, container: '1170px', column: '67.5px', gutter: 'auto', outer: 'half' },
      { gutter: '30', inset: '15' },
    ],
    [
      'a gutter that is a share of the column',
      1440,
      { ...centred, container: '1180px', gutter: { ofColumn: '1/4' } },
      { column: '80', gutter: '20' },
    ],
    [
      'such a share with outer half-gutters',
      1440,
      { ...centred, container: '1200px', gutter: { ofColumn: '1/4' }, outer: 'half' },
      { column: '80', gutter: '20', inset: '10' },
    ],
    [
      'container as a share of the screen',
      1280,
      { ...centred, container: { share: '75%' }, gutter: '30px' },
      { container: '960', marginStart: '160' },
    ],
    [
      'container up to a maximum, below it',
      1280,
      { margin: '48px', container: { upTo: '1536px' }, gutter: '32px' },
      { container: '1184', marginStart: '48' },
    ],
    [
      'container up to a maximum, above it',
      1920,
      { margin: '48px', container: { upTo: '1536px' }, gutter: '32px' },
      { container: '1536', marginStart: '192', column: '296/3' },
    ],
    [
      'count auto',
      1440,
      { ...centred, count: 'auto', container: '1200px', column: '72px', gutter: '24px' },
      { count: 12, container: '1128', marginStart: '156' },
    ],
    [
      'count auto with outer half-gutters',
      1440,
      { ...centred, count: 'auto', container: '1200px', column: '76px', gutter: '24px', outer: 'half' },
      { count: 12, container: '1200' },
    ],
    ['rem', 1440, { margin: '10rem', gutter: '2rem' }, { column: '64' }],
    ['% and vw', 1440, { margin: '10%', gutter: '2vw' }, { marginStart: '144', gutter: '144/5' }],
    [
      'a length that grows, halfway',
      1020,
      { margin: { between: ['16px', '48px'], over: [600, 1440] } },
      { marginStart: '32' },
    ],
    [
      'a length that grows, before',
      500,
      { margin: { between: ['16px', '48px'], over: [600, 1440] } },
      { marginStart: '16' },
    ],
    [
      'a length that grows, after',
      1600,
      { margin: { between: ['16px', '48px'], over: [600, 1440] } },
      { marginStart: '48' },
    ],
    [
      'whole columns, the rest to the margins',
      390,
      { margin: '16px', count: 4, gutter: '16px', whole: 'margins' },
      { column: '77', marginStart: '17', marginEnd: '17' },
    ],
    [
      'the odd pixel at the end',
      391,
      { margin: '16px', count: 4, gutter: '16px', whole: 'margins' },
      { column: '77', marginStart: '17', marginEnd: '18' },
    ],
    [
      'whole columns, the container gives way',
      1440,
      { ...centred, container: '1140px', gutter: '20px', whole: 'container' },
      { column: '77', container: '1144' },
    ],
  ])('%s', (_, width, held, follows) => {
    const solved = solvedColumns(width, held);
    expect(texts(solved)).toMatchObject(follows);
    expect(exactText(solved.excess)).toBe('0');
  });

  test('one too many: the sum says by how much', () => {
    const solved = solvedColumns(1442, { margin: '144px', container: '1152px', gutter: '24px' });
    expect(exactText(solved.excess)).toBe('-2');
    expect(sumLine(solved, numeral)).toBe('144 + 12 × 74 + 11 × 24 + 144 = 1440, not 1442');
  });

  test('too little: what is missing is named', () => {
    expect(solvedColumns(1440, { gutter: 'auto' }).undetermined).toBe('column and gutter (gutter taken as 0)');
    expect(solvedColumns(1440, { count: 'auto' }).undetermined).toBe('count (taken as 1)');
    expect(solvedColumns(1440, { margin: 'auto' }).undetermined).toBe('margin and container (margin taken as 0)');
  });
});

describe('sum line and segments', () => {
  test('with half gutters outside', () => {
    const solved = solvedColumns(1300, { ...centred, container: '960px', gutter: '20px', outer: 'half' });
    expect(sumLine(solved, numeral)).toBe('170 + 10 + 12 × 60 + 11 × 20 + 10 + 170 = 1300');
    expect(
      widthSegments(solved)
        .map(({ part }) => part)
        .slice(0, 4),
    ).toEqual(['margin', 'inset', 'column', 'gutter']);
  });

  test('one column has no gutter', () => {
    expect(sumLine(solvedColumns(390, { count: 1, margin: '16px' }), numeral)).toBe('16 + 1 × 358 + 16 = 390');
  });
});

/** Columns of every kind that leave one quantity to follow. */
const length = (most: number) => fc.integer({ min: 0, max: most }).map((px) => `${px}px`);
const anyColumns: fc.Arbitrary<Partial<Columns>> = fc
  .record({
    count: fc.integer({ min: 1, max: 24 }),
    gutter: fc.oneof(length(60), fc.constantFrom({ ofColumn: '1/4' }, { ofColumn: '2/3' })),
    outside: fc.oneof(
      fc.record({ margin: length(200), container: fc.constant('fill' as const) }),
      fc.record({ margin: length(200), container: length(1600).map((upTo) => ({ upTo })) }),
      fc.record({ margin: fc.constant('auto' as const), container: length(1600) }),
      fc.record({ margin: fc.record({ start: length(99), end: length(99) }), container: fc.constant('fill' as const) }),
      fc.record({
        margin: fc.constant('auto' as const),
        container: fc.integer({ min: 1, max: 100 }).map((share) => ({ share: `${share}%` })),
      }),
    ),
    outer: fc.constantFrom('none', 'half'),
    align: fc.constantFrom('start', 'centre', 'end'),
    whole: fc.constantFrom('no', 'margins', 'container'),
  })
  .map(({ outside, ...inside }) => ({ ...inside, ...outside }) as Partial<Columns>);

describe('laws', () => {
  test('the parts add up to the viewport, at every width and every policy', () => {
    fc.assert(
      fc.property(anyColumns, fc.integer({ min: 1, max: 4000 }), (columns, width) => {
        const segments = widthSegments(solvedColumns(width, columns));
        expect(exactText(segments.at(-1)!.end)).toBe(String(width));
      }),
      { numRuns: 1000 },
    );
  });

  test('the edges of the columns are those of the segments', () => {
    fc.assert(
      fc.property(anyColumns, fc.integer({ min: 1, max: 4000 }), (columns, width) => {
        const solved = solvedColumns(width, columns);
        const drawn = widthSegments(solved).filter(({ part }) => part === 'column');
        expect(columnEdges(solved).map((edge) => edge.map(exactText))).toEqual(
          drawn.map(({ start, end }) => [exactText(start), exactText(end)]),
        );
      }),
      { numRuns: 200 },
    );
  });

  test('rounded columns are whole', () => {
    fc.assert(
      fc.property(anyColumns, fc.integer({ min: 1, max: 4000 }), (columns, width) => {
        fc.pre(columns.whole !== 'no');
        expect(solvedColumns(width, columns).column.d).toBe(1n);
      }),
    );
  });

  test('what followed, given back, gives the same grid', () => {
    fc.assert(
      fc.property(anyColumns, fc.integer({ min: 400, max: 4000 }), (columns, width) => {
        const solved = solvedColumns(width, { ...columns, whole: 'no' });
        fc.pre(solved.column.compare(0) >= 0 && solved.marginStart.compare(0) >= 0 && solved.marginEnd.compare(0) >= 0);
        const held = (value: typeof solved.column) => `${exactText(value)}px`;
        const back = solvedColumns(width, {
          ...columns,
          whole: 'no',
          margin: { start: held(solved.marginStart), end: held(solved.marginEnd) },
          container: 'fill',
          gutter: held(solved.gutter),
        });
        expect(texts(back)).toEqual(texts(solved));
      }),
      { numRuns: 300 },
    );
  });

  test('lengths in a spec at 72 px per inch count as 1pt = 1px', () => {
    const breakpoint = breakpointOf({ margin: '36pt', gutter: '12pt' }, 1440);
    const spec = { ...specWith(breakpoint), pixelsPerInch: 72 as const };
    expect(exactText(columnsAt(spec, breakpoint, px(1440)).column)).toBe('103');
  });
});

describe('columns rounded down to whole px', () => {
  const capped: Partial<Columns> = {
    count: 12,
    gutter: '32px',
    margin: '48px',
    container: { upTo: '1536px' },
    whole: 'margins',
  };

  test.each([
    ['start', '52', '340'],
    ['centre', '196', '196'],
    ['end', '340', '52'],
  ] as const)('what a cap leaves stands where the container does not: at the %s', (align, marginStart, marginEnd) => {
    expect(texts(solvedColumns(1920, { ...capped, align }))).toMatchObject({ column: '98', marginStart, marginEnd });
  });

  // of 1283, 12 columns and 11 gutters of 24 are 12 × 84 + 264 = 1272, which leaves 105 of 1377: 52 before and 53 after
  test.each<[string, Partial<Columns>]>([
    ['given', { margin: '20px' }],
    ['given for each side', { margin: { start: '20px', end: '20px' } }],
    ['on auto', { margin: 'auto' }],
  ])('the odd px of what is left stands at the end, with margins %s', (_, some) => {
    const grid = { count: 12, gutter: '24px', container: { upTo: '1283px' }, whole: 'margins' as const, ...some };
    expect(texts(solvedColumns(1377, grid))).toMatchObject({
      column: '84',
      container: '1272',
      marginStart: '52',
      marginEnd: '53',
    });
    expect(texts(solvedColumns(1378, grid))).toMatchObject({ column: '84', marginStart: '53', marginEnd: '53' });
  });

  test.each<[string, Partial<Columns>, string]>([
    ['without rounding', { whole: 'no' }, '-856'],
    ['rounded down', { whole: 'margins' }, '-856'],
    ['rounded', { whole: 'container' }, '-856'],
    ['counted', { count: 'auto', column: '80px' }, '-856'],
  ])('one quantity too many is told: %s', (_, some, excess) => {
    const solved = solvedColumns(2256, { count: 12, gutter: '24px', margin: '50px', container: '1300px', ...some });
    expect(solved.overheld).toBe(true);
    expect(solved.excess.toFraction()).toBe(excess);
  });
});
