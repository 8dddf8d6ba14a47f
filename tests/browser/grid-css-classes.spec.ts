import type { Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { columnsAt, spanWidth } from '../../core/columns/columns-at';
import { GUTTER_FORMS } from '../../core/formats/grid-css/container-css';
import { type GridCssOptions, gridCssWith } from '../../core/formats/grid-css/grid-css-options';
import type { Breakpoint, Spec } from '../../core/spec/schema';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** Classes of `grid.css` together on one element, in Chromium: what they come to does not hang on their order. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const spec = DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document)).find(
  ({ name }) => name === 'Passenger site',
)!;
const OPTIONS: GridCssOptions[] = GUTTER_FORMS.flatMap((gutters, index) => {
  const others = { gutters, media: 'min-max', prefix: 'tw', layer: 'grid' } as const;
  // names, layers and the syntax of ranges change nothing of the order: once beside each form is enough; `YPSILINE_LONG=1` takes all
  return process.env.YPSILINE_LONG ? [{ gutters }, others] : [index === 0 ? others : { gutters }];
});

const countOf = (breakpoint: Breakpoint): number => columnsAt(spec, breakpoint).count;
const most = Math.max(...spec.breakpoints.map(countOf));
const upTo = (last: number): number[] => Array.from({ length: last }, (_, index) => index + 1);

/** Where the items of a grid are drawn, without the padding in which some options have their gutters. */
async function drawn(
  page: Page,
  options: GridCssOptions,
  width: number,
  body: string,
): Promise<Map<string, [number, number]>> {
  await page.setViewportSize({ width, height: 600 });
  const css = gridCssWith(spec, ORIGIN, options).value!;
  const named = options.prefix
    ? body.replace(
        /class="([^"]*)"/g,
        (_, names: string) =>
          `class="${names
            .split(' ')
            .map((name) => `${options.prefix}-${name}`)
            .join(' ')}"`,
      )
    : body;
  await page.setContent(`<!doctype html><style>body{margin:0}${css}</style>${named}`);
  const places = await page.$$eval('[id]', (items) =>
    items.map((item) => {
      const { left, right } = item.getBoundingClientRect();
      const { paddingLeft, paddingRight } = getComputedStyle(item);
      return [item.id, [left + parseFloat(paddingLeft), right - parseFloat(paddingRight)]] as [
        string,
        [number, number],
      ];
    }),
  );
  return new Map(places);
}

const spanned = (at: Spec, breakpoint: Breakpoint, columns: number): number =>
  spanWidth(columnsAt(at, breakpoint), Math.min(columns, countOf(breakpoint))).valueOf();

for (const options of OPTIONS) {
  const { gutters } = options;
  const name = JSON.stringify(options);

  test(`${name}: of every pair, the class of the range is what counts`, async ({ page }) => {
    for (const breakpoint of spec.breakpoints) {
      const pairs = upTo(most).flatMap((plain) => upTo(most).map((own) => [plain, own] as const));
      const items = pairs.map(
        ([plain, own]) => `<i id="${plain}-${own}" class="span-${plain} span-${own}-${breakpoint.id}">&nbsp;</i>`,
      );
      const found = await drawn(page, options, breakpoint.reference.width, `<div class="grid">${items.join('')}</div>`);
      for (const [plain, own] of pairs) {
        const [from, to] = found.get(`${plain}-${own}`)!;
        const says = `span-${plain} span-${own}-${breakpoint.id}`;
        expect(Math.abs(to - from - spanned(spec, breakpoint, own)), says).toBeLessThan(0.1);
      }
    }
  });

  test(`${name}: a start of the range counts before one of all, beside any span`, async ({ page }) => {
    for (const breakpoint of spec.breakpoints) {
      const count = countOf(breakpoint);
      const { column, gutter, marginStart, inset } = columnsAt(spec, breakpoint);
      const pairs = upTo(count).flatMap((plain) => upTo(count).map((own) => [plain, own] as const));
      const rows = pairs.map(
        ([plain, own]) =>
          `<div class="grid"><i id="${plain}-${own}" class="start-${plain} start-${own}-${breakpoint.id} span-${most} span-1-${breakpoint.id}">&nbsp;</i></div>`,
      );
      const found = await drawn(page, options, breakpoint.reference.width, rows.join(''));
      for (const [plain, own] of pairs) {
        const begins = marginStart
          .add(inset)
          .add(column.add(gutter).mul(own - 1))
          .valueOf();
        const says = `start-${plain} start-${own}-${breakpoint.id}`;
        expect(Math.abs(found.get(`${plain}-${own}`)![0] - begins), says).toBeLessThan(0.1);
      }
    }
  });

  test(`${name}: a grid within the grid stands on its columns, by its class or as a container`, async ({ page }) => {
    for (const breakpoint of spec.breakpoints) {
      const count = countOf(breakpoint);
      const half = count / 2;
      const { column, gutter, marginStart, inset } = columnsAt(spec, breakpoint);
      const step = column.add(gutter);
      for (const inner of ['grid-inside', 'grid']) {
        const found = await drawn(
          page,
          options,
          breakpoint.reference.width,
          `<div class="grid"><p class="span-${half}">&nbsp;</p><div class="${inner} span-${half}"><i id="first" class="span-1">&nbsp;</i><i id="second" class="span-1">&nbsp;</i></div></div>`,
        );
        for (const [index, id] of ['first', 'second'].entries()) {
          const [from, to] = found.get(id)!;
          // shares are of the box that they stand in
          const share = step.mul(half).mul(index).div(count);
          const [begins, wide] =
            gutters === 'shares'
              ? [step.mul(half).add(share), step.mul(half).div(count).sub(gutter)]
              : [step.mul(half + index), column];
          const says = `${inner}, ${id} at ${breakpoint.id}`;
          expect(Math.abs(from - marginStart.add(inset).add(begins).valueOf()), says).toBeLessThan(0.1);
          expect(Math.abs(to - from - wide.valueOf()), says).toBeLessThan(0.1);
        }
      }
    }
  });

  test(`${name}: custom properties come to the same inside what stands in the grid`, async ({ page }) => {
    const before = options.prefix ? `--${options.prefix}-` : '--';
    for (const breakpoint of spec.breakpoints) {
      const solved = columnsAt(spec, breakpoint);
      const names = {
        column: solved.column,
        container: solved.container,
        'margin-start': solved.marginStart,
        gutter: solved.gutter,
      };
      const boxes = Object.keys(names).map(
        (property) => `<b id="${property}" style="display:block;inline-size:var(${before}grid-${property})">&nbsp;</b>`,
      );
      const found = await drawn(
        page,
        options,
        breakpoint.reference.width,
        `<div class="grid"><div class="span-1"><section>${boxes.join('')}</section></div></div>`,
      );
      for (const [property, length] of Object.entries(names)) {
        const [from, to] = found.get(property)!;
        expect(Math.abs(to - from - length.valueOf()), `${property} at ${breakpoint.id}`).toBeLessThan(0.1);
      }
    }
  });
}
