import { expect, test } from '@playwright/test';
import { readSite } from '../../core/site/read-site';
import { templateCount } from '../../core/site/tracks';

/** Templates of tracks, each as it is read and as Chromium draws it: outer tracks as margins, tracks that give way, as many as fit. */
const TEMPLATES: [template: string, columns: number | null, more?: string][] = [
  [
    '[full-start] minmax(16px, 1fr) [content-start] repeat(12, minmax(0, 72px)) [content-end] minmax(16px, 1fr) [full-end]',
    12,
  ],
  ['1fr repeat(8, minmax(0, 100px)) 1fr', 8],
  ['2rem repeat(6, 1fr) 2rem', 6],
  ['minmax(5vw, 1fr) 24px repeat(4, minmax(0, 200px)) 24px minmax(5vw, 1fr)', 4],
  ['repeat(12, minmax(0, 80px))', 12],
  ['repeat(10, minmax(20px, 90px))', 10, 'justify-content: center'],
  ['repeat(6, minmax(120px, 1fr))', 6],
  ['repeat(auto-fill, minmax(200px, 300px))', null],
  ['repeat(auto-fill, minmax(140px, 1fr))', null],
  ['repeat(4, 22%)', 4, 'justify-content: end'],
  ['calc(10% - 8px) repeat(5, 1fr) calc(10% - 8px)', 5],
  ['minmax(0, 1fr) repeat(3, minmax(100px, 320px)) minmax(0, 1fr)', 3],
];

test('templates are read as Chromium draws them, at five widths', async ({ page }) => {
  for (const [template, columns, more = ''] of TEMPLATES) {
    const css = `.grid { display: grid; grid-template-columns: ${template}; column-gap: 20px; padding-inline: 12px; ${more} }`;
    const { grids, system } = readSite([css]).value!;
    expect(system, template).not.toBeNull();
    for (const width of [360, 700, 1000, 1333, 1920]) {
      const grid = grids.at(system!, width);
      if ('why' in grid) throw new Error(`${template} at ${width}: ${grid.why}`);
      if (columns !== null) expect(grid.count, template).toBe(columns);
      const outside = columns === null ? 0 : (templateCount(template)! - columns) / 2;
      await page.setViewportSize({ width, height: 600 });
      const items = '<i></i>'.repeat(outside * 2 + grid.count + 1);
      await page.setContent(
        `<!doctype html><style>body { margin: 0; overflow-y: hidden } i { block-size: 9px } ${css}</style><div class="grid">${items}</div>`,
      );
      const drawn = await page.evaluate((first) => {
        const boxes = [...document.querySelectorAll('i')].map((item) => item.getBoundingClientRect());
        const row = boxes.filter(({ top }) => top === boxes[0]!.top);
        return row.slice(first, row.length - first).map(({ left, right }) => [left, right] as const);
      }, outside);
      const says = `${template} at ${width}`;
      expect(drawn.length, says).toBe(grid.count);
      drawn.forEach(([left, right], index) => {
        const from = grid.start.add(grid.column.add(grid.gutter).mul(index));
        expect(Math.abs(left - from.valueOf()), `${says}: start of ${index}`).toBeLessThanOrEqual(
          (index + grid.count + 4) / 64,
        );
        expect(Math.abs(right - from.add(grid.column).valueOf()), `${says}: end of ${index}`).toBeLessThanOrEqual((index + grid.count + 4) / 64); // prettier-ignore
      });
    }
  }
});
