import { expect, test } from './app';

/** Two windows of one browser survey beside one spec: neither writes over the other, and each finds its own after a reload. */
test('each window keeps its own survey', async ({ signedIn: page }) => {
  const survey = '/tidewick/crew-tablet/survey';
  const add = async (window: typeof page, name: string): Promise<void> => {
    await window.getByRole('button', { name: 'List of boxes…' }).first().click();
    const dialog = window.getByRole('dialog');
    await expect(dialog.getByLabel(/^One box per line/)).toBeFocused();
    await dialog.getByLabel(/^One box per line/).fill('20 20 300 80 Card\n20 120 300 80 Card');
    await dialog.getByLabel('Name', { exact: true }).fill(name);
    await dialog.getByLabel('Screen width (px)').fill('800');
    await dialog.getByRole('button', { name: 'Survey boxes' }).click();
    await expect(shown(window, name)).toBeVisible();
  };
  const shown = (window: typeof page, name: string) =>
    window.getByRole('list', { name: 'Screens' }).getByRole('button', { name: new RegExp(`^${name}`) });

  await page.goto(survey);
  const other = await page.context().newPage();
  await other.goto(survey);
  await add(page, 'First');
  await add(other, 'Second');
  // at once, before the pause after which it is kept
  await Promise.all([page.reload(), other.reload()]);
  await expect(shown(page, 'First')).toBeVisible();
  await expect(shown(page, 'Second')).toHaveCount(0);
  await expect(shown(other, 'Second')).toBeVisible();
  await expect(shown(other, 'First')).toHaveCount(0);

  // what was begun anew stays so, whatever the other window has
  await page.getByRole('button', { name: 'New survey' }).click();
  await page.reload();
  await expect(page.getByRole('heading', { name: /^Add screenshots/ })).toBeVisible();
  await expect(shown(page, 'Second')).toHaveCount(0);
});
