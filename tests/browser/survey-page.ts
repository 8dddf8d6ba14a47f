import type { Page } from '@playwright/test';
import { expect } from './app';

/** Four columns of 81 between margins of 20, gutters of 16: the phone of the demo; the third card of each row starts 3 px late. */
export const CARDS = Array.from({ length: 6 }, (_, row) =>
  [0, 1, 2, 3].map((index) => {
    const late = index === 2 ? 3 : 0;
    return `${20 + index * 97 + late}\t${40 + row * 160}\t${81 - late}\t120\tCard ${row + 1}.${index + 1}`;
  }),
)
  .flat()
  .join('\n');

/** Surveys a list of boxes on a screen so wide. */
export async function pasteList(page: Page, list: string, width = '412'): Promise<void> {
  await page.getByRole('complementary', { name: 'Screens' }).getByRole('button', { name: 'List of boxes…' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel(/^One box per line/)).toBeFocused();
  await dialog.getByLabel(/^One box per line/).fill(list);
  await dialog.getByLabel('Screen width (px)').fill(width);
  await dialog.getByRole('button', { name: 'Survey boxes' }).click();
}
