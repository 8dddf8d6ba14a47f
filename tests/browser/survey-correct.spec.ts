import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { CARDS, pasteList } from './survey-page';

const screens = (page: Page) => page.getByRole('list', { name: 'Screens' }).getByRole('listitem');
const drawing = (page: Page) => page.getByRole('group', { name: /arrows go through its boxes/ });

test('what is corrected on one screen is proposed for the others, in one step', async ({ signedIn: page }) => {
  await page.goto('/tidewick/crew-tablet/survey');
  const list = `0\t0\t412\t24\tHeader\n${CARDS}`;
  for (let count = 1; count <= 3; count++) {
    await pasteList(page, list);
    await expect(screens(page)).toHaveCount(count);
  }
  await drawing(page).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('foot of the box, px')).toHaveValue('24');
  await page.keyboard.press('Delete');
  await expect(screens(page).nth(2)).toContainText('24 boxes');
  await expect(screens(page).nth(0)).toContainText('25 boxes');
  const proposal = page.getByText('The same box is on 2 other screens.');
  await expect(proposal).toBeVisible();
  await page.getByRole('button', { name: 'Remove it there too' }).click();
  for (const index of [0, 1, 2]) await expect(screens(page).nth(index)).toContainText('24 boxes');
  await expect(proposal).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo correction' }).click();
  await expect(screens(page).nth(0)).toContainText('25 boxes');
  await expect(screens(page).nth(2)).toContainText('24 boxes');
  // taken back, too, is what it would have been proposed for
  await page.getByRole('button', { name: 'Undo correction' }).click();
  await expect(screens(page).nth(2)).toContainText('25 boxes');
  await drawing(page).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Alt+ArrowDown');
  await page.keyboard.press('Alt+ArrowDown');
  await page.getByRole('button', { name: 'Move it there too' }).click();
  await screens(page).nth(0).getByRole('button').first().click();
  await drawing(page).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('foot of the box, px')).toHaveValue('26');
});

test('a screen is seen as large as one wants, and a specification begun from what is found beside another', async ({
  signedIn: page,
}) => {
  await page.goto('/tidewick/crew-tablet/survey');
  await pasteList(page, CARDS);
  const zoom = page.getByLabel('Zoom', { exact: true });
  await page.getByRole('button', { name: '1:1' }).click();
  await expect(zoom).toHaveText('100 %');
  await drawing(page).focus();
  await page.keyboard.press('+');
  await expect(zoom).toHaveText('125 %');
  await page.keyboard.press('0');
  await expect(page.getByRole('button', { name: 'Fit width' })).toHaveAttribute('aria-pressed', 'true');
  // a side is dragged to where it belongs, and nothing else is done
  await page.keyboard.press('1');
  await page.keyboard.press('ArrowDown');
  const grip = (await drawing(page).locator('[data-side=end]').boundingBox())!;
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 12, y, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByLabel('end of the box, px')).toHaveValue('113');
  await drawing(page).press('Escape');
  await expect(page.getByRole('button', { name: /^Include part/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo correction' }).click();
  await drawing(page).press('ArrowDown');
  await expect(page.getByLabel('end of the box, px')).toHaveValue('101');
  const begin = page.getByRole('region', { name: 'New specification' });
  await page.getByRole('radio', { name: /^4 columns, gutter 16/ }).check();
  await expect(begin).toContainText('With 1 breakpoint, one for each surveyed width.');
  await begin.getByRole('button', { name: 'Create…' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('From what was found');
  await page.getByRole('dialog').getByRole('button', { name: 'Create specification' }).click();
  await expect(page).toHaveURL(/\/tidewick\/from-what-was-found/);
});
