import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { breakpointAt } from '../../core/spec/ranges';
import { bootstrapSpec } from '../reference/bootstrap';

// package bootstrap, its own dist/css/bootstrap-reboot.css and bootstrap-grid.css, drawn by Chromium
test('Bootstrap’s grid from 320 to 1920: each edge is where the core says', async ({ page }) => {
  test.slow();
  const spec = bootstrapSpec();
  const css = ['reboot', 'grid']
    .map((part) => readFileSync(`node_modules/bootstrap/dist/css/bootstrap-${part}.css`, 'utf8'))
    .join('\n');
  await page.setContent(
    `<!doctype html><style>body{margin:0}${css}</style><div class="container"><div class="row">${'<div class="col"><i style="display:block;height:1px"></i></div>'.repeat(12)}</div></div>`,
  );
  let worst = 0;
  for (let width = 320; width <= 1920; width += process.env.YPSILINE_LONG ? 7 : 29) {
    await page.setViewportSize({ width, height: 300 });
    const drawn = await page.$$eval('.col > i', (boxes) =>
      boxes.map((box) => [box.getBoundingClientRect().left, box.getBoundingClientRect().right]),
    );
    const exact = columnEdges(columnsAt(spec, breakpointAt(spec, width), width));
    expect(drawn).toHaveLength(exact.length);
    exact.forEach((edge, column) =>
      edge.forEach((side, place) => {
        // the browser cuts each flex item to 1/64 px by itself, up or down
        const off = Math.abs(drawn[column]![place]! - side.valueOf());
        worst = Math.max(worst, off);
      }),
    );
  }
  expect(worst).toBeLessThanOrEqual(2 / 64);
});
