import type { Locator, Page } from '@playwright/test';
import { cell, expect, test } from './app';

/** Acts of a person: a click, a text that is typed, a key. */
function counting(page: Page) {
  let acts = 0;
  return {
    acts: () => acts,
    click: async (target: Locator) => {
      acts++;
      await target.click();
    },
    type: async (text: string) => {
      acts++;
      await page.keyboard.type(text);
    },
    press: async (key: string) => {
      acts++;
      await page.keyboard.press(key);
    },
  };
}

test('a newcomer’s way to a first published edition takes at most ten acts', async ({ signedIn: page }) => {
  await page.goto('/tidewick');
  const { acts, click, type, press } = counting(page);
  await click(page.getByRole('link', { name: 'New specification' }));
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await type('Island guide');
  await press('Enter');
  await expect(page.getByRole('grid')).toBeVisible();
  await click(page.getByRole('link', { name: 'Publish…' }));
  await click(page.getByLabel('Release notes'));
  await type('A first grid.');
  await click(page.getByRole('button', { name: 'Publish edition' }));
  await expect(page.getByRole('heading', { name: 'Island guide 1.0.0' })).toBeVisible();
  expect(acts()).toBeLessThanOrEqual(10);
});

test('screens in one line: drawn with their sums while they are typed, and created with Enter', async ({
  signedIn: page,
}) => {
  await page.goto('/new/tidewick');
  await page.getByLabel('Name', { exact: true }).fill('Own screens');
  await page.getByLabel('Your own screens').check();
  const preview = page.getByRole('region', { name: 'Preview' });
  await expect(preview.getByText('72 + 12 × 86 + 11 × 24 + 72 = 1440')).toBeVisible();
  await page.getByLabel('Screens', { exact: true }).fill('390×844, 1280');
  await expect(page.getByText('Enter one value, or one for each of the 2 screens.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Create specification' })).toBeDisabled();
  await page.getByRole('textbox', { name: 'Columns' }).fill('4, 10');
  await page.getByRole('textbox', { name: 'Gutters' }).fill('16, 20');
  await page.getByRole('textbox', { name: 'Margins' }).fill('17, 40');
  await expect(preview.getByText('40 + 10 × 102 + 9 × 20 + 40 = 1280')).toBeVisible();
  // findings come along
  await page.getByRole('textbox', { name: 'Gutters' }).fill('16, 48');
  await expect(preview.getByRole('list', { name: 'Findings' })).toContainText(
    'The gutter of 48 px is wider than the 40',
  );
  await page.getByRole('textbox', { name: 'Gutters' }).fill('16, 20');
  await page.getByRole('textbox', { name: 'Margins' }).press('Enter');
  await expect(cell(page, 'Column', 'Desktop')).toHaveText('=102');
  await expect(cell(page, 'From width', 'Desktop')).toHaveText('832');
});

test('a set of the team is drawn, chosen first, and begins the specification', async ({ signedIn: page }) => {
  await page.goto('/new/tidewick');
  await expect(page.getByLabel(/^Public pages/)).toBeChecked();
  await expect(page.getByRole('region', { name: 'Preview' }).getByRole('figure')).toHaveCount(5);
  await page.getByRole('button', { name: 'Create specification' }).click();
  await expect(page.getByText('Enter a name, such as Passenger site.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('From the set');
  await page.getByRole('button', { name: 'Create specification' }).click();
  await expect(cell(page, 'Count', 'Wide')).toHaveText('12');
});

test('the finder lists what fits at once, and anew while conditions are typed', async ({ signedIn: page }) => {
  await page.goto('/tidewick/passenger-site/finder');
  const rows = page.getByRole('table', { name: 'Solutions' }).getByRole('row');
  await expect(page.getByText('4 whole grids')).toBeVisible();
  await expect(rows).toHaveCount(5);
  await page.getByLabel('Counts').fill('12, 10');
  await expect(page.getByText('4 whole grids')).toHaveCount(0);
  await expect(rows.filter({ hasText: '10' }).first()).toBeVisible();
  await page.getByLabel('Counts').fill('none');
  await expect(page.getByText(/“none” isn’t a count/)).toBeVisible();
  await expect(page.getByLabel('Counts')).toBeFocused();
});
