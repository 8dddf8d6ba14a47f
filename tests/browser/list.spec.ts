import { practiceSpec } from '../../core/spec/testing';
import { expect, makeSpec, test } from './app';

test('search, copy, rename, archive and bring back', async ({ signedIn: page }) => {
  await makeSpec(page.request, practiceSpec('Lamp room'));
  await page.goto('/tidewick');
  const row = (name: string) =>
    page.getByRole('listitem').filter({ has: page.getByRole('link', { name, exact: true }) });
  await expect(row('Lamp room')).toContainText('4 · 8 · 12');
  await expect(row('Lamp room')).toContainText('Draft 1, never published');

  await page.getByLabel('Search name').fill('lamp');
  await expect(page.locator('main').getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('Search name').fill('zzz');
  await expect(page.getByText('No specification matches “zzz”.')).toBeVisible();
  await page.getByLabel('Search name').fill('');

  await row('Lamp room').getByRole('button', { name: 'More for Lamp room' }).click();
  await page.getByRole('button', { name: 'Rename…' }).click();
  await page.getByLabel('Name', { exact: true }).fill(' ');
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(page.getByText('Enter a name, such as Passenger site.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Lantern room');
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(row('Lantern room')).toBeVisible();

  await row('Lantern room').getByRole('button', { name: 'More for Lantern room' }).click();
  await page.getByRole('button', { name: 'Archive' }).click();
  await expect(row('Lantern room')).toHaveCount(0);
  await page.getByRole('link', { name: /^Archived: / }).click();
  await row('Lantern room').getByRole('button', { name: 'More for Lantern room' }).click();
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.getByRole('link', { name: 'Back to specifications' }).click();
  await row('Lantern room').getByRole('button', { name: 'More for Lantern room' }).click();
  await page.getByRole('button', { name: 'Duplicate…' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByRole('grid')).toBeVisible();
  await expect(page).toHaveTitle('Lantern room, copy · Ypsiline');
});
