import { expect, test } from '@playwright/test';
import { findGrids } from '../../core/survey/find-grids';
import type { Box } from '../../core/survey/screens';
import { PACKAGES, WIDTHS } from './framework-pages';

for (const { name, css, rows, around, row, cell, truth } of PACKAGES) {
  test(`the published grid of ${name} is found at six widths`, async ({ page }) => {
    // a package that stacks its columns on narrow screens has no grid there
    for (const width of name === 'govuk-frontend' ? WIDTHS.slice(1) : WIDTHS) {
      const content = '<div data-content style="height:90px;margin-bottom:30px"></div>';
      const html = rows(width)
        .map((spans) => row(spans.map((span) => cell(span, content)).join('')))
        .join('');
      await page.setViewportSize({ width, height: 800 });
      await page.setContent(
        `<!doctype html><style>${css} body{margin:0} html{scrollbar-width:none}</style>${around(html)}`,
      );
      const boxes = await page.$$eval('[data-content]', (all) =>
        all.map((each, index): Box => {
          const { x, y, width: wide, height } = each.getBoundingClientRect();
          return { x, y, width: wide, height, name: String(index) };
        }),
      );
      const [found] = findGrids([{ name, width, height: 4000, boxes }]);
      const meant = truth(width);
      const says = `${name} at ${width}: ${JSON.stringify(found)}`;
      expect(found, says).toBeDefined();
      expect(Math.abs(found!.start - meant.start), says).toBeLessThanOrEqual(0.5);
      expect(Math.abs(width - found!.end - meant.start), says).toBeLessThanOrEqual(0.5);
      expect(Math.abs(found!.gutter - meant.gutter), says).toBeLessThanOrEqual(0.5);
      expect([found!.count, ...found!.alsoFits], says).toContain(meant.count);
    }
  });
}
