import type { Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, saved, test } from './app';

const spec = practiceSpec('Laid over');

/** A page of 8 × 8 px, red above and blue below. */
const PICTURE = Buffer.from(
  '<svg xmlns="http://www.w3.org/2000/svg" width="8" height="8"><rect width="8" height="4" fill="red"/><rect y="4" width="8" height="4" fill="blue"/></svg>',
);

const desk = (page: Page) => page.getByRole('application');

test('every overlay goes on and off with one key, and every way to look has one', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await desk(page).focus();
  for (const [key, name] of [
    ['c', 'Columns'],
    ['r', 'Rows'],
    ['b', 'Baseline'],
    ['d', 'Distance'],
  ] as const) {
    const button = page.getByRole('button', { name, exact: true });
    const before = await button.getAttribute('aria-pressed');
    await page.keyboard.press(key);
    await expect(button).not.toHaveAttribute('aria-pressed', before!);
  }
  await page.keyboard.press('u');
  await expect(page.getByLabel('Backdrop')).toHaveValue('light-page');
  await page.keyboard.press('n');
  await expect(page.getByRole('button', { name: 'Spacing', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('l');
  await expect(page.getByRole('textbox', { name: 'Wanted leading' })).toBeVisible();
});

test('distances: dragged from edge to edge, and with the keys', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await cell(page, 'Gutter', 'Desktop').click();
  await desk(page).focus();
  await page.keyboard.press('d');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  const readout = page.getByRole('status', { name: 'Distance' });
  await expect(readout).toContainText('across 8 px · 1 base');
  await expect(readout).toContainText('down 24 px · 3 base · 2 rows + 1 gap · 6 baselines');
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await expect(readout).toContainText('down 1 px · ⅛ base · 0 rows + 0 gaps + 1 px · ¼ baselines');

  // 1440 px between two columns of 74: from the first column's start to its end
  const box = (await desk(page).boundingBox())!;
  await page.keyboard.press('Escape');
  const frame = await page.locator('[data-page]').boundingBox();
  const scale = frame!.width / 1440;
  await page.mouse.move(frame!.x + 145 * scale, box.y + 120);
  await page.mouse.down();
  await page.mouse.move(frame!.x + 217 * scale, box.y + 160, { steps: 5 });
  await page.mouse.up();
  await expect(readout).toContainText('across 74 px · 9¼ base');
});

test('zoom and pan: with the wheel, with keys, with buttons, and back to the whole', async ({ signedIn: page }) => {
  await openBench(page, spec);
  const zoom = page.getByRole('status', { name: 'Zoom' });
  // the bench measures itself before it says what fits
  await expect(zoom).toHaveText(/^[1-9]\d %$/);
  const fits = Number.parseInt((await zoom.textContent())!);
  await page.getByRole('button', { name: 'Zoom in' }).click();
  await expect(zoom).not.toHaveText(`${fits} %`);
  await desk(page).focus();
  await page.keyboard.press('1');
  await expect(zoom).toHaveText('100 %');
  // one px of the page is one px of the window
  const drawn = (await page.locator('[data-page]').boundingBox())!;
  expect(drawn.width).toBeCloseTo(1440, 0);
  await page.keyboard.press('+');
  await expect(zoom).toHaveText('125 %');
  await page.keyboard.press('-');
  await page.keyboard.press('-');
  await expect(zoom).toHaveText('80 %');
  await page.keyboard.press('0');
  await expect(zoom).toHaveText(`${fits} %`);
  await expect(page.getByRole('button', { name: 'Fit page' })).toHaveAttribute('aria-pressed', 'true');
  const layer = page.locator('[data-page]');
  const before = await layer.getAttribute('style');
  const box = (await desk(page).boundingBox())!;
  await page.mouse.move(box.x + 200, box.y + 120);
  await page.mouse.wheel(0, 60);
  await expect(layer).not.toHaveAttribute('style', before!);
  await page.keyboard.press('0');
  await expect(layer).toHaveAttribute('style', before!);
  await page.keyboard.press('Shift+ArrowDown');
  await expect(layer).not.toHaveAttribute('style', before!);
  await page.keyboard.press('0');
  await page.keyboard.down('Control');
  await page.mouse.wheel(0, -200);
  await page.keyboard.up('Control');
  await expect(zoom).not.toHaveText(`${fits} %`);
});

test('arrow keys step through rows when they are shown @long', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await cell(page, 'Gutter', 'Phone').click();
  await desk(page).focus();
  await page.keyboard.press('r');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(desk(page).getByRole('status')).toContainText('row 2: 8');
  await expect(desk(page).getByRole('status')).toContainText('16 → 24');
});

