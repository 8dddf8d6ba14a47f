import { practiceSpec } from '../../core/spec/testing';
import { expect, makeSpec, test } from './app';
import { CARDS, pasteList } from './survey-page';

test('a screen that is read from right to left is counted from there, against any grid of the specification', async ({
  signedIn: page,
}) => {
  const base = practiceSpec('Surveyed grids');
  const slug = await makeSpec(page.request, {
    ...base,
    grids: [{ id: 'cards', name: 'Cards', at: { phone: { columns: { count: 3 } } } }],
  });
  await page.goto(`/tidewick/${slug}/survey`);
  await pasteList(page, CARDS);
  const tools = page.getByRole('toolbar', { name: 'Screen' });
  const turn = tools.getByRole('button', { name: 'Right to left' });
  const start = page.getByLabel('start of the box, px');
  await page.getByRole('group', { name: /arrows go through/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(start).toHaveValue('20');
  await turn.click();
  await expect(start).toHaveValue(String(412 - 20 - 81));
  // the screen stays as it was drawn: what is clicked at the left is what is counted last
  const screen = page.getByRole('group', { name: /arrows go through/ });
  const paper = (await screen.locator('svg').boundingBox())!;
  const scale = paper.width / 412;
  await page.mouse.click(paper.x + 60 * scale, paper.y + 60 * scale);
  await expect(start).toHaveValue(String(412 - 20 - 81));
  await page.keyboard.press('Alt+ArrowLeft');
  // its end, which is at the left, goes further to the left
  await expect(page.getByLabel('end of the box, px')).toHaveValue(String(412 - 20 + 1));
  await tools.getByRole('button', { name: 'Undo correction' }).click();
  await turn.click();
  await expect(start).toHaveValue('20');

  const grids = page.getByRole('list', { name: 'Matching grids' });
  await expect(grids.getByText('Your grid: Phone')).toBeVisible();
  await page.getByRole('combobox', { name: 'Grid', exact: true }).selectOption('Cards');
  await expect(grids.getByText('Your grid: Cards, Phone')).toBeVisible();
  await page.getByRole('button', { name: 'Save survey…' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Save survey' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Grid', exact: true }).selectOption('Main grid');
  await page.getByRole('region', { name: 'Saved surveys' }).getByRole('listitem').getByRole('button').first().click();
  await expect(page.getByRole('combobox', { name: 'Grid', exact: true })).toHaveValue('cards');
});
