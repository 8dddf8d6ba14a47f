import Fraction from 'fraction.js';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { px } from '../length/px';
import { breakpointOf, solvedColumns, specWith, texts } from '../spec/testing';
import type { Columns } from '../spec/schema';
import { columnsAt } from './columns-at';
import { explain, explanationLine } from './explain';
import { guttersInside } from './solve';

const gutters = (ratio: string) => ({ ofGutter: ratio });
const columnsOf = (ratio: string) => ({ ofColumn: ratio });

/** By hand from the closed forms; numbers of common practice, no source. */
describe('margins of gutters and columns', () => {
  test.each<[number, Partial<Columns>, Partial<ReturnType<typeof texts>>]>([
    // gutter held: (R − F − (G + M) · gutter) / (count + K)
    [1440, { margin: gutters('1'), gutter: '20px' }, { column: '295/3', marginStart: '20', container: '1400' }],
    [1440, { margin: gutters('2'), gutter: '24px' }, { column: '90', marginStart: '48' }],
    [1440, { margin: gutters('1/2'), gutter: '24px' }, { column: '96', marginStart: '12' }],
    [1512, { margin: columnsOf('1'), gutter: '24px' }, { column: '624/7', marginStart: '624/7' }],
    [1400, { margin: columnsOf('1/2'), gutter: '10px', count: 12 }, { column: '1290/13', marginStart: '645/13' }],
    [
      1440,
      { margin: { start: columnsOf('1'), end: gutters('1') }, gutter: '20px', count: 11 },
      { column: '305/3', marginStart: '305/3', marginEnd: '20' },
    ],
    [
      1000,
      { margin: { start: '100px', end: gutters('2') }, gutter: '20px', count: 4 },
      { column: '200', marginStart: '100', marginEnd: '40' },
    ],
    // half a gutter outside stands in the container, beside the margin
    [1440, { margin: gutters('1'), gutter: '16px', outer: 'half' }, { column: '304/3', marginStart: '16', inset: '8' }],
    // gutter of a column: (R − F) / (count + K + r · (G + M))
    [1220, { margin: gutters('1'), gutter: columnsOf('1/4') }, { column: '80', gutter: '20', marginStart: '20' }],
    [1530, { margin: columnsOf('1'), gutter: columnsOf('1/4') }, { column: '1530/1675'.replace('1675', '16.75') }],
    // column held, gutter follows: (R − F − (count + K) · column) / (G + M)
    [1440, { margin: gutters('1'), column: '98px', gutter: 'auto' }, { gutter: '264/13', marginStart: '264/13' }],
    [1300, { margin: columnsOf('1/2'), column: '80px', gutter: 'auto' }, { gutter: '260/11', marginStart: '40' }],
    // both known: what is left is one too many or not at all
    [1440, { margin: gutters('2'), column: '72px', gutter: '24px', container: 'auto' }, { marginStart: '48' }],
    // a container that is held gives column and gutter
    [
      1440,
      { margin: { start: gutters('2'), end: 'auto' }, gutter: '24px', container: '1152px' },
      { column: '74', marginStart: '48', marginEnd: '240' },
    ],
    // one that is cut does so as well, and what is left goes to both sides
    [
      2000,
      { margin: gutters('2'), gutter: '24px', container: { upTo: '1152px' } },
      { column: '74', marginStart: '424' },
    ],
    [
      1200,
      { margin: gutters('2'), gutter: '24px', container: { upTo: '1152px' } },
      { column: '70', marginStart: '48' },
    ],
    // margins are of the unrounded column
    [1440, { margin: columnsOf('1'), gutter: '20px', whole: 'margins' }, { column: '87' }],
  ])('in %i: %j', (width, held, follows) => {
    const wanted = Object.fromEntries(
      Object.entries(follows).map(([part, text]) => {
        const [over, under = '1'] = String(text).split('/');
        return [part, new Fraction(over!).div(under).toFraction()];
      }),
    );
    expect(texts(solvedColumns(width, held))).toMatchObject(wanted);
  });

  test.each<[Partial<Columns>, number, string]>([
    [{ container: { share: '90%', upTo: '1232px' }, margin: 'auto' }, 1200, '1080'],
    [{ container: { share: '90%', upTo: '1232px' }, margin: 'auto' }, 1500, '1232'],
    [{ container: { sum: ['100%', '-40px'] }, margin: 'auto' }, 1512, '1472'],
    [{ container: { sum: ['50vw', '1rem', '-6px'] }, margin: 'auto' }, 1000, '510'],
    [{ margin: { sum: ['50vw', '-600px'] } }, 1440, '1200'],
    [{ margin: { start: { sum: ['2rem', '5vw'] }, end: '8px' } }, 1000, '910'],
  ])('the container of %j at %i', (held, width, container) =>
    expect(texts(solvedColumns(width, held)).container).toBe(container),
  );
});

