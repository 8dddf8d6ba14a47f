import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, saved, test, type } from './app';

const spec = practiceSpec('Heights');

test('rows by each of the three rules, with the sum of heights; undo takes it back', async ({ signedIn: page }) => {
  await openBench(page, spec);
  const sum = page.getByRole('group', { name: 'Sum of heights' });
  await cell(page, 'Rule', 'Desktop').click();
  await expect(sum).toContainText('0 + 64 × 8 + 63 × 8 + 8 left = 1024');
  await expect(sum).toContainText('64 rows fit, 8 px left');

  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'Rule, Desktop' }).fill('div');
  await page.keyboard.press('Enter');
  await type(page, 'Gap', 'Desktop', '20');
  await type(page, 'Above', 'Desktop', '20');
  await type(page, 'Below', 'Desktop', '20');
  await expect(cell(page, 'Height', 'Desktop')).toContainText('147⅓');
  await expect(sum).toContainText('20 + 6 × 147⅓ + 5 × 20 + 20 = 1024');
  // 22 below makes them whole, and is no multiple of 4: that is said, and not offered
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText('with 22 px below they are 147');
  await type(page, 'Below', 'Desktop', '22');
  await expect(sum).toContainText('20 + 6 × 147 + 5 × 20 + 22 = 1024');

  await type(page, 'Rule', 'Desktop', 'modules');
  await type(page, 'Height', 'Desktop', '8 lines');
  await expect(cell(page, 'Height', 'Desktop')).toContainText('8 lines');
  await expect(cell(page, 'Minimum height', 'Desktop')).toHaveText('–');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(sum).toContainText('20 + 6 × 147 + 5 × 20 + 22 = 1024');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(cell(page, 'Rule', 'Desktop')).toHaveText('divide');
});

test('what cannot stand in the rows gets a sentence, and stays as typed @long', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await type(page, 'How many', 'Phone', '9999');
  await expect(page.getByText('Bands run down the whole page and need no count')).toBeVisible();
  await page.keyboard.press('Escape');
  await type(page, 'Step', 'Phone', '0');
  await expect(page.getByText('A baseline step can’t be 0. Enter more, such as 8.')).toBeVisible();
  await page.keyboard.press('Escape');
  await cell(page, 'Step', 'Phone').click();
  await page.keyboard.press('Delete');
  await expect(cell(page, 'Step', 'Phone')).toHaveText('none');
  await expect(cell(page, 'Lines in screen', 'Phone')).toHaveText('–');
});

test('the page is made longer: typed, with the keys, by dragging its foot', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await cell(page, 'Rule', 'Desktop').click();
  const sum = page.getByRole('group', { name: 'Sum of heights' });
  const height = page.getByRole('textbox', { name: 'Page height' });
  await height.fill('1040');
  await page.keyboard.press('Enter');
  await expect(sum).toContainText('0 + 65 × 8 + 64 × 8 + 8 left = 1040');

  const foot = page.getByRole('slider', { name: 'Bottom edge of the page' });
  await foot.focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(height).toHaveValue('1049');
  const box = (await foot.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 5);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y - 35, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => Number(await height.inputValue())).toBeLessThan(1020);
  await foot.focus();
  await page.keyboard.press('Delete');
  await expect(height).toHaveValue('1024');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled(); // where one looks is no change
});

test('a leading that divides the page, with its neighbours, becomes the step @long', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await cell(page, 'Step', 'Desktop').click();
  await page.getByRole('button', { name: 'Leading', exact: true }).click();
  const wanted = page.getByRole('textbox', { name: 'Wanted leading' });
  await wanted.fill('-3');
  await expect(page.getByText('“-3” is below zero. Enter 0 or more.')).toBeVisible();
  await wanted.fill('24');
  const rows = page.getByRole('region', { name: 'Preview' }).getByRole('row');
  await expect(rows).toHaveCount(8);
  await expect(rows.filter({ hasText: '23.814' })).toContainText('33.488 × 23.814'); // 1440 / 43 × 1024 / 43
  await rows.filter({ hasText: '23.814' }).getByRole('button', { name: 'Use as step' }).click();
  await expect(cell(page, 'Step', 'Desktop')).toContainText('1024/43');
  await expect(cell(page, 'Lines in screen', 'Desktop')).toHaveText('=43');
});
