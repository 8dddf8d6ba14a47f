import { addLayout } from '../../core/layouts/starting-layouts';
import { expect, test } from './app';
import { drag, front, middle, onPage, openLayouts, placeCell, scale, stored, undo } from './layouts-page';

test('a sheet of blocks: parts are typed, refused in a sentence, copied, and follow again', async ({
  signedIn: page,
}) => {
  await openLayouts(page, front('Typed'));
  const cell = placeCell(page, 'Opening heading', 'Desktop');
  await cell.click();
  await page.keyboard.type('two thirds');
  await page.keyboard.press('Enter');
  await expect(cell).toContainText('1–8');
  await cell.click();
  await page.keyboard.type('5 of 11');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '“5 of 11” of 12 columns' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(cell).toContainText('1–8');
  await cell.click();
  await page.keyboard.press('Delete');
  // half of the tablet’s columns
  await expect(cell).toContainText('1–6');
});

test('white space by kind of gap: one number for all of a kind', async ({ signedIn: page }) => {
  await openLayouts(page, addLayout(front('Spaced'), 'cards', 'List').value!.spec);
  const gaps = page.getByRole('grid', { name: 'White space by gap' });
  const cell = gaps.getByRole('gridcell', { name: /^Heading to card, Desktop: / });
  await cell.click();
  await page.keyboard.type('5');
  await page.keyboard.press('Enter');
  await expect(cell).toContainText('5 rows 88');
  await page.getByRole('combobox', { name: 'Layout' }).selectOption('List');
  await onPage(page, 'Heading').click();
  await expect(page.locator('[data-page] text').filter({ hasText: '5 rows · 88 px' })).toHaveCount(1);
});

test('the page is as built: every edge is as worked out, at any width it is dragged to, in both directions', async ({
  signedIn: page,
}) => {
  await page.goto('/tidewick/passenger-site/layouts');
  const proof = page.locator('[data-page]');
  await expect(proof).toHaveAttribute('data-proof', '60 edges match at 2048');
  const grip = page.getByRole('slider', { name: 'Width of the page' });
  await drag(page, await middle(grip), [-60, 0]);
  await expect(proof).toHaveAttribute('data-proof', /^60 edges match at 1[6-9]\d\d$/);
  await grip.focus();
  await page.keyboard.press('PageDown');
  await expect(proof).toHaveAttribute('data-proof', /^60 edges match at 1[5-9]\d\d$/);
  await page.getByRole('button', { name: 'Right to left' }).click();
  for (const name of ['Booking form', 'Timetable']) {
    await page.getByRole('combobox', { name: 'Layout' }).selectOption(name);
    for (const [breakpoint, width] of [
      ['Phone', 412],
      ['Tablet', 820],
      ['Laptop', 1344],
      ['Desktop', 1512],
    ] as const) {
      await page.getByRole('button', { name: breakpoint, exact: true }).click();
      await expect(proof).toHaveAttribute('data-proof', new RegExp(`edges match at ${width}$`));
    }
  }
});

test('from right to left a block stands, is dragged and goes by keys the other way', async ({ signedIn: page }) => {
  await openLayouts(page, front('Mirrored'));
  const block = onPage(page, 'Opening heading');
  const left = (await block.boundingBox())!;
  const paper = (await page.locator('[data-page]').boundingBox())!;
  await page.getByRole('button', { name: 'Right to left' }).click();
  await expect
    .poll(async () => Math.round(paper.x + paper.width - (await block.boundingBox())!.x - left.width))
    .toBe(Math.round(left.x - paper.x));
  const cell = placeCell(page, 'Opening heading', 'Desktop');
  await placeCell(page, 'Opening heading', 'Desktop').click();
  await page.keyboard.type('1-4');
  await page.keyboard.press('Enter');
  await expect(cell).toContainText('1–4');
  await block.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(cell).toContainText('2–5');
  const from = await middle(block);
  await drag(page, from, [(74 + 24) * (await scale(page)), 0]);
  await expect(cell).toContainText('1–4');
});

test('words are typed where they stand, and said where they need more lines than are given', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openLayouts(page, front('Typed on the page'));
  const words = page.frameLocator('[data-page] iframe').locator('[data-block]').first();
  const block = onPage(page, 'Opening heading');
  await block.dblclick();
  await expect(words).toBeFocused();
  await page.keyboard.type('What to see on the islands');
  await page.keyboard.press('Enter');
  await expect(block).toBeFocused();
  await expect(words).toHaveText('What to see on the islands');
  await expect(block).toHaveAttribute('aria-label', /“What to see on the islands”/);
  await page.keyboard.press('Enter');
  await expect(words).toBeFocused();
  await page.keyboard.type('thrown away');
  await page.keyboard.press('Escape');
  await expect(words).toHaveText('What to see on the islands');
  await undo(page).click();
  await expect(words).not.toHaveText('What to see on the islands');
  await block.dblclick();
  await page.keyboard.insertText('long words '.repeat(60));
  await expect(page.getByText(/^\d\d? of \d lines?$/)).toBeVisible();
  // what stands elsewhere is chosen, and the words are kept
  await page.getByRole('combobox', { name: 'Layout' }).focus();
  await expect(page.getByRole('status').filter({ hasText: /^At \d+ px/ })).toContainText(
    /Opening heading has its bottom edge \d+(⁠|[^a-z])* ?px below/,
  );
  await expect.poll(async () => JSON.stringify(await stored(app, slug))).toContain('long words long words');
});

test('a finding leads to its block, and from there to the finder with its condition', async ({ signedIn: page }) => {
  await page.goto('/tidewick/slips-to-find');
  const row = page.getByRole('listitem').filter({ hasText: 'Farholm is on columns 5–9.5' });
  await row.getByRole('button', { name: /^Farholm is on/ }).click();
  await expect(onPage(page, 'Farholm')).toHaveAttribute('aria-pressed', 'true');
  await page.goto('/tidewick/slips-to-find');
  const whole = page.getByRole('listitem').filter({ hasText: 'Skerry on columns 1–4 is 377⅓ px wide' });
  await whole.getByRole('button', { name: 'Find whole columns' }).click();
  await expect(page.getByRole('checkbox', { name: /third/i }).first()).toBeChecked();
});

test('readers see layouts as they are built, from the edition’s own files, in both directions', async ({
  signedIn: page,
}) => {
  await page.goto('/tidewick/passenger-site/editions/1.0.0');
  const built = page.frameLocator('iframe[title="Front page, Phone"]');
  await expect(built.locator('[data-block=promise]')).toHaveText('Cross the sound in nineteen minutes');
  await expect(built.locator('.layout')).toHaveCount(1);
  const height = await page.locator('iframe[title="Front page, Phone"]').evaluate((frame) => frame.clientHeight);
  expect(await built.locator('.layout').evaluate((layout) => layout.clientHeight)).toBeCloseTo(height, -1);
  await page.getByLabel('Right to left').check();
  await expect(built.locator('html')).toHaveAttribute('dir', 'rtl');
});
