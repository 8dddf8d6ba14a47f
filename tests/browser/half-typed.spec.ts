import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, test, type, windowOf } from './app';

/** What is being typed belongs to its cell until it is entered or left. */

test('what is being typed when its breakpoint is removed is told and not entered, and is nowhere when it comes back', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const slug = await openBench(ansa, { ...practiceSpec('Half typed'), name: 'Half typed' });
  const obi = await windowOf(browser, baseURL, 'Obi Lorne');
  await obi.goto(`/tidewick/${slug}`);
  await cell(obi, 'Gutter', 'Tablet').click();
  await obi.keyboard.type('37');
  await ansa.getByRole('gridcell', { name: /^Name, Tablet/ }).click();
  await ansa.keyboard.press('Delete');
  await expect(obi.getByText('Tablet was removed while you typed. “37” wasn’t entered.')).toBeVisible();
  // typing goes on nowhere
  await obi.keyboard.type('5');
  await obi.keyboard.press('Enter');
  await expect(obi.locator('[role=gridcell] input')).toHaveCount(0);
  await ansa.keyboard.press('Control+z');
  await expect(cell(obi, 'Gutter', 'Tablet')).toHaveText('16');
  await type(obi, 'Gutter', 'Phone', '12');
  await expect(cell(ansa, 'Gutter', 'Phone')).toHaveText('12');
  await expect(cell(ansa, 'Gutter', 'Tablet')).toHaveText('16');
  await obi.context().close();
});

test('what is typed when one goes to another view by its key is entered', async ({ signedIn: page }) => {
  await openBench(page, { ...practiceSpec('By key'), name: 'By key' });
  await cell(page, 'Gutter', 'Tablet').click();
  await page.keyboard.type('20');
  await page.keyboard.press('Alt+Shift+F');
  await expect(page.getByRole('heading', { name: 'Finder' })).toBeVisible();
  await page.keyboard.press('Alt+Shift+B');
  await expect(cell(page, 'Gutter', 'Tablet')).toHaveText('20');
});
