import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anySpec } from '../any-spec';
import { columnsAt } from '../../core/columns/columns-at';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import { type GridCssOptions, gridCssWith } from '../../core/formats/grid-css/grid-css-options';
import { px } from '../../core/length/px';
import { breakpointAt } from '../../core/spec/ranges';
import { isSamePx } from '../../core/site/fit-columns';
import { readSite } from '../../core/site/read-site';
import type { SiteGrid } from '../../core/site/columns-in';

const ORIGIN = { version: '1.0.0', published: '2026-11-26', sha256: 'ab'.repeat(32) };

const rootsOf = (spec: { rootFontSize: number }) => ({ initial: px(16), otherwise: px(spec.rootFontSize) });

describe('the style sheet of a specification', () => {
  test('is read as its columns, at every width that is tried', () => {
    fc.assert(
      fc.property(
        anySpec,
        fc.array(fc.integer({ min: 320, max: 2600 }), { minLength: 3, maxLength: 3 }),
        (spec, widths) => {
          const { value } = readSite([gridCss(spec, ORIGIN)]);
          const system = value!.system;
          for (const width of widths) {
            const solved = columnsAt(spec, breakpointAt(spec, width), width);
            // where columns have no room, a browser does not draw what the sum says; as many columns of nothing as fit are no number
            if (!system || solved.column.compare(0) <= 0 || solved.undetermined || solved.count < 2) continue;
            const grid = value!.grids.at(system, width, rootsOf(spec));
            expect(grid).not.toHaveProperty('why');
            const { count, column, gutter, start } = grid as SiteGrid;
            expect([width, count]).toEqual([width, solved.count]);
            expect([width, column.valueOf(), isSamePx(column, solved.column)]).toEqual([width, column.valueOf(), true]);
            expect(isSamePx(gutter, solved.gutter)).toBe(true);
            expect(isSamePx(start, solved.marginStart.add(solved.inset))).toBe(true);
          }
        },
      ),
      { numRuns: process.env['YPSILINE_LONG'] ? 200 : 25 },
    );
  });
});

describe('grid.css with options', () => {
  const each: GridCssOptions[] = [
    { gutters: 'padding' },
    { gutters: 'shares' },
    { gutters: 'shares', media: 'min-max', prefix: 'tw', layer: 'grid' },
    { gutters: 'padding', media: 'min-max', prefix: 'tw' },
  ];

  test.each(each)('%j: the same columns at every width', (options) => {
    fc.assert(
      fc.property(anySpec, fc.integer({ min: 320, max: 2600 }), (spec, width) => {
        const { value } = readSite([gridCssWith(spec, ORIGIN, options).value!]);
        const solved = columnsAt(spec, breakpointAt(spec, width), width);
        const { count: said } = breakpointAt(spec, width).columns;
        const least = solved.marginStart.compare(solved.marginEnd) < 0 ? solved.marginStart : solved.marginEnd;
        // shares of a row have no count that follows; and a container that is wider than the screen is placed by its margins alone
        if (!value!.system || solved.column.compare(0) <= 0 || solved.undetermined || solved.count < 4) return;
        if (said === 'auto' || solved.overheld || least.compare(0) < 0) return;
        const grid = value!.grids.at(value!.system, width, rootsOf(spec));
        expect(grid).not.toHaveProperty('why');
        const { count, column, gutter, start } = grid as SiteGrid;
        expect([count, isSamePx(column, solved.column), isSamePx(gutter, solved.gutter)]).toEqual([
          solved.count,
          true,
          true,
        ]);
        expect(isSamePx(start, solved.marginStart.add(solved.inset))).toBe(true);
      }),
      { numRuns: process.env['YPSILINE_LONG'] ? 100 : 8 },
    );
  });
});

test('a thousand ranges are refused in a sentence', () => {
  const ranges = Array.from(
    { length: 1000 },
    (_, index) => `@media (min-width: ${index + 1}px) { .page { gap: ${index}px } }`,
  );
  const { problem } = readSite([`.page { display: grid; grid-template-columns: repeat(12, 1fr) } ${ranges.join(' ')}`]);
  expect(problem).toBe('.page changes at 1001 widths; at most 120 are checked. Use the style sheets of a single page.');
});
