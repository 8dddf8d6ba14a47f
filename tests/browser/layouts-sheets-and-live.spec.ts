import { addLayout } from '../../core/layouts/starting-layouts';
import type { Layout } from '../../core/spec/schema';
import { expect, test } from './app';
import { drag, front, middle, onPage, openLayouts, placeCell } from './layouts-page';

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
  await expect(cell).toContainText('5 88');
  await page.getByRole('combobox', { name: 'Layout' }).selectOption('List');
  await onPage(page, 'Heading').click();
  await expect(page.locator('[data-page] text').filter({ hasText: '5 rows · 88 px' })).toHaveCount(1);
});

test('live: every edge is as worked out, at any width it is dragged to', async ({ signedIn: page }) => {
  await page.goto('/tidewick/passenger-site/layouts');
  await page.getByRole('button', { name: 'Live' }).click();
  const proof = page.getByRole('status').filter({ hasText: /^At \d+ px/ });
  await expect(proof).toHaveText('At 2048 px all 60 edges match.');
  const grip = page.getByRole('slider', { name: 'Width of the page' });
  await drag(page, await middle(grip), [-60, 0]);
  await expect(proof).toHaveText(/^At 1[6-9]\d\d px all 60 edges match\.$/);
  await grip.focus();
  await page.keyboard.press('PageDown');
  await expect(proof).toHaveText(/all 60 edges match/);
  for (const name of ['Booking form', 'Timetable']) {
    await page.getByRole('combobox', { name: 'Layout' }).selectOption(name);
    for (const breakpoint of ['Phone', 'Tablet', 'Laptop', 'Desktop']) {
      await page.getByRole('button', { name: breakpoint, exact: true }).click();
      await expect(proof).toHaveText(/all \d+ edges match/);
    }
  }
});

test('live: a text that needs more lines than it was given is said', async ({ signedIn: page }) => {
  const spec = front('Too long');
  const layouts = spec.layouts.map((layout): Layout => ({
    ...layout,
    sections: layout.sections.map((section) => ({
      ...section,
      blocks: section.blocks.map((block) =>
        'text' in block.holds ? { ...block, holds: { ...block.holds, words: 'long words '.repeat(60) } } : block,
      ),
    })),
  }));
  await openLayouts(page, { ...spec, layouts });
  await page.getByRole('button', { name: 'Live' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^At \d+ px/ })).toHaveText(
    /Opening heading has its bottom edge \d+ px below/,
  );
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
