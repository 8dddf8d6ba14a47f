import { readFileSync } from 'node:fs';
import { fluidColumns, newBreakpoint, newSpec } from '../../core/document/defaults';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { layoutHtml } from '../../core/formats/layout/layout-html';
import { overlayJs } from '../../core/formats/overlay/overlay-js';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { guidesAt } from '../../core/overlay/guides';
import { meshAt } from '../../core/overlay/mesh';
import { breakpointAt } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import { readScreensText } from '../../core/survey/read-screens';
import { expect, type Page, test } from '@playwright/test';
import { randomOf } from './model/random';
import { demo, drawn, listed, openSite, ORIGIN, panel, withScript } from './overlay-page';

/** The overlay on running pages, under a policy that lets nothing run and nothing look but what comes from the page’s own origin. */

const passenger = demo.find(({ name, layouts }) => name === 'Passenger site' && layouts.length > 0)!;

async function drawsTheCore(page: Page, spec: Spec, width: number): Promise<void> {
  const edges = columnEdges(columnsAt(spec, breakpointAt(spec, width), width));
  const own = await drawn(page);
  expect(own).toHaveLength(edges.length);
  own.forEach(([left, right], index) => {
    expect(left).toBeCloseTo(edges[index]![0].valueOf(), 1);
    expect(right).toBeCloseTo(edges[index]![1].valueOf(), 1);
  });
}

test('on the page of a trial layout: the grid of each range, and every block found on its columns', async ({
  page,
}) => {
  const html = withScript(layoutHtml(passenger, passenger.layouts.slice(0, 1)));
  await openSite(page, passenger, html, layoutCss(passenger, ORIGIN));
  for (const width of [1512, 820, 412]) {
    await page.setViewportSize({ width, height: 800 });
    await expect(panel(page)).toContainText(breakpointAt(passenger, width).name);
    await expect(async () => drawsTheCore(page, passenger, width)).toPass();
    await page.keyboard.press('o');
    await expect(panel(page).getByRole('status')).toHaveText(
      /Front page: \d+ blocks found, 0 of them not on their columns\.$/,
    );
  }
});

// package bootstrap: containers and gutters of its published style sheet, from 1400 px on
test('on a page with the grid of bootstrap', async ({ page }) => {
  const columns = {
    ...fluidColumns(12, '24px', '0px'),
    container: '1320px',
    margin: 'auto' as const,
    outer: 'half' as const,
  };
  const spec = newSpec('Bootstrap', [
    newBreakpoint({ id: 'wide', name: 'Wide', from: 0, width: 1440, height: 900 }, columns),
  ]);
  const row = (...spans: number[]) =>
    `<div class="row">${spans.map((span) => `<div class="col-${span}"><p>${span}</p></div>`).join('')}</div>`;
  const html = `<!DOCTYPE html><title>Rows</title><link rel="stylesheet" href="/layout.css"><body><div class="container">${row(6, 6)}${row(3, 9)}${row(4, 4, 4)}${row(1, 2, 3, 6)}</div><script src="/overlay.js"></script></body>`;
  await page.setViewportSize({ width: 1440, height: 900 });
  await openSite(page, spec, html, readFileSync('node_modules/bootstrap/dist/css/bootstrap.css', 'utf8'));
  await drawsTheCore(page, spec, 1440);
  await page.keyboard.press('o');
  await expect(panel(page).getByRole('status')).toHaveText('Every edge is on the grid.');
});

/** Blocks on spans, of which twenty were moved, each by another amount: to the start, to the end, or made too wide. */
function planted(spec: Spec, width: number) {
  const random = randomOf(20);
  const edges = columnEdges(columnsAt(spec, breakpointAt(spec, width), width)).map(
    ([from, to]) => [from.valueOf(), to.valueOf()] as const,
  );
  const faults: { name: string; side: string; by: number }[] = [];
  const rules: string[] = [];
  const blocks = Array.from({ length: 60 }, (_, index) => {
    const from = random.whole(0, edges.length - 1);
    const to = random.whole(from, edges.length - 1);
    let [left, right] = [edges[from]![0], edges[to]![1]];
    if (index % 3 === 0) {
      const by = (random.whole(1, 11) - 6 || 3) + 0.25;
      if (random.whole(0, 1) === 0) {
        left += by;
        faults.push({ name: `#b${index}`, side: 'start', by });
      } else {
        right += by;
        faults.push({ name: `#b${index}`, side: 'end', by });
      }
    }
    rules.push(
      `#b${index} { position: absolute; left: ${left}px; width: ${right - left}px; top: ${index * 40}px; height: 24px; background: #cde; }`,
    );
    return `<div id="b${index}"><em>inside</em></div>`;
  });
  return {
    faults,
    css: `body { margin: 0; } main { position: relative; height: 2400px; background: #fff; } ${rules.join('\n')}`,
    html: `<!DOCTYPE html><title>Faults</title><link rel="stylesheet" href="/layout.css"><body><main>${blocks.join('')}<p id="note"><input aria-label="Own field"></p></main><script src="/overlay.js"></script></body>`,
  };
}

for (const scale of [1, 1.5, 2]) {
  test.describe(`zoomed ${scale} times`, () => {
    test.use({
      deviceScaleFactor: scale,
      viewport: { width: Math.round(1512 / scale), height: Math.round(900 / scale) },
    });

    test('finds exactly the twenty faults that were planted, by the amounts that are measured', async ({ page }) => {
      const width = Math.round(1512 / scale);
      const { faults, css, html } = planted(passenger, width);
      await openSite(page, passenger, html.replace(/<p id="note">.*?<\/p>/, ''), css);
      await page.keyboard.press('o');
      const found = (await listed(page)).map((text) => {
        const [, name, side, by] = /^(.+): (start|end) ([+−][\d.]+) px$/.exec(text)!;
        return { name: name!, side: side!, by: Number(by!.replace('−', '-')) };
      });
      expect(found.map(({ name, side }) => [name, side])).toEqual(faults.map(({ name, side }) => [name, side]));
      found.forEach(({ by }, index) => expect(Math.abs(by - faults[index]!.by)).toBeLessThanOrEqual(1 / 32));
    });
  });
}