test('an own picture is laid under, stays in the browser, and has its contrast said', async ({ signedIn: page }) => {
  const sent: string[] = [];
  page.on('request', (request) => {
    if (request.method() !== 'GET') sent.push(`${request.method()} ${new URL(request.url()).pathname}`);
  });
  await openBench(page, spec);
  await page.getByLabel('Picture file').setInputFiles({ name: 'page.svg', mimeType: 'image/svg+xml', buffer: PICTURE });
  await expect(desk(page).locator('image')).toHaveAttribute('href', /^blob:/);
  await page.getByRole('button', { name: 'Overlays…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Overlays' });
  await expect(dialog).toContainText('my picture');
  await page.keyboard.press('Escape');
  await page.reload();
  await page.getByLabel('Backdrop').selectOption('picture');
  await expect(desk(page).locator('image')).toHaveAttribute('href', /^blob:/);
  // where one is in the draft is said, and nothing else
  expect(sent.filter((each) => !/\/api\/teams\/tidewick\/specs|\/presence$/.test(each))).toEqual([]);

  await page
    .getByLabel('Picture file')
    .setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('x') });
  await expect(page.getByText('notes.txt isn’t a picture this browser can show')).toBeVisible();
});

test('colours and strengths belong to the spec, with a hint of contrast, and can be undone', async ({
  signedIn: page,
}) => {
  const slug = await openBench(page, spec);
  await page.getByRole('button', { name: 'Overlays…' }).click();
  const rows = page.getByRole('dialog').getByRole('group', { name: 'Rows' });
  await expect(rows).toContainText('on light 1.7 : 1, fits');
  await rows.getByLabel('Strength').focus();
  await page.keyboard.press('Home');
  await expect(rows).toContainText('5 %');
  await expect(rows).toContainText('barely visible');
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(saved(page)).toHaveText(/^Draft [2-9]/);
  await page.goto(`/tidewick/${slug}`);
  await page.getByRole('button', { name: 'Overlays…' }).click();
  await expect(rows).toContainText('5 %');
  await rows.getByRole('button', { name: 'Reset' }).click();
  await expect(rows).toContainText('50 %');
});

/** Two dark blocks on white, 27 px apart: their edges are at 61, 131, 158 and 300. */
const BLOCKS = Buffer.from(
  '<svg xmlns="http://www.w3.org/2000/svg" width="390" height="844"><rect width="390" height="844" fill="white"/><path d="M61 200h70v300h-70zM158 200h142v300h-142z" fill="black"/></svg>',
);

test('the tenth drag measures like the first, finds the edges of a picture, and selects no text', async ({
  signedIn: page,
}) => {
  await openBench(page, spec);
  await cell(page, 'Gutter', 'Phone').click();
  await page
    .getByLabel('Picture file')
    .setInputFiles({ name: 'blocks.svg', mimeType: 'image/svg+xml', buffer: BLOCKS });
  await expect(desk(page).locator('image')).toHaveAttribute('href', /^blob:/);
  await desk(page).focus();
  await page.keyboard.press('d');
  const readout = page.getByRole('status', { name: 'Distance' });
  const box = (await page.locator('[data-page]').boundingBox())!;
  const scale = box.width / 390;
  const y = box.y + 300 * scale;
  const drag = async (from: number, to: number, back = 0): Promise<void> => {
    await page.mouse.move(box.x + from * scale, y);
    await page.mouse.down();
    await page.mouse.move(box.x + (to + back) * scale, y + 30, { steps: 7 });
    await page.mouse.move(box.x + to * scale, y, { steps: 3 });
    await page.mouse.up();
  };
  for (let time = 0; time < 10; time++) {
    const [from, to] = time % 2 ? [158, 131] : [131, 158];
    // a px beside the edges: they draw the ends to themselves
    await drag(from + 1, to - 1, 40);
    await expect(readout, `drag ${time + 1}`).toContainText('across 27 px');
    expect(await page.evaluate(() => String(getSelection()))).toBe('');
  }
  await page.keyboard.press('e');
  await drag(100, 150);
  await expect(readout).toContainText(/across (49|50|51) px/);
  await drag(150, 100);
  await expect(readout).toContainText(/across (49|50|51) px/);
});