/** The equation as a slow reader has it: a column is tried until the whole comes to the viewport. */
function byBisection(
  { count, gutter, margin, column, outer }: Columns,
  width: number,
): { column: number; gutter: number } {
  const ratio = (text: string) => new Fraction(text).valueOf();
  const inside = guttersInside(count as number, outer);
  const sides = typeof margin === 'object' && 'start' in margin ? [margin.start, margin.end] : [margin, margin];
  const total = (ownColumn: number, ownGutter: number): number =>
    sides.reduce<number>(
      (sum, side) => {
        if (typeof side === 'object' && 'ofGutter' in side) return sum + ratio(side.ofGutter) * ownGutter;
        if (typeof side === 'object' && 'ofColumn' in side) return sum + ratio(side.ofColumn) * ownColumn;
        return sum + Number.parseFloat(side as string);
      },
      (count as number) * ownColumn + inside * ownGutter,
    );
  const isHeld = column !== 'auto';
  const at = (tried: number): { column: number; gutter: number } => {
    if (isHeld) return { column: Number.parseFloat(column as string), gutter: tried };
    const own =
      typeof gutter === 'object' && 'ofColumn' in gutter
        ? ratio(gutter.ofColumn) * tried
        : Number.parseFloat(gutter as string);
    return { column: tried, gutter: own };
  };
  let [low, high] = [-100_000, 100_000];
  for (let turn = 0; turn < 200; turn++) {
    const middle = (low + high) / 2;
    const { column: ownColumn, gutter: ownGutter } = at(middle);
    if (total(ownColumn, ownGutter) > width) high = middle;
    else low = middle;
  }
  return at(low);
}

test('whatever is a relation, the whole comes to the viewport, as a slow solver finds it', () => {
  const relation = fc.constantFrom({ ofGutter: '1' }, { ofGutter: '5/2' }, { ofColumn: '1' }, { ofColumn: '1/3' });
  const side = fc.oneof(relation, fc.integer({ min: 0, max: 90 }).map((amount) => `${amount}px`));
  const held = fc.oneof(
    fc.record({
      gutter: fc.oneof(fc.integer({ min: 0, max: 48 }).map((amount) => `${amount}px`), fc.constantFrom({ ofColumn: '1/4' }, { ofColumn: '2' })),
      column: fc.constant('auto' as const),
    }),
    fc.record({ gutter: fc.constant('auto' as const), column: fc.integer({ min: 1, max: 90 }).map((amount) => `${amount}px`) }),
  );
  fc.assert(
    fc.property(
      fc.tuple(side, relation), held, fc.integer({ min: 2, max: 24 }), fc.constantFrom('none', 'half'), fc.integer({ min: 240, max: 3000 }), fc.boolean(),
      ([start, end], own, count, outer, width, turned) => {
        const margin = turned ? { start, end } : { start: end, end: start };
        const columns = { ...breakpointOf({}).columns, ...own, margin, count, outer } as Columns;
        const found = columnsAt(specWith(breakpointOf(columns)), breakpointOf(columns), width);
        expect(found.excess.equals(0)).toBe(true);
        const slow = byBisection(columns, width);
        expect(Math.abs(found.column.valueOf() - slow.column)).toBeLessThan(1e-6);
        expect(Math.abs(found.gutter.valueOf() - slow.gutter)).toBeLessThan(1e-6);
      },
    ),
    { numRuns: 1000, seed: 27 },
  );
}); // prettier-ignore

test.each<[Partial<Columns>, 'column' | 'gutter' | 'margin' | 'container', string]>([
  [{ margin: gutters('1.5/2'), gutter: '24px' }, 'margin', 'margin = 1.5/2 × gutter = 1.5/2 × 24 = 18'],
  [{ margin: gutters('2'), gutter: '24px' }, 'column', 'column = (viewport − 15 × gutter) / 12 = (1440 − 15 × 24) / 12 = 90'],
  [{ margin: gutters('2'), gutter: '24px' }, 'margin', 'margin = 2 × gutter = 2 × 24 = 48'],
  [{ margin: columnsOf('1'), gutter: columnsOf('1/4') }, 'column', 'column = viewport / (14 + 11 × 1/4) = 1440 / (14 + 11 × 1/4) = 5760/67'],
  [{ margin: gutters('1'), column: '98px', gutter: 'auto' }, 'gutter', 'gutter = (viewport − 12 × column) / 13 = (1440 − 12 × 98) / 13 = 264/13'],
  [{ margin: { start: '40px', end: gutters('1') }, gutter: '20px' }, 'column', 'column = (viewport − 40 − 12 × gutter) / 12 = (1440 − 40 − 12 × 20) / 12 = 290/3'],
  [{ container: { share: '90%', upTo: '1232px' }, margin: 'auto' }, 'container', 'container = min(90 % of viewport, 1232) = min(90 / 100 × 1440, 1232) = 1232'],
])('%j: where the %s comes from', (held, quantity, line) => {
  const breakpoint = breakpointOf(held);
  expect(explanationLine(explain(specWith(breakpoint), breakpoint, quantity)!)).toBe(line);
}); // prettier-ignore

test('a margin of gutters is the same at every width', () => {
  const breakpoint = breakpointOf({ margin: gutters('2'), gutter: '2vw' });
  for (const width of [320, 1000, 1999]) {
    const { gutter, marginStart } = columnsAt(specWith(breakpoint), breakpoint, width);
    expect(marginStart.equals(gutter.mul(2))).toBe(true);
    expect(gutter.equals(px(width).div(50))).toBe(true);
  }
});