test('keys, distances, the report, and nothing left behind', async ({ page }) => {
  await page.setViewportSize({ width: 1512, height: 900 });
  const { css, html } = planted(passenger, 1512);
  await openSite(page, passenger, html.replace('<script src="/overlay.js"></script>', ''), css);
  const before = await page.evaluate(() => document.documentElement.outerHTML);
  const run = () => page.evaluate(overlayJs(passenger, ORIGIN));
  await run();
  const isOn = (name: string) => panel(page).getByRole('button', { name }).getAttribute('aria-pressed');
  expect([await isOn('Columns'), await isOn('Rows'), await isOn('Baseline')]).toEqual(['true', 'false', 'false']);
  await page.keyboard.press('r');
  await page.keyboard.press('b');
  await page.keyboard.press('c');
  expect([await isOn('Columns'), await isOn('Rows'), await isOn('Baseline')]).toEqual(['false', 'true', 'true']);

  // the page's own field keeps its keys
  await page.getByLabel('Own field').focus();
  await page.keyboard.type('crbdoj');
  await expect(page.getByLabel('Own field')).toHaveValue('crbdoj');
  expect(await isOn('Rows')).toBe('true');
  await page.getByLabel('Own field').fill('');
  await page.getByLabel('Own field').blur();

  await page.keyboard.press('d');
  const middle = async (id: string) => {
    const { x, y, width, height } = (await page.locator(id).boundingBox())!;
    return [x + width / 2, y + height / 2] as const;
  };
  await page.mouse.click(...(await middle('#b1')));
  await expect(panel(page).getByRole('status')).toHaveText('Now click the second element.');
  await page.mouse.click(...(await middle('#b4')));
  // 120 px from top to top, less the 24 that the first is high; six divided rows share 900 px: 127⅓ and 20
  await expect(panel(page).getByRole('status')).toContainText('96 px down, 0.65 rows');
  await page.keyboard.press('Escape');

  await page.keyboard.press('j');
  // a page without TLS has no clipboard
  await expect(panel(page).getByRole('status')).toHaveText(
    'This page doesn’t allow copying. Select the report and copy it yourself.',
  );
  const report = await panel(page).locator('textarea').inputValue();
  expect((JSON.parse(report) as { off: unknown[] }).off.length).toBeGreaterThanOrEqual(20);
  const { value: screens, problem } = readScreensText(report);
  expect(problem).toBeUndefined();
  expect(screens![0]!.width).toBe(1512);
  expect(screens![0]!.boxes.length).toBeGreaterThanOrEqual(60);

  await panel(page).getByRole('button', { name: 'Close' }).click();
  await expect(panel(page)).toHaveCount(0);
  expect(await page.evaluate(() => document.documentElement.outerHTML)).toBe(before);
  // once more, and ended by running it a second time, as a bookmark does
  await run();
  await expect(panel(page)).toHaveCount(1);
  await run();
  await expect(panel(page)).toHaveCount(0);
  expect(await page.evaluate(() => document.documentElement.outerHTML)).toBe(before);
});

test('beside panels and under a bar: columns, guides and the mesh stand where the core has them', async ({ page }) => {
  const base = newBreakpoint(
    { id: 'screen', name: 'Screen', from: 0, width: 1200, height: 800 },
    fluidColumns(6, '20px', '5%'),
  );
  const guides = [
    { name: 'fold', axis: 'y' as const, at: '400px', from: 'start' as const },
    { name: 'rail', axis: 'x' as const, at: '25%', from: 'end' as const },
  ];
  const spec: Spec = { ...newSpec('Framed', [{ ...base, frame: { start: '120px', end: '4%', top: '50px' }, guides }]), mesh: { square: '10px', strong: 4 } }; // prettier-ignore
  await openSite(
    page,
    spec,
    withScript('<!doctype html><html lang="en"><title>x</title><body><p>x</p></body></html>'),
    '',
  );
  for (const width of [1200, 777]) {
    await page.setViewportSize({ width, height: 800 });
    await expect(panel(page)).toContainText(`= ${width}`);
    await drawsTheCore(page, spec, width);
    await page.keyboard.press('m');
    const at = (of: string) =>
      page.evaluate(
        (selector) =>
          [...document.querySelector('ypsiline-overlay')!.shadowRoot!.querySelectorAll(selector)].map((element) => {
            const { left, top } = element.getBoundingClientRect();
            return [left, top];
          }),
        of,
      );
    const [breakpoint] = spec.breakpoints;
    const mesh = meshAt(spec, breakpoint!, width);
    const [[left, top]] = (await at('.mesh i')) as [[number, number]];
    expect(left).toBeCloseTo(mesh.x.valueOf(), 1);
    expect(top).toBeCloseTo(mesh.y.valueOf(), 1);
    const lines = guidesAt(spec, breakpoint!, width, 800).map(({ at: place }) => place.valueOf());
    const drawnLines = await at('.guides i');
    expect(drawnLines[0]![1]).toBeCloseTo(lines[0]!, 1);
    expect(drawnLines[1]![0]).toBeCloseTo(lines[1]!, 1);
    await page.keyboard.press('m');
  }
});
