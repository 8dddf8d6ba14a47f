import { readFileSync } from 'node:fs';
import { breakpoints as carbonBreakpoints } from '@carbon/layout';
import { describe, expect, test } from 'vitest';
import { countsShareDivisor } from '../../core/checks/rules/counts-share-divisor';
import { reports } from '../../core/checks/testing';
import { columnsAt, spanWidth } from '../../core/columns/columns-at';
import { spansOf } from '../../core/columns/spans';
import { fluidColumns, newBreakpoint, newSpec } from '../../core/document/defaults';
import { breakpointAt, rangeText } from '../../core/spec/ranges';
import type { Columns } from '../../core/spec/schema';
import { breakpointOf, solvedColumns, specWith } from '../../core/spec/testing';
import { pixels, sassValues } from './sass-values';

const REM = 16;
const inPx = (length: string): number => Number.parseFloat(length) * (length.endsWith('rem') ? REM : 1);

// package foundation-sites, scss/settings/_settings.scss
describe('foundation-sites', () => {
  const values = sassValues(
    "@import 'foundation-sites/scss/util/util';\n@import 'foundation-sites/scss/settings/settings';",
    {
      width: '$grid-row-width',
      columns: '$grid-column-count',
      small: 'map.get($grid-column-gutter, small)',
      medium: 'map.get($grid-column-gutter, medium)',
    },
  );
  const row = inPx(values.width!);
  const count = Number(values.columns);

  test('its settings are the ones that are known', () =>
    expect([row, count, values.small, values.medium]).toEqual([1200, 12, '20px', '30px']));

  // its columns are shares of the row with half a gutter of padding on each side
  test.each(['small', 'medium'])('%s: a span of k is k twelfths of the row less one gutter', (size) => {
    const gutter = pixels(values[size]);
    const columns = solvedColumns(1440, {
      margin: 'auto',
      container: `${row}px`,
      count,
      gutter: `${gutter}px`,
      outer: 'half',
    });
    for (let span = 1; span <= count; span++)
      expect(spanWidth(columns, span).valueOf()).toBeCloseTo((row * span) / count - gutter, 9);
  });
});

// package @carbon/layout, its JavaScript exports
describe('@carbon/layout', () => {
  const ranges = Object.entries(carbonBreakpoints).map(([id, { width, columns, margin }]) => ({
    id,
    from: inPx(width),
    columns,
    margin: inPx(margin),
  }));
  const spec = newSpec(
    'Carbon',
    ranges.map(({ id, from, columns, margin }, index) =>
      newBreakpoint(
        { id, name: id, from: index === 0 ? 0 : from, width: from, height: 900 },
        fluidColumns(columns, '2rem', `${margin}px`),
      ),
    ),
  );

  test('its numbers are the ones that are known', () => {
    expect(ranges.map(({ from, columns }) => [from, columns])).toEqual([
      [320, 4],
      [672, 8],
      [1056, 16],
      [1312, 16],
      [1584, 16],
    ]);
  });
  test('the ranges are those of the package, and its counts share a divisor', () => {
    expect(spec.breakpoints.map((breakpoint) => rangeText(spec, breakpoint))).toEqual([
      '0–671',
      '672–1055',
      '1056–1311',
      '1312–1583',
      '1584 and up',
    ]);
    expect(reports(countsShareDivisor, spec)).toEqual([]);
  });
  test.each(ranges)('$id: its columns and margins fill the range from its start', ({ id, from, columns, margin }) => {
    const solved = columnsAt(
      spec,
      spec.breakpoints.find((breakpoint) => breakpoint.id === id)!,
      from,
    );
    expect(
      solved.column
        .mul(columns)
        .add(solved.gutter.mul(columns - 1))
        .valueOf(),
    ).toBe(from - 2 * margin);
  });
});

