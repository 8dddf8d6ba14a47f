import { readFile } from 'node:fs/promises';
import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, saved, signIn, test, type } from './app';

test('from sign-in to the reading page, and a teammate takes the CSS', async ({ page, browser, baseURL }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Ansa Brisk' }).click();
  await expect(page.getByRole('heading', { name: 'Specifications' })).toBeVisible();

  // right after signing in, the page may not listen yet; the link is gone once it has led on
  const name = page.getByLabel('Name', { exact: true });
  const begin = page.getByRole('link', { name: 'New specification' });
  await expect(async () => {
    if (await begin.isVisible()) await begin.click({ timeout: 5000 });
    await expect(name).toBeVisible({ timeout: 10_000 });
  }).toPass();
  await name.fill('Harbour map');
  await page.getByLabel('4 · 8 · 12 on a base of 8').check();
  await page.getByRole('button', { name: 'Create specification' }).click();
  await expect(page.getByRole('grid')).toBeVisible();

  await type(page, 'Gutter', 'Desktop', '36');
  await expect(cell(page, 'Column', 'Desktop')).toHaveText('=75');
  await expect(page.getByText('108 + 12 × 75 + 11 × 36 + 108 = 1512')).toBeVisible();
  await expect(saved(page)).toHaveText(/^Draft 2/);

  await page.getByRole('link', { name: 'Publish…' }).click();
  await expect(page.getByLabel('Version')).toHaveValue('1.0.0');
  await page.getByRole('button', { name: 'Publish edition' }).click();
  await expect(page.getByText('Enter release notes for this edition.')).toBeVisible();
  await page.getByLabel('Release notes').fill('A first grid for the harbour map.');
  await page.getByRole('button', { name: 'Publish edition' }).click();
  await expect(page.getByRole('heading', { name: 'Harbour map 1.0.0' })).toBeVisible();
  const address = page.url();

  const context = await browser.newContext({ baseURL, acceptDownloads: true });
  const teammate = await context.newPage();
  await signIn(teammate.request, 'Joon Talvi');
  await teammate.goto(address);
  await expect(teammate.getByText('A first grid for the harbour map.')).toBeVisible();
  const download = teammate.waitForEvent('download');
  await teammate.locator('main > header a[download$="grid.css"]').click();
  const css = await readFile(await (await download).path(), 'utf8');
  expect(css).toContain(' *   108 + 12 × 75 + 11 × 36 + 108 = 1512');
  await context.close();
});

test('publishing at once takes along what was typed a moment ago', async ({ signedIn: page }) => {
  await openBench(page, practiceSpec('In a hurry'));
  await type(page, 'Gutter', 'Desktop', '36');
  await page.getByRole('link', { name: 'Publish…' }).click();
  await page.getByLabel('Release notes').fill('Wide gutters.');
  await page.getByRole('button', { name: 'Publish edition' }).click();
  await expect(page.getByRole('button', { name: '144 + 12 × 63 + 11 × 36 + 144 = 1440' })).toBeVisible();
});

test('the next edition: changes listed, version proposed, a must-fix finding waived on the way', async ({
  signedIn: page,
}) => {
  await page.goto('/tidewick/slips-to-find/publish');
  await expect(page.getByRole('row', { name: 'Laptop Container up to 1248 1180' })).toBeVisible();
  await expect(page.getByLabel('Version')).toHaveValue('1.1.0');
  const publish = page.getByRole('button', { name: 'Publish edition' });
  await expect(publish).toBeDisabled();
  await page.getByLabel('Release notes').fill('A fixed laptop grid.');
  const held = page.getByRole('region', { name: 'Fix before publishing' });
  for (const left of [1, 0]) {
    await held.getByRole('button', { name: 'Waive…' }).first().click();
    await held.getByLabel('Reason').fill('A trial for one month.');
    await page.keyboard.press('Enter');
    await expect(held.getByRole('listitem')).toHaveCount(left);
  }
  await expect(page.getByLabel('Release notes')).toHaveValue('A fixed laptop grid.');
  await publish.click();
  await expect(page.getByRole('heading', { name: 'Slips to find 1.1.0' })).toBeVisible();
  await expect(page.getByRole('table').filter({ hasText: 'A trial for one month.' })).toContainText(
    'The container fits its whole range',
  );

  await page.goto('/tidewick/slips-to-find/editions/1.0.0');
  await expect(page.getByText('There’s a newer edition:')).toBeVisible();
  await page.goto('/tidewick/slips-to-find/editions');
  await page.getByText('changes since 1.0.0').click();
  await expect(page.getByRole('row', { name: 'Laptop Container up to 1248 1180' })).toBeVisible();
  await page.goto('/tidewick/slips-to-find/publish');
  await expect(page.getByRole('heading', { name: 'Nothing new to publish' })).toBeVisible();
});

test('values, tables and files of an edition', async ({ signedIn: page }) => {
  await page.goto('/tidewick/ticket-kiosk/editions/latest');
  const clipboard = () => page.evaluate(() => navigator.clipboard.readText());
  await page
    .getByRole('region', { name: 'Exact values' })
    .getByRole('row', { name: 'Column 135' })
    .getByRole('button')
    .click();
  expect(await clipboard()).toBe('135');
  await page.getByRole('region', { name: 'Span widths' }).getByRole('button', { name: 'Copy table' }).click();
  expect(await clipboard()).toBe(
    '\tPortrait\n1 column\t135\n2 columns\t300\n3 columns\t465\n4 columns\t630\n5 columns\t795\n6 columns\t960',
  );
  await expect(page.getByText('Table copied.')).toBeVisible();

  const file = await page.request.get('/tidewick/ticket-kiosk/editions/1.0.0/spec.json');
  expect(file.headers()['content-type']).toBe('application/json; charset=utf-8');
  expect(((await file.json()) as { name: string }).name).toBe('Ticket kiosk');
  // RFC 9110, 13.1.2: If-None-Match
  const again = await page.request.get('/tidewick/ticket-kiosk/editions/1.0.0/spec.json', {
    headers: { 'If-None-Match': file.headers().etag! },
  });
  expect(again.status()).toBe(304);
});
