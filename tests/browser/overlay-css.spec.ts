import { expect, type Page, test } from '@playwright/test';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import type { Rows } from '../../core/spec/schema';
import { breakpointOf, specWith } from '../../core/spec/testing';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

/** Which px down the page are inked, in a page that is white but for the overlay. */
async function inkedRows(page: Page, css: string, height: number, window = height): Promise<boolean[]> {
  await page.setViewportSize({ width: 400, height: window });
  await page.setContent(
    `<!doctype html><style>html{background:#fff}body{margin:0}${css}</style><div class="grid-overlay" style="block-size:${height}px"></div>`,
  );
  const picture = (await page.screenshot({ fullPage: true })).toString('base64');
  return page.evaluate(async (source) => {
    const image = new Image();
    image.src = `data:image/png;base64,${source}`;
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [image.width, image.height];
    const context = canvas.getContext('2d')!;
    context.drawImage(image, 0, 0);
    const { data } = context.getImageData(200, 0, 1, image.height);
    return Array.from({ length: image.height }, (_, y) => data[y * 4]! + data[y * 4 + 1]! + data[y * 4 + 2]! < 750);
  }, picture);
}

function cssOf(rows: Rows | null, baseline: { step: string; offset: string } | null): string {
  return gridCss(specWith({ ...breakpointOf({}), rows, baseline }), ORIGIN);
}

test('bands are drawn where the sheet says, and gaps are free', async ({ page }) => {
  const css = cssOf({ rule: 'repeat', height: '8px', gap: '12px', offset: '4px' }, null);
  const inked = await inkedRows(page, css, 200);
  for (const [y, isInked] of inked.entries()) expect(isInked, `${y} px down`).toBe(y >= 4 && (y - 4) % 20 < 8);
});

test('baselines are drawn a px high at every step', async ({ page }) => {
  const inked = await inkedRows(page, cssOf(null, { step: '6px', offset: '2px' }), 120);
  for (const [y, isInked] of inked.entries()) expect(isInked, `${y} px down`).toBe(y >= 2 && (y - 2) % 6 === 0);
});

test('divided rows share the height of the window, and end with it', async ({ page }) => {
  const divided: Rows = {
    rule: 'divide',
    count: 4,
    gap: '20px',
    marginTop: '20px',
    marginBottom: '20px',
    minHeight: '300px',
    maxHeight: '900px',
  };
  // (500 − 40 − 60) / 4 = 100; the page goes on for 200 px, the rows do not
  const inked = await inkedRows(page, cssOf(divided, null), 700, 500);
  expect(inked).toHaveLength(700);
  for (const [y, isInked] of inked.entries())
    expect(isInked, `${y} px down`).toBe(y >= 20 && y < 480 && (y - 20) % 120 < 100);
});

test('the mesh is drawn from the top, a line at every square, and a strong one every so many', async ({ page }) => {
  const spec = {
    ...specWith({ ...breakpointOf({}), rows: null, baseline: null }),
    mesh: { square: '11px', strong: 4 },
  };
  const inked = await inkedRows(page, gridCss(spec, ORIGIN), 120);
  // 200 px across, no line goes down
  for (const [y, isInked] of inked.entries()) {
    const below = y % 11;
    if (below === 0 || y % 44 === 1) expect(isInked, `${y} px down`).toBe(true);
    if (below >= 2) expect(isInked, `${y} px down`).toBe(false);
  }
});
