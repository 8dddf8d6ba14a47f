import { expect, test } from '@playwright/test';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { px } from '../../core/length/px';
import { breakpointAt } from '../../core/spec/ranges';
import { demo, drawn, openSite, panel, withScript } from './overlay-page';

test('over the container in which the grid stands, as wide as that is, and over the next', async ({ page }) => {
  const crew = demo.find(({ measure }) => measure === 'container')!;
  const html =
    '<!DOCTYPE html><title>Panes</title><link rel="stylesheet" href="/layout.css"><body><nav>Boats</nav><main><div class="grid-region"><p>One</p></div><div class="grid-region" id="side"><p>Two</p></div></main></body>';
  const css =
    'body { margin: 0; display: flex; } nav { width: 137px; } main { flex: 1; } .grid-region { container: grid-region / inline-size; height: 300px; } #side { margin-inline-start: 40%; }';
  await openSite(page, crew, withScript(html), css);
  const over = async (index: number): Promise<void> => {
    const box = (await page.locator('.grid-region').nth(index).boundingBox())!;
    const width = Math.round(box.width * 64) / 64;
    const edges = columnEdges(columnsAt(crew, breakpointAt(crew, width), px(String(width))));
    const own = await drawn(page);
    expect(own).toHaveLength(edges.length);
    own.forEach(([left, right], column) => {
      expect(left - box.x).toBeCloseTo(edges[column]![0].valueOf(), 1);
      expect(right - box.x).toBeCloseTo(edges[column]![1].valueOf(), 1);
    });
  };
  for (const width of [1280, 900, 500]) {
    await page.setViewportSize({ width, height: 800 });
    await expect(async () => over(0)).toPass();
    await page.keyboard.press('n');
    await expect(async () => over(1)).toPass();
    await page.keyboard.press('n');
  }
  await page.keyboard.press('o');
  // the text begins at the container's own edge, as its ground does
  await expect(panel(page).getByRole('status')).toHaveText('Every edge is on the grid.');
});

test('without such a container it says so, and lies over the page', async ({ page }) => {
  const crew = demo.find(({ measure }) => measure === 'container')!;
  await openSite(page, crew, withScript('<!DOCTYPE html><title>None</title><body><p>Text</p></body>'), '');
  await expect(panel(page)).toContainText('this page has no .grid-region');
});
