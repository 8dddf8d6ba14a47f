import { practiceSpec } from '../../core/spec/testing';
import type { Page } from '@playwright/test';
import { cell, expect, makeSpec, saved, test } from './app';

const spec = practiceSpec('Looking for whole grids');

async function openFinder(page: Page): Promise<string> {
  const slug = await makeSpec(page.request, spec);
  await page.goto(`/tidewick/${slug}/finder`);
  await expect(page.getByText('In the sheet: 12 × 74, gutter 24, container 1152, margin 144')).toBeVisible();
  // filled in once the page is awake
  await expect(conditions(page).getByLabel('Gutter', { exact: true })).toHaveValue('0 to 48');
  return slug;
}
const conditions = (page: Page) => page.getByRole('form', { name: 'Conditions' });
const find = (page: Page) => page.locator('#finder-widths').press('Enter');

test('find a whole-pixel grid for a given container and take it over', async ({ signedIn: page }) => {
  await openFinder(page);
  await page.locator('#finder-widths').fill('1200');
  await conditions(page).getByLabel('Counts').fill('10');
  await conditions(page).getByLabel('Gutter', { exact: true }).fill('16 to 32');
  // the rules ask for multiples of 4; 30 is none
  await expect(conditions(page).getByLabel('gutters', { exact: true })).toBeChecked();
  await find(page);
  await expect(page.getByText('1 whole grid', { exact: true })).toBeVisible();
  await conditions(page).getByLabel('gutters', { exact: true }).uncheck();
  await find(page);
  await expect(page.getByText('2 whole grids')).toBeVisible();
  const rows = page.getByRole('table', { name: 'Solutions' }).getByRole('row');
  await expect(rows.nth(1)).toContainText('1200');
  await page.getByRole('checkbox', { name: 'compare' }).first().check();
  await page.getByRole('checkbox', { name: 'compare' }).nth(1).check();
  await expect(page.getByRole('region', { name: 'Compare' }).getByRole('article')).toHaveCount(2);

  await page.getByRole('button', { name: 'Use this grid: 10 × 102, gutter 20' }).click();
  await expect(page.getByText('In the sheet now: 10 × 102, gutter 20')).toBeVisible();
  await expect(saved(page)).toHaveText(/^Draft 2/);
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await expect(cell(page, 'Count', 'Desktop')).toHaveText('10');
  await expect(cell(page, 'Column', 'Desktop')).toHaveText('=102');
  // one step
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cell(page, 'Count', 'Desktop')).toHaveText('12');
  await expect(cell(page, 'Container', 'Desktop')).toHaveText('1152');
});

test('a search with no answer says what to loosen', async ({ signedIn: page }) => {
  await openFinder(page);
  await page.locator('#finder-widths').fill('1200');
  await conditions(page).getByLabel('Counts').fill('10');
  await conditions(page).getByLabel('Gutter', { exact: true }).fill('16 to 32');
  await conditions(page).getByLabel('Multiples of').fill('8');
  await find(page);
  await expect(page.getByText('No whole grid meets all of these conditions.')).toBeVisible();
  const misses = page.getByRole('region', { name: 'Near misses' });
  await expect(misses).toContainText(
    'Without the multiples there are 2 more; the nearest: 10 × 93, gutter 30, container 1200',
  );
  await misses
    .getByRole('listitem')
    .filter({ hasText: 'Without the multiples' })
    .getByRole('button', { name: 'Use this grid' })
    .click();
  await expect(page.getByText('In the sheet now: 10 × 93, gutter 30')).toBeVisible();
});

test('a long search shows its progress and can be cancelled @long', async ({ signedIn: page }) => {
  await openFinder(page);
  await page.getByLabel('Container or viewport').selectOption('a viewport of');
  await page.locator('#finder-widths').fill('320 to 3840');
  await conditions(page).getByLabel('Counts').fill('1 to 64');
  await conditions(page).getByLabel('Gutter', { exact: true }).fill('0 to 400');
  await conditions(page).getByLabel('Margin', { exact: true }).fill('0 to 400');
  await find(page);
  await expect(page.getByRole('progressbar')).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Search cancelled.')).toBeVisible();
  // and the next one works
  await page.locator('#finder-widths').fill('1440');
  await conditions(page).getByLabel('Counts').fill('12');
  await conditions(page).getByLabel('Margin', { exact: true }).fill('144');
  await conditions(page).getByLabel('Gutter', { exact: true }).fill('24');
  await find(page);
  await expect(page.getByText('1 whole grid', { exact: true })).toBeVisible();
});

