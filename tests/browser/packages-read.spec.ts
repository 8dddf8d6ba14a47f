import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { LEAST_SURE } from '../../core/comparison/compared-system';
import { columnsAt } from '../../core/columns/columns-at';
import { readSite } from '../../core/site/read-site';
import { breakpointAt } from '../../core/spec/ranges';
import { styledSite } from '../reference/site-styles';
import { measuredColumns } from './site-page';

/**
 * Style sheets of open packages as they come from the registry (versions in package-lock.json), read, and drawn by Chromium at six widths: what is sure is
 * right, and the rest is said. Nothing is wrong without a word.
 */

// the long form (`YPSILINE_LONG=1`) takes all of them
const IS_LONG = Boolean(process.env['YPSILINE_LONG']);
const WIDTHS = IS_LONG ? [360, 600, 800, 1000, 1280, 1700] : [360, 800, 1700];

/** Read rightly, as its widths are drawn; the others are named as not sure, or as no grid. */
const RIGHT = [
  'bootstrap/dist/css/bootstrap.css',
  'bulma/css/bulma.css',
  'flexboxgrid/dist/flexboxgrid.css',
  'flexboxgrid2/flexboxgrid2.css',
  'foundation-sites/dist/css/foundation.css',
  'foundation-sites/dist/css/foundation-float.css',
  'govuk-frontend/dist/govuk/govuk-frontend.min.css',
  'materialize-css/dist/css/materialize.css',
  'mini.css/dist/mini-default.css',
  'purecss/build/grids.css',
];

const SAID = [
  '@clr/ui/clr-ui.css',
  '@primer/css/dist/primer.css',
  'chota/dist/chota.css',
  'gridlex/dist/gridlex.css',
  'gutenberg-css/dist/gutenberg.css',
  'milligram/dist/milligram.css',
  'papercss/dist/paper.css',
  'picnic/picnic.css',
  'purecss/build/grids-responsive.css',
  'semantic-ui-css/semantic.css',
  'simple-flexbox-grid/dist/grid.css',
  'skeleton-css/css/skeleton.css',
  'spectre.css/dist/spectre.css',
  'tachyons/css/tachyons.css',
  'wingcss/dist/wing.css',
];

const siteOf = (file: string) => {
  const css = readFileSync(`node_modules/${file}`, 'utf8');
  return { css, ...readSite([{ name: file, text: css }]).value! };
};

test('packages that are read as Chromium draws them', async ({ page }) => {
  test.setTimeout(600_000);
  for (const file of RIGHT) {
    const { css, grids, system } = siteOf(file);
    expect(system?.sure ?? 0, file).toBeGreaterThanOrEqual(LEAST_SURE);
    for (const width of WIDTHS) {
      const grid = grids.at(system!, width);
      if ('why' in grid) throw new Error(`${file} at ${width}: ${grid.why}`);
      expect(grids.doubtAt(system!, width), `${file} at ${width}`).toBeNull();
      const { count } = grid;
      const found = await measuredColumns(page, css, { grids, system: system!, width, count });
      // shares that no class has by itself (twelfths of quarters and thirds) cannot be drawn; their row is held by one of them
      if (!found) continue;
      const says = `${file} at ${width}`;
      expect(found.count, says).toBe(count);
      for (const key of ['column', 'start', 'end'] as const)
        expect(Math.abs(found[key] - grid[key].valueOf()), `${says}: ${key}`).toBeLessThanOrEqual(count / 64 + 0.05);
      if (count > 1)
        expect(Math.abs(found.gutter - grid.gutter.valueOf()), `${says}: gutter`).toBeLessThanOrEqual(3 / 64);
    }
  }
});

test('packages that are not sure are said so', () => {
  // the three largest sheets take as long as all others
  for (const file of SAID.filter((each) => IS_LONG || !/clr|primer|semantic/.test(each))) {
    const { system } = siteOf(file);
    expect(system === null || system.sure < LEAST_SURE, file).toBe(true);
    expect(system === null || system.doubts.length > 0, file).toBe(true);
  }
});

for (const build of ['utilities-3', 'utilities-4']) {
  // a build for this page, as the tool of that major version wrote it
  test(`${build}: utility classes are read with their page`, async ({ page }) => {
    const [css, html] = [`${build}.css`, 'page.html'].map((file) =>
      readFileSync(`tests/reference/kept/utilities/${file}`, 'utf8'),
    ) as [string, string];
    expect(readSite([css]).value?.system ?? null).toBeNull();
    const { grids, system } = readSite([{ name: build, text: css }], {}, { name: 'page.html', text: html }).value!;
    expect(system!.sure).toBeGreaterThanOrEqual(LEAST_SURE);
    for (const width of [360, 600, 800, 1000, 1280, 1700]) {
      const grid = grids.at(system!, width);
      if ('why' in grid) throw new Error(grid.why);
      await page.setViewportSize({ width, height: 700 });
      await page.setContent(`${html}<style>${css}</style><style>body { overflow-y: hidden !important }</style>`);
      const drawn = await page.evaluate(() => {
        const element = document.querySelector('.grid')!;
        const style = getComputedStyle(element);
        const tracks = style.gridTemplateColumns.split(' ').map(parseFloat);
        return { count: tracks.length, column: tracks[0]!, gutter: parseFloat(style.columnGap), start: element.getBoundingClientRect().left }; // prettier-ignore
      });
      expect({ ...drawn, column: 0 }, `at ${width}`).toEqual({
        count: grid.count,
        column: 0,
        gutter: grid.gutter.valueOf(),
        start: grid.start.valueOf(),
      });
      expect(Math.abs(drawn.column - grid.column.valueOf()), `at ${width}`).toBeLessThanOrEqual(1 / 32);
    }
  });
}

test('pages in styles drawn at random are what their specification says, in Chromium', async ({ page }) => {
  test.setTimeout(400_000);
  for (let seed = 1; seed <= (IS_LONG ? 24 : 10); seed++) {
    const { spec, css, style } = styledSite(seed, false);
    const { grids, system } = readSite([css]).value!;
    for (const width of [500, 900, 1700]) {
      const own = columnsAt(spec, breakpointAt(spec, width), width);
      const found = await measuredColumns(page, css, { grids, system: system!, width, count: own.count });
      const says = `${seed}, ${style}, ${width}`;
      expect(found?.count, says).toBe(own.count);
      expect(Math.abs(found!.start - own.marginStart.valueOf()), says).toBeLessThanOrEqual(0.1);
      expect(Math.abs(found!.end - (width - own.marginEnd.valueOf())), says).toBeLessThanOrEqual(own.count / 64 + 0.1);
      expect(Math.abs(found!.gutter - own.gutter.valueOf()), says).toBeLessThanOrEqual(0.1);
    }
  }
});
