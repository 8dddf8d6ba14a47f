import { describe, expect, test } from 'vitest';
import { specOfScreens } from '../sheet/from-screens';
import { SURVEY_LIMITS } from '../survey/read-screens';
import type { Measured, MeasuredBox } from './measured';
import {
  holdPage,
  type Measurement,
  MEASUREMENT_LIMITS,
  offInAll,
  type OffThing,
  readMeasurement,
  screensOfMeasured,
  thingText,
} from './measurement';
import { cameBack, pagesOverTime } from './over-time';
import { measuredPage, paintedBox } from './testing';

// margins of 20, 4 columns of 81, gutters of 16: 20–101, 117–198, 214–295, 311–392
const bare = specOfScreens('Site', {
  screens: '412×915',
  base: '8',
  counts: '4',
  gutters: '16',
  margins: '20',
  containers: '',
}).value!;
const spec = {
  ...bare,
  type: [],
  breakpoints: bare.breakpoints.map((own) => ({ ...own, rows: null, baseline: null })),
};

const box = (x: number, width: number, name: string) => paintedBox(x, width, 40, name);
const screen = (boxes: MeasuredBox[], more: Partial<Measured> = {}) => measuredPage({ boxes, ...more });
const SUM = 'a'.repeat(64);
const report = (more: Partial<Measurement> = {}): Measurement => ({
  id: '11111111-1111-4111-8111-111111111111',
  name: 'main',
  document: { canonical: SUM, file: SUM },
  tolerance: 0.5,
  off: 0,
  pages: [{ page: '/', screens: [screen([box(20, 81, 'one')])] }],
  ...more,
});

describe('what is off on a page', () => {
  test('counts each element once for each check, at however many widths', () => {
    const late = screen([box(20, 81, 'one'), box(120, 78, 'late')]);
    expect(holdPage({ page: '/', screens: [late, late] }, spec)).toEqual({
      page: '/',
      off: 1,
      named: [{ check: 'columns', element: 'late' }],
    });
    const wide = screen([box(120, 78, 'late')], { over: { by: 12, names: ['late'] } });
    expect(holdPage({ page: '/', screens: [wide] }, spec).off).toBe(2);
    expect(holdPage({ page: '/', screens: [late] }, spec, 4).off).toBe(0);
  });

  test('names as many as are kept, and counts all', () => {
    const boxes = Array.from({ length: 400 }, (_, index) => ({ ...box(120, 78, `late ${index}`), y: index * 110 }));
    const { off, named } = holdPage({ page: '/', screens: [screen(boxes)] }, spec);
    expect([off, named.length]).toEqual([400, MEASUREMENT_LIMITS.named]);
    expect(offInAll([{ page: '/', off, named }])).toBe(400);
  });
});

describe('a measurement from outside', () => {
  test('is read as it was sent', () => {
    expect(readMeasurement(JSON.parse(JSON.stringify(report()))).value).toEqual(report());
  });

  test.each([
    ['nothing', null, /^report: /],
    ['no id', { ...report(), id: 'one' }, /^id: /],
    ['no name', report({ name: ' ' }), 'name: Name what was measured, such as main.'],
    ['no page', report({ pages: [] }), /^pages: /],
    [
      'a box without a width',
      { ...report(), pages: [{ page: '/', screens: [screen([{ name: 'x' } as never])] }] },
      /^pages\.0\.screens\.0\.boxes\.0\./,
    ],
    [
      'a length beyond all',
      report({ pages: [{ page: '/', screens: [screen([box(2e6, 1, 'far')])] }] }),
      /^pages\.0\.screens\.0\.boxes\.0\.x: /,
    ],
  ])('is refused with its place: %s', (_, json, problem) => {
    expect(readMeasurement(json).problem).toEqual(problem instanceof RegExp ? expect.stringMatching(problem) : problem);
  });

  test('is refused where it is too large, with what to do', () => {
    const many = Array.from({ length: SURVEY_LIMITS.boxes + 1 }, () => box(20, 81, 'one'));
    expect(readMeasurement(report({ pages: [{ page: '/', screens: [screen(many)] }] })).problem).toBe(
      'A measurement holds up to 20,000 boxes; these are 20,001. Measure fewer pages, or fewer widths with --widths drawn.',
    );
    const screens = Array.from({ length: SURVEY_LIMITS.screens + 1 }, () => screen([]));
    expect(readMeasurement(report({ pages: [{ page: '/', screens }] })).problem).toMatch(
      /^A measurement holds up to 60 screens/,
    );
  });

  test('is drawn as screens, from the start of who reads them', () => {
    const [left, right] = screensOfMeasured([
      { page: '/', screens: [screen([box(20, 81, 'one')]), screen([box(20, 81, 'one')], { direction: 'rtl' })] },
    ]);
    expect(left).toMatchObject({ name: '/, 412', boxes: [{ x: 20, width: 81 }] });
    expect(right).toMatchObject({ direction: 'rtl', boxes: [{ x: 311, width: 81 }] });
  });
});

describe('over time', () => {
  const thing = (element: string): OffThing => ({ check: 'columns', element });
  const counted = (pages: Record<string, string[]>) => ({
    off: Object.values(pages).flat().length,
    counts: Object.entries(pages).map(([page, names]) => ({ page, off: names.length, named: names.map(thing) })),
  });

  test('page by page, the oldest first, those with the most now first', () => {
    const measured = [
      counted({ '/a': [], '/b': ['x', 'y'] }),
      counted({ '/a': ['x'] }),
      counted({ '/a': ['x', 'y'], '/b': ['x'] }),
    ];
    expect(pagesOverTime(measured)).toEqual([
      { page: '/b', off: [1, null, 2] },
      { page: '/a', off: [2, 1, 0] },
    ]);
    expect(pagesOverTime([])).toEqual([]);
  });

  test('what came back was off, was put right, and is off again', () => {
    expect(cameBack([counted({ '/a': ['x', 'new'] }), counted({ '/a': [] }), counted({ '/a': ['x'] })])).toEqual([
      { page: '/a', things: [thing('x')] },
    ]);
    // off all the time, or first now, is nothing that came back; nor is what was not measured in between
    expect(cameBack([counted({ '/a': ['x'] }), counted({ '/a': ['x'] })])).toEqual([]);
    expect(cameBack([counted({ '/a': ['x'] }), counted({ '/b': [] }), counted({ '/a': ['x'] })])).toEqual([]);
    expect(thingText(thing('main > article.card'))).toBe('main > article.card (columns)');
  });
});