test('conditions that are wrong or contradict each other say so', async ({ signedIn: page }) => {
  await openFinder(page);
  for (const [label, right, wrong, sentence] of [
    ['Gutter', '0 to 48', '48 to 0', '48 to 0 is the wrong way round. Enter 0 to 48.'],
    ['Counts', '12', '65', 'The count goes from 1 to 64; 65 is outside that.'],
  ] as const) {
    const field = conditions(page).getByLabel(label, { exact: true });
    await expect(field).toHaveValue(right);
    await field.fill(wrong);
    await page.keyboard.press('Enter');
    await expect(page.getByText(sentence)).toBeVisible();
    await expect(field).toHaveValue(wrong);
    await field.fill(right);
    // it goes as soon as it is put right, and what stands under it moves up
    await expect(page.getByText(sentence)).toHaveCount(0);
  }
  await conditions(page).getByLabel('Counts').fill('10');
  await conditions(page).getByLabel('thirds').check();
  await find(page);
  await expect(page.getByText('Thirds need a count that 3 divides, such as 6; 10 is not.')).toBeVisible();
});

test('thousands of solutions scroll, and sort by any column', async ({ signedIn: page }) => {
  await openFinder(page);
  await page.locator('#finder-widths').fill('320 to 1920');
  await conditions(page).getByLabel('Counts').fill('2 to 24');
  await find(page);
  await expect(page.getByText(/whole grids; the first 20,000 are listed/)).toBeVisible();
  const table = page.getByRole('table', { name: 'Solutions' });
  expect(await table.getByRole('row').count()).toBeLessThan(60);
  await table.getByRole('button', { name: 'Gutter', exact: true }).click();
  await expect(table.getByRole('row').nth(1).getByRole('cell').nth(3)).toHaveText('0');
  await page.getByLabel('Solutions, scrolled').evaluate((body) => body.scrollTo(0, body.scrollHeight));
  await expect(table.locator('[aria-rowindex="20001"]')).toBeVisible();
});

test('counts against each other, with the spans that all share @long', async ({ signedIn: page }) => {
  await openFinder(page);
  await page.getByRole('button', { name: 'Compare counts' }).click();
  await page.getByLabel('Container').fill('1200');
  await page.getByLabel('Gutter').fill('20');
  await page.getByLabel('Counts', { exact: true }).fill('12, 16');
  const shared = page.getByRole('table', { name: 'Shared spans' });
  await expect(shared.getByRole('row')).toHaveText([
    'Widthof 12 columnsof 16 columns',
    '28534',
    '59068',
    '895912',
    '12001216',
  ]);
  await page.getByLabel('Counts', { exact: true }).fill('12');
  await expect(page.getByText('Enter two to 4 counts, such as 12, 16.')).toBeVisible();
});

test('a finding of columns that are not whole leads to the sweep and to the finder @long', async ({
  signedIn: page,
}) => {
  const slug = await makeSpec(page.request, spec);
  await page.goto(`/tidewick/${slug}`);
  const finding = page.getByRole('listitem').filter({ hasText: 'Columns are 77½ px at 390' });
  await finding.getByRole('button', { name: 'Show whole widths' }).click();
  await expect(page.getByRole('region', { name: 'At this viewport' })).toContainText('390 Phone');
  await page.getByRole('link', { name: 'Bench' }).click();
  await finding.getByRole('button', { name: 'Find whole columns' }).click();
  await expect(page.getByText('In the sheet: 4 × 77½, gutter 16')).toBeVisible();
});

test('what is taken stays where it was in the list, is marked, and measured anew; after undo it is not', async ({
  signedIn: page,
}) => {
  await openFinder(page);
  await page.locator('#finder-widths').fill('1200');
  await conditions(page).getByLabel('Counts').fill('10 12 15');
  await find(page);
  const rows = page.getByRole('table', { name: 'Solutions' }).getByRole('row');
  await expect(rows.nth(3)).toBeVisible();
  const list = async (): Promise<string[]> =>
    (await rows.allInnerTexts()).slice(1).map((text) => text.split('\n').slice(0, 4).join(' '));
  const before = await list();
  expect(new Set(before.map((row) => row.split(' ')[1]))).toEqual(new Set(['10', '12', '15']));
  for (const turn of [2, 3]) {
    const y = (await rows.nth(turn).boundingBox())!.y;
    await rows
      .nth(turn)
      .getByRole('button', { name: /^Use this grid/ })
      .click();
    await expect(rows.nth(turn)).toContainText('In the sheet');
    // its column, gutter and container are those of the sheet now
    await expect(rows.nth(turn).getByRole('cell').nth(4)).toHaveText('0');
    expect(await list()).toEqual(before);
    expect((await rows.nth(turn).boundingBox())!.y).toBe(y);
  }
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByText('In the sheet: 12 × 74, gutter 24')).toBeVisible();
  await expect(page.getByText('In the sheet now')).toBeHidden();
  // put in order anew by a head
  await page.getByRole('button', { name: 'Differs by' }).click();
  await expect(rows.nth(1)).toBeVisible();
});
