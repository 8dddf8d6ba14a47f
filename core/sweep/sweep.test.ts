import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { columnEdges, columnsAt } from '../columns/columns-at';
import { breakpointAt } from '../spec/ranges';
import type { Columns, Spec } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { evenPieces } from './pieces';
import { columnIsWhole, edgesAreWhole, RATIOS, sweepWidths, sweptRanges } from './sweep';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const capped = breakpointOf({ margin: '48px', container: { upTo: '1536px' }, gutter: '32px' }, 1920, {
  id: 'wide',
  from: 1200,
});

test('a phone grid is whole at every 4th width', () => {
  const sweep = sweepWidths(specWith(phone), 320, 400);
  const whole = Array.from({ length: 81 }, (_, index) => index + 320).filter((_, index) => columnIsWhole(sweep, index));
  expect(whole).toEqual(Array.from({ length: 21 }, (_, index) => 320 + index * 4));
});

test('half pixels are whole on a screen of two device pixels to one', () => {
  const sweep = sweepWidths(specWith(phone), 390, 390);
  expect(RATIOS.filter((_, ratio) => columnIsWhole(sweep, 0, ratio)).map(({ name }) => name)).toEqual(['2×']);
});

test('a capped container makes two pieces', () => {
  expect(evenPieces(specWith(phone, capped), capped, 1200, 1920).map(({ from, to }) => [from, to])).toEqual([
    [1200, 1632],
    [1633, 1920],
  ]);
});

test('a growing margin makes three', () => {
  const growing = breakpointOf({ margin: { between: ['16px', '48px'], over: [600, 1440] } });
  expect(evenPieces(specWith(growing), growing, 240, 3840).map(({ from, to }) => [from, to])).toEqual([
    [240, 600],
    [601, 1440],
    [1441, 3840],
  ]);
});

test('each width belongs to the breakpoint that applies there', () => {
  expect(sweptRanges(specWith(phone, capped), 240, 3840).map(({ place, from, to }) => [place, from, to])).toEqual([
    [0, 240, 1199],
    [1, 1200, 3840],
  ]);
});

/** Every kind of columns, also those that are rounded or counted. */
const length = (most: number) => fc.integer({ min: 0, max: most * 4 }).map((quarters) => `${quarters / 4}px`);
const growing = fc.record({
  between: fc.tuple(length(40), length(90)),
  over: fc.tuple(fc.integer({ min: 200, max: 900 }), fc.integer({ min: 901, max: 2000 })),
});
const anyColumns: fc.Arbitrary<Columns> = fc.record({
  count: fc.oneof({ weight: 4, arbitrary: fc.integer({ min: 1, max: 24 }) }, fc.constant('auto' as const)),
  gutter: fc.oneof(
    length(60),
    growing,
    fc.constantFrom('2vw', '1.5rem', 'auto', { ofColumn: '1/4' }, { ofColumn: '2/3' }),
  ),
  margin: fc.oneof(
    length(120),
    growing,
    fc.constantFrom('auto', '5%', '2vw'),
    fc.record({ start: length(99), end: fc.oneof(length(99), fc.constant('auto' as const)) }),
  ),
  container: fc.oneof(
    length(1600),
    growing,
    length(1600).map((upTo) => ({ upTo })),
    fc.constantFrom('fill', 'auto', { share: '90%' }, { share: '66.5%' }),
  ),
  column: fc.oneof({ weight: 3, arbitrary: fc.constant('auto' as const) }, length(100)),
  outer: fc.constantFrom('none', 'half'),
  align: fc.constantFrom('start', 'centre', 'end'),
  whole: fc.constantFrom('no', 'margins', 'container'),
}) as fc.Arbitrary<Columns>;

/** What fraction.js says of one width. */
function exactly(spec: Spec, width: number) {
  const solved = columnsAt(spec, breakpointAt(spec, width), width);
  const isWhole = (ratio: (typeof RATIOS)[number], lengths: (typeof solved.column)[]) =>
    lengths.every((length) => length.mul(ratio.p).div(ratio.q).d === 1n);
  return {
    count: solved.count,
    lengths: [solved.column, solved.gutter, solved.inset, solved.marginStart, solved.marginEnd, solved.container].map(
      (length) => length.valueOf(),
    ),
    column: RATIOS.map((ratio) => isWhole(ratio, [solved.column])),
    edges: RATIOS.map((ratio) => isWhole(ratio, columnEdges(solved).flat())),
  };
}

describe('integers and fractions say the same', () => {
  test('at every width, for every kind of columns', () => {
    fc.assert(
      fc.property(anyColumns, fc.integer({ min: 1, max: 3840 }), (columns, start) => {
        const spec = specWith(breakpointOf(columns));
        const sweep = sweepWidths(spec, start, start + 12);
        for (let index = 0; index <= 12; index += 4) {
          const exact = exactly(spec, start + index);
          expect(sweep.count[index]).toBe(exact.count);
          [sweep.column, sweep.gutter, sweep.inset, sweep.marginStart, sweep.marginEnd, sweep.container].forEach(
            (part, place) => expect(part[index]).toBeCloseTo(exact.lengths[place]!, 8),
          );
          expect(RATIOS.map((_, ratio) => columnIsWhole(sweep, index, ratio))).toEqual(exact.column);
          expect(RATIOS.map((_, ratio) => edgesAreWhole(sweep, index, ratio))).toEqual(exact.edges);
        }
      }),
      { numRuns: 600 },
    );
  });
});
