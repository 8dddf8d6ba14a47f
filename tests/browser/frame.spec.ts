import type { Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import { expect, makeSpec, openBench, saved, test, type, windowOf } from './app';

const sideways = (page: Page) => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
const isCut = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Where you are' })
    .getByRole('link', { name, exact: true })
    .evaluate((link) => link.scrollWidth > link.clientWidth + 1);

test('names of forty letters are whole at 1280 px, with all that stands beside them', async ({ signedIn: page }) => {
  const name = 'Passenger information and booking, 2026b';
  expect(name).toHaveLength(40);
  await openBench(page, practiceSpec(name));
  await type(page, 'Container', 'Desktop', '1240');
  await expect(page.getByRole('link', { name: /^1 must fix/ })).toBeVisible();
  expect(await isCut(page, name)).toBe(false);
  expect(await isCut(page, 'Tidewick Ferries')).toBe(false);
  expect(await sideways(page)).toBeLessThanOrEqual(0);
});

test('the longest names, in any script, push nothing out of the window @long', async ({ signedIn: page }) => {
  const names = [
    'x'.repeat(60),
    'شبكة الأعمدة لموقع العبارات والرحلات البحرية',
    '渡輪乘客網站的欄位與基線網格規範',
    '⛴️🧭🗺️ Überfahrt 👩‍👩‍👧‍👦',
  ];
  for (const name of names) {
    const slug = await makeSpec(page.request, practiceSpec(name));
    await page.goto(`/tidewick/${slug}`);
    for (const width of [640, 900, 1280]) {
      await page.setViewportSize({ width, height: 700 });
      await expect(page.getByRole('link', { name: 'Publish…' })).toBeVisible();
      expect(await sideways(page), `${name} at ${width}`).toBeLessThanOrEqual(0);
    }
  }
});

test('every page of a specification has the draft’s state, Publish and the keys', async ({ signedIn: page }) => {
  const paths = ['', '/editions/1.0.0', '/review', '/history'];
  const more = ['/finder', '/rules', '/editions', '/comparison', '/remarks', '/followers'];
  for (const path of process.env.YPSILINE_LONG ? [...paths, ...more] : paths) {
    await page.goto(`/tidewick/ticket-kiosk${path}`);
    await expect(page.getByText(/^Draft 2, saved/), path).toBeVisible();
    await expect(page.getByRole('link', { name: 'Adds up' }), path).toBeVisible();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' }), path).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.keyboard.press('Alt+Shift+T');
    await expect(page, path).toHaveURL(/\/type$/);
    await page.goBack();
    await page.keyboard.press('Alt+Shift+P');
    await expect(page, path).toHaveURL(/\/publish$/);
    await page.goBack();
    await page.getByRole('link', { name: 'Publish…' }).first().click();
    await expect(page, path).toHaveURL(/\/publish$/);
  }
});

test('what a view answers is said once, until it is dismissed, with the account @long', async ({
  signedIn: page,
  browser,
  baseURL,
}) => {
  const says = (on: Page) => on.getByText('The grid at every width');
  const slug = await makeSpec(page.request, practiceSpec('Explained'));
  await page.goto(`/tidewick/${slug}/sweep`);
  await expect(says(page)).toBeVisible();
  await page.getByRole('main').getByRole('button', { name: 'Dismiss' }).click();
  await expect(says(page)).toHaveCount(0);
  const elsewhere = await windowOf(browser, baseURL, 'Ansa Brisk');
  await elsewhere.goto(`/tidewick/${slug}/sweep`);
  await expect(elsewhere.getByRole('slider').first()).toBeVisible();
  await expect(says(elsewhere)).toHaveCount(0);
  const joon = await windowOf(browser, baseURL, 'Joon Talvi');
  await joon.goto(`/tidewick/${slug}/sweep`);
  await expect(says(joon)).toBeVisible();
  for (const other of [elsewhere, joon]) await other.context().close();
});

test('the first steps are done by doing them, by mouse and by keys, and dismissed for good', async ({
  browser,
  baseURL,
}) => {
  const page = await windowOf(browser, baseURL, 'Obi Lorne');
  await openBench(page, practiceSpec('First minutes'));
  const steps = page.getByRole('region', { name: 'First steps' });
  const current = steps.locator('[aria-current=step]');
  await expect(current).toContainText('Screens');
  // the step leads to its cell
  await current.getByRole('button').click();
  await expect(page.locator('[role=gridcell]:focus')).toHaveAttribute('aria-label', /^From width/);
  await type(page, 'Design size', 'Phone', '400 × 800');
  await expect(current).toContainText('Columns');
  await type(page, 'Gutter', 'Phone', '20');
  await expect(current).toContainText('Rows and type');
  await current.getByRole('button').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('[role=gridcell]:focus')).toHaveAttribute('aria-label', /^Rule/);
  await type(page, 'Rule', 'Phone', 'divide');
  await expect(current).toContainText('Publish');
  await expect(saved(page)).toBeVisible();
  // what was done stays done
  await page.reload();
  await expect(current).toContainText('Publish');
  await current.getByRole('button').press('Enter');
  await expect(page.getByRole('link', { name: 'Publish…' })).toBeFocused();
  await steps.getByRole('button', { name: 'Dismiss' }).click();
  await expect(steps).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('grid')).toBeVisible();
  await expect(steps).toHaveCount(0);
  await page.context().close();
});
