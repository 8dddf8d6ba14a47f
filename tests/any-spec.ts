import fc from 'fast-check';
import { newBreakpoint, newSpec } from '../core/document/defaults';
import { readSpec } from '../core/document/read';
import type { Columns, Spec } from '../core/spec/schema';

/** Documents of every shape that the schema has for columns, for properties; those that it refuses are left out. */

const px = (most: number) =>
  fc.oneof(
    { weight: 3, arbitrary: fc.integer({ min: 0, max: most }).map((amount) => `${amount}px`) },
    fc.integer({ min: 0, max: most * 8 }).map((eighths) => `${eighths / 8}px`),
    fc.integer({ min: 0, max: most * 100 }).map((hundredths) => `${hundredths / 100}px`),
  );
const ofScreen = (most: number) =>
  fc.integer({ min: 0, max: most * 10 }).chain((tenths) => fc.constantFrom(`${tenths / 10}vw`, `${tenths / 10}%`));
const growing = (most: number) =>
  fc.record({
    between: fc.tuple(
      fc.integer({ min: 0, max: most }).map((amount) => `${amount}px`),
      fc.integer({ min: 0, max: most }).map((amount) => `${amount}px`),
    ),
    over: fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 901, max: 2200 })),
  });

/** Sums, and so many gutters or columns. */
const sum = (most: number) =>
  fc
    .constantFrom('-', '')
    .chain((sign) => fc.tuple(ofScreen(most), px(60)).map(([share, fixed]) => ({ sum: [share, `${sign}${fixed}`] })));
const relation = fc.constantFrom({ ofGutter: '1' }, { ofGutter: '3/2' }, { ofColumn: '1/2' }, { ofColumn: '1' });

const margin = fc.oneof(
  px(120),
  sum(9),
  relation,
  ofScreen(9),
  growing(120),
  fc.constantFrom('auto', '1.5rem'),
  fc.record({
    start: fc.oneof(px(99), relation, fc.constant('auto')),
    end: fc.oneof(px(99), ofScreen(5), relation, fc.constant('auto')),
  }),
);

const columns = fc.record({
  count: fc.oneof({ weight: 5, arbitrary: fc.integer({ min: 1, max: 24 }) }, fc.constant('auto')),
  gutter: fc.oneof(
    { weight: 3, arbitrary: px(48) },
    ofScreen(3),
    growing(40),
    fc.constantFrom('auto', '1.25rem', { ofColumn: '1/4' }, { ofColumn: '2/3' }),
  ),
  margin,
  container: fc.oneof(
    { weight: 3, arbitrary: fc.constant('fill') },
    px(1400),
    growing(1400),
    sum(95),
    px(1400).map((upTo) => ({ upTo })),
    fc.tuple(fc.integer({ min: 1, max: 1000 }), px(1400)).map(([tenths, upTo]) => ({ share: `${tenths / 10}%`, upTo })),
    fc.integer({ min: 1, max: 1000 }).map((tenths) => ({ share: `${tenths / 10}%` })),
    fc.constant('auto'),
  ),
  column: fc.oneof({ weight: 3, arbitrary: fc.constant('auto') }, px(110), ofScreen(8)),
  outer: fc.constantFrom('none', 'half'),
  align: fc.constantFrom('start', 'centre', 'end'),
  whole: fc.constantFrom('no', 'margins', 'container'),
}) as fc.Arbitrary<Columns>;

/** A document of one to four breakpoints. */
export const anySpec: fc.Arbitrary<Spec> = fc
  .tuple(fc.array(columns, { minLength: 1, maxLength: 4 }), fc.constantFrom(16, 18), fc.constantFrom(72, 96))
  .map(([each, rootFontSize, pixelsPerInch]) => ({
    ...newSpec(
      'Any',
      each.map((grid, index) => {
        const from = index * 480;
        return newBreakpoint(
          { id: `range-${index}`, name: `Range ${index}`, from, width: from + 390, height: 900 },
          grid,
        );
      }),
    ),
    rootFontSize,
    pixelsPerInch: pixelsPerInch as 72 | 96,
  }))
  .filter((spec) => readSpec(spec).problem === undefined);