// package @material/layout-grid, _variables.scss, and the widths of cells in its own dist/mdc.layout-grid.css
describe('@material/layout-grid', () => {
  const sizes = ['phone', 'tablet', 'desktop'] as const;
  const named = (map: string) =>
    Object.fromEntries(sizes.map((size) => [`${map}-${size}`, `map.get(grid.$${map}, ${size})`]));
  const values = sassValues("@use '@material/layout-grid/variables' as grid;", {
    ...named('breakpoints'),
    ...named('columns'),
    ...named('default-margin'),
    ...named('default-gutter'),
  });
  const spec = newSpec(
    'Layout grid',
    sizes.map((size) =>
      newBreakpoint(
        {
          id: size,
          name: size,
          from: inPx(values[`breakpoints-${size}`]!),
          width: inPx(values[`breakpoints-${size}`]!) || 360,
          height: 900,
        },
        fluidColumns(
          Number(values[`columns-${size}`]),
          values[`default-gutter-${size}`]!,
          values[`default-margin-${size}`]!,
        ),
      ),
    ),
  );
  const css = readFileSync('node_modules/@material/layout-grid/dist/mdc.layout-grid.css', 'utf8');

  test('its numbers are the ones that are known', () => {
    expect(spec.breakpoints.map(({ from, columns }) => [from, columns.count, columns.margin, columns.gutter])).toEqual([
      [0, 4, '16px', '16px'],
      [600, 8, '16px', '16px'],
      [840, 12, '24px', '24px'],
    ]);
  });

  test.each([
    [360, 'phone'],
    [411, 'phone'],
    [700, 'tablet'],
    [1280, 'desktop'],
    [1366, 'desktop'],
  ] as const)('at %i (%s) every cell is as wide as its own rule says', (width, size) => {
    const solved = columnsAt(spec, breakpointAt(spec, width), width);
    const inner = solved.container.add(solved.gutter).valueOf();
    for (let span = 1; span <= solved.count; span++) {
      const rule = new RegExp(
        `\\.mdc-layout-grid__cell--span-${span}-${size} \\{\\s*width: calc\\(([\\d.]+)% - ([\\d.]+)px\\)`,
      ).exec(css);
      expect(rule, `span ${span}`).not.toBeNull();
      expect(spanWidth(solved, span).valueOf()).toBeCloseTo((inner * Number(rule![1])) / 100 - Number(rule![2]), 4);
    }
  });
});

// package purecss, build/grids.css: units in 24ths
test('purecss: its percentages are the shares of 24 columns without gutters', () => {
  const css = readFileSync('node_modules/purecss/build/grids.css', 'utf8');
  const spans = spansOf(solvedColumns(1200, { count: 24 }));
  for (let span = 1; span <= 24; span++) {
    const share = new RegExp(`\\.pure-u-${span}-24\\b[^{}]*\\{\\s*width: ([\\d.]+)%`).exec(css);
    expect(share, `${span}/24`).not.toBeNull();
    expect(spans[span - 1]!.ofContainer.valueOf() * 100).toBeCloseTo(Number(share![1]), 3);
  }
});

// package bulma, css/bulma.css: twelfths with a gap of 0.75rem inside each column on both sides
test('bulma: a column is k twelfths less its gaps', () => {
  const css = readFileSync('node_modules/bulma/css/bulma.css', 'utf8');
  const gap = inPx(/--bulma-column-gap: ([\d.]+rem)/.exec(css)![1]!);
  expect(gap).toBe(12);
  const grid: Partial<Columns> = { margin: 'auto', container: '960px', gutter: `${gap * 2}px`, outer: 'half' };
  const breakpoint = breakpointOf(grid, 1024);
  const solved = columnsAt(specWith(breakpoint), breakpoint);
  for (let span = 1; span <= 12; span++) {
    const share = new RegExp(`\\.column\\.is-${span}, \\.column\\.is-${span}-tablet \\{[^}]*width: ([\\d.]+)%`).exec(
      css,
    );
    expect(share, `is-${span}`).not.toBeNull();
    expect(spanWidth(solved, span).valueOf()).toBeCloseTo((960 * Number(share![1])) / 100 - gap * 2, 4);
  }
});
