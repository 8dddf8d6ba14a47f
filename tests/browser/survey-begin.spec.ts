import { expect, test } from './app';
import { CARDS, pasteList } from './survey-page';

/** A specification is begun with what a survey found. */

test('a new specification from screens of two widths', async ({ signedIn: page }) => {
  await page.goto('/tidewick');
  await page.getByRole('link', { name: 'From screenshots…' }).click();
  await pasteList(page, CARDS);
  const wide = Array.from({ length: 6 }, (_, row) =>
    [0, 3, 6, 9].map((first) => `${108 + first * 110},${row * 200},${3 * 86 + 2 * 24},160`),
  ).flat();
  await pasteList(page, [...wide, '108,1300,86,80', '218,1300,86,80', '328,1300,196,80'].join('\n'), '1512');
  await page.getByRole('button', { name: 'Create…' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('From two screens');
  await page.getByRole('dialog').getByRole('button', { name: 'Create specification' }).click();
  await expect(page).toHaveURL(/\/tidewick\/from-two-screens$/);
  await expect(page.getByRole('gridcell', { name: /^Gutter, Phone: / })).toContainText('16');
  await expect(page.getByRole('gridcell', { name: /^Container, Desktop: / })).toContainText('1296');
});

test('a new specification takes the grid that was chosen, not the one that was proposed', async ({
  signedIn: page,
}) => {
  await page.goto('/survey/tidewick');
  const blocks = Array.from({ length: 6 }, (_, row) =>
    [0, 4, 8].map((first) => `${108 + first * 110},${row * 200},${4 * 86 + 3 * 24},160`),
  ).flat();
  await pasteList(page, blocks.join('\n'), '1512');
  const grids = page.getByRole('list', { name: 'Matching grids' });
  await expect(grids.getByRole('radio').nth(1)).toBeVisible();
  for (const turn of [1, 2]) {
    const chosen = grids.getByRole('listitem').nth(turn);
    await chosen.getByRole('radio').check();
    const count = /(\d+) columns?/.exec(await chosen.innerText())![1]!;
    await page.getByRole('button', { name: 'Create…' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill(`Chosen ${turn}`);
    await page.getByRole('dialog').getByRole('button', { name: 'Create specification' }).click();
    await expect(page.getByRole('gridcell', { name: new RegExp(`^Count, .*: ${count}$`) })).toBeVisible();
    await page.goto('/survey/tidewick');
    await expect(grids.getByRole('radio').nth(1)).toBeVisible();
  }
});
