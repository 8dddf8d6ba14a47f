import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { numeral } from '../length/present';
import { exactText, px } from '../length/px';
import type { Breakpoint, Rows } from '../spec/schema';
import { breakpointOf, dividedRows, specWith } from '../spec/testing';
import { inRows, rowLine, rowSum } from './row-sum';
import { rowEdges, rowsAt } from './rows-at';

const bands: Rows = { rule: 'repeat', height: '8px', gap: '8px', offset: '0px' };
const divided = dividedRows();

function withRows(rows: Rows, step = '4px', offset = '0px'): Breakpoint {
  return { ...breakpointOf({}, 1440, { height: 1024 }), rows, baseline: { step, offset } };
}

function sumAt(rows: Rows, page: number, step?: string, offset?: string) {
  const breakpoint = withRows(rows, step, offset);
  return rowSum(rowsAt(specWith(breakpoint), breakpoint, page)!, px(page));
}

describe('how many rows fit, and what is left over', () => {
  // common practice, no source: bands of 8 with gaps of 8; 20 and 5; six rows with gaps of 20 in one screen
  test.each<[string, Rows, number, string]>([
    ['bands of 8 and 8', bands, 844, '0 + 53 × 8 + 52 × 8 + 4 left = 844'],
    ['the last gap is cut', bands, 840, '0 + 53 × 8 + 52 × 8 = 840'],
    ['bands of 20 and 5', { ...bands, height: '20px', gap: '5px' }, 844, '0 + 33 × 20 + 32 × 5 + 24 left = 844'],
    ['from 24 below the top', { ...bands, offset: '24px' }, 100, '24 + 5 × 8 + 4 × 8 + 4 left = 100'],
    ['a page lower than a band', bands, 5, '0 + 5 left = 5'],
    ['a page that ends above the first band', { ...bands, offset: '24px' }, 10, '24 = 24, not 10'],
    ['without gaps', { ...bands, gap: '0px' }, 844, '0 + 105 × 8 + 104 × 0 + 4 left = 844'],
    ['six in 1024', divided, 1024, '20 + 6 × 147⅓ + 5 × 20 + 20 = 1024'],
    ['held at the greatest height', divided, 1400, '20 + 6 × 176⅔ + 5 × 20 + 20 + 200 left = 1400'],
    ['held at the least height', divided, 500, '20 + 6 × 76⅔ + 5 × 20 + 20 = 600, not 500'],
    ['one divided row', { ...divided, count: 1 }, 1000, '20 + 1 × 960 + 20 = 1000'],
  ])('%s', (_, rows, page, line) => {
    expect(rowLine(sumAt(rows, page), numeral)).toBe(line);
  });

  test('n fields of modules need n·lines + (n−1)·between lines', () => {
    const { whole, left } = sumAt({ rule: 'modules', lines: 6, between: 1 }, 1024, '24px');
    expect(whole).toBe(6); // 6·6 + 5·1 = 41 lines of 24 = 984
    expect(exactText(left)).toBe('40');
  });
});

test('bands from the top cover any height: the one after the last begins at or below the foot', () => {
  const length = fc.integer({ min: 0, max: 4000 }).map((quarters) => quarters / 4);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 400 }),
      length,
      length,
      fc.integer({ min: 1, max: 6000 }),
      (height, gap, offset, page) => {
        const rows: Rows = { rule: 'repeat', height: `${height}px`, gap: `${gap}px`, offset: `${offset}px` };
        const breakpoint = withRows(rows);
        const solved = rowsAt(specWith(breakpoint), breakpoint, page)!;
        const edges = rowEdges(solved);
        const next = px(offset).add(px(height).add(px(gap)).mul(solved.count));
        expect(next.compare(page)).toBeGreaterThanOrEqual(0);
        if (edges.length > 0) expect(edges.at(-1)![0].compare(page)).toBeLessThan(0);
        const { whole, left } = rowSum(solved, px(page));
        expect(solved.count - whole).toBeLessThanOrEqual(1);
        if (whole > 0) expect(left.compare(0)).toBeGreaterThanOrEqual(0);
      },
    ),
    { numRuns: 300 },
  );
});

test('divided rows with their gaps and margins always add up to the height they share', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 0, max: 60 }),
      fc.integer({ min: 1, max: 3000 }),
      (count, gap, page) => {
        const sum = sumAt({ ...divided, count, gap: `${gap}px` }, page);
        const total = sum.top
          .add(sum.height.mul(count))
          .add(px(gap).mul(count - 1))
          .add(sum.bottom);
        expect(exactText(total)).toBe(String(Math.max(600, Math.min(1200, page))));
      },
    ),
  );
});

describe('a distance in rows and gaps', () => {
  test.each<[number, number, number, string]>([
    [24, 2, 1, '0'],
    [16, 1, 1, '0'],
    [8, 1, 0, '0'],
    [0, 0, 0, '0'],
    [20, 1, 1, '4'],
    [30, 2, 1, '6'],
  ])('%i px of 8 and 8', (distance, rows, gaps, rest) => {
    const counted = inRows(px(distance), { height: px(8), gap: px(8) });
    expect({ ...counted, rest: exactText(counted.rest) }).toEqual({ rows, gaps, rest });
  });

  test('a gap alone is a gap', () => {
    expect(inRows(px(5), { height: px(20), gap: px(5) })).toMatchObject({ rows: 0, gaps: 1 });
  });

  test('rows, gaps and rest always come to the distance', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 4000 }),
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 0, max: 90 }),
        (distance, height, gap) => {
          const { rows, gaps, rest } = inRows(px(distance), { height: px(height), gap: px(gap) });
          expect(px(height).mul(rows).add(px(gap).mul(gaps)).add(rest).equals(distance)).toBe(true);
          expect(rest.compare(0)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
