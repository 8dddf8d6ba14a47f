import { expect, test } from '@playwright/test';
import { specOfScreens } from '../../core/sheet/from-screens';
import type { Spec } from '../../core/spec/schema';
import { html, measured, withSite } from './built-site';
import { PACKAGES } from './framework-pages';

const CHROMIUM = process.env.YPSILINE_CHROMIUM!;

/** The short form takes two of them. */
const SHORT = ['bootstrap', 'govuk-frontend'];

for (const { name, css, rows, around, row, cell, truth } of PACKAGES) {
  test(`a page with the grid of ${name} is as a specification with its published numbers says, and off where they differ${SHORT.includes(name) ? '' : ' @long'}`, async () => {
    const widths = [1100, 1600];
    const content = '<div style="block-size: 90px; margin-block-end: 30px; background: #789"></div>';
    const inside = around(
      rows(1600)
        .map((spans) => row(spans.map((span) => cell(span, content)).join('')))
        .join(''),
    );
    const page = `<!doctype html><meta name="viewport" content="width=device-width"><style>${css} body { margin: 0 }</style>${inside}`;
    const published = widths.map(truth);
    const spec = (more: number): Spec =>
      specOfScreens('Published', {
        screens: widths.map((width) => `${width}×800`).join(', '),
        base: '1',
        counts: published.map(({ count }) => count).join(', '),
        gutters: published.map(({ gutter }) => gutter + more).join(', '),
        margins: published.map(({ start }) => start).join(', '),
        containers: '',
      }).value!;
    await withSite(html(page), async (site) => {
      const args = ['--widths', widths.join(), '--url', site];
      const same = await measured(CHROMIUM, spec(0), args);
      expect(same.says).toMatch(/(\d+) checks: \1 as specified, 0 off\./);
      expect(same.status).toBe(0);
      const other = await measured(CHROMIUM, spec(4), args);
      expect(other.says).toMatch(/Columns: .*\d+ boxes (start|end) [\d.]+ px (late|early)/);
      expect(other.status).toBe(1);
    });
  });
}
