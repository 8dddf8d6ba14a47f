import type { Locator } from '@playwright/test';
import { expect, saved, test } from './app';
import {
  besideHandles,
  drag,
  front,
  middle,
  onPage,
  openLayouts,
  placeCell,
  scale,
  stored,
  undo,
  where,
} from './layouts-page';

test('a block is moved to the nearest columns, a click moves nothing, and undo brings it back', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openLayouts(page, front('Moved'));
  await expect(onPage(page, 'Opening heading')).toBeVisible();
  await onPage(page, 'Opening heading').click();
  await onPage(page, 'Opening heading').click();
  await expect(undo(page)).toBeDisabled();
  expect(await where(page, 'Opening heading')).toMatch(/^columns 1–6/);
  const one = (await scale(page)) * 98;
  // a little more than two columns is two columns; while it is dragged, that is said beside it
  const from = await middle(onPage(page, 'Opening heading'));
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 2.3 * one, from.y, { steps: 5 });
  await expect(page.locator('output').filter({ hasText: 'columns 3–8' })).toBeVisible();
  await page.mouse.up();
  expect(await where(page, 'Opening heading')).toMatch(/^columns 3–8, .*, 564 × /);
  await expect(placeCell(page, 'Opening heading', 'Desktop')).toContainText('3–8');
  await expect(saved(page)).toBeVisible();
  expect((await stored(app, slug)).layouts[0]!.sections[0]!.blocks[0]!.at['desktop']!.columns).toEqual([3, 8]);
  await undo(page).click();
  expect(await where(page, 'Opening heading')).toMatch(/^columns 1–6/);
});

test('while a block is held, the page goes with it: beside bars, in cards, in both directions', async ({
  signedIn: page,
}) => {
  const plain = front('Beside bars');
  const frame = { top: '64px', bottom: '48px', start: '120px', end: '0px' };
  const slugs = [
    'passenger-site',
    await openLayouts(page, { ...plain, breakpoints: plain.breakpoints.map((each) => ({ ...each, frame })) }),
  ];
  for (const slug of slugs)
    for (const direction of ['ltr', 'rtl']) {
      await page.goto(`/tidewick/${slug}/layouts`);
      const paper = page.locator('[data-page]');
      await expect(paper).toHaveAttribute('data-proof', /edges match/);
      if (direction === 'rtl') await page.getByRole('button', { name: 'Right to left' }).click();
      await expect(paper).toHaveAttribute('dir', direction);
      expect(await besideHandles(page, true)).toEqual([]);
      const { x, y } = await middle(paper.locator(':scope > [data-block]').first());
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.mouse.move(x + 60, y + 140, { steps: 5 });
      await expect(paper.locator('[data-held]')).toBeVisible();
      await expect.poll(() => besideHandles(page, true), `${slug}, ${direction}`).toEqual([]);
      await page.keyboard.press('Escape');
      await page.mouse.up();
    }
});

test('ten drags in a row each move by what they were dragged', async ({ signedIn: page }) => {
  await openLayouts(page, front('Dragged again'));
  const one = (await scale(page)) * 98;
  for (let turn = 1; turn <= 10; turn++) {
    const by = turn % 2 === 1 ? 1 : -1;
    await drag(page, await middle(onPage(page, 'Opening heading')), [by * one, 0]);
    expect(await where(page, 'Opening heading')).toMatch(by === 1 ? /^columns 2–7/ : /^columns 1–6/);
  }
});

test('stretched at its sides and its foot, and off the line with a reason', async ({ signedIn: page }) => {
  await openLayouts(page, front('Stretched'));
  const one = (await scale(page)) * 98;
  await onPage(page, 'Opening heading').click();
  const handle = (side: string): Locator => onPage(page, 'Opening heading').locator(`[data-side=${side}]`);
  await drag(page, await middle(handle('end')), [-1.9 * one, 0]);
  expect(await where(page, 'Opening heading')).toMatch(/^columns 1–4, /);
  const rows = /rows (\d+)–(\d+)/;
  const before = rows.exec(await where(page, 'Opening heading'))!;
  await drag(page, await middle(handle('foot')), [0, 32 * (await scale(page))]);
  const after = rows.exec(await where(page, 'Opening heading'))!;
  expect(Number(after[2]) - Number(before[2])).toBe(2);

  await drag(page, await middle(handle('end')), [0.4 * one, 0], 'Alt');
  const dialog = page.getByRole('dialog', { name: 'Opening heading breaks the grid' });
  await dialog.getByRole('button', { name: 'Break the grid' }).click();
  await expect(dialog.getByRole('alert')).toHaveText(
    'Enter the reason this edge breaks the grid. Developers will read it.',
  );
  await dialog.getByLabel('Reason').fill('The heading hangs into the picture.');
  await dialog.getByLabel('Ends').selectOption('screen');
  await dialog.getByRole('button', { name: 'Break the grid' }).click();
  await expect(dialog).toBeHidden();
  // from the first column at 144 to the end of the screen
  expect(await where(page, 'Opening heading')).toContain('1296 × ');
  await expect(page.getByText('Its end breaks the grid: The heading hangs into the picture.')).toBeVisible();
  await page.getByRole('button', { name: 'Snap back to the line' }).click();
  expect(await where(page, 'Opening heading')).toContain('columns 1–4, ');
});

test('several at once: side by side where it comes out, stacked, and following again', async ({ signedIn: page }) => {
  await openLayouts(page, front('Arranged'));
  await page.getByRole('button', { name: 'Tablet', exact: true }).click();
  await onPage(page, 'Card 1').click();
  await onPage(page, 'Card 2').click({ modifiers: ['Shift'] });
  await onPage(page, 'Card 3').click({ modifiers: ['Shift'] });
  await expect(page.getByText('3 blocks', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Side by side' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'columns don’t divide' })).toHaveText(
    '8 columns don’t divide into 3 equal parts. Use 2, 4 or 8.',
  );
  await page.getByRole('button', { name: 'Desktop', exact: true }).click();
  await page.getByRole('button', { name: 'Stack' }).click();
  for (const card of ['Card 1', 'Card 2', 'Card 3']) expect(await where(page, card)).toMatch(/^columns 1–12/);
  await page.getByRole('button', { name: 'Side by side' }).click();
  expect(await where(page, 'Card 3')).toMatch(/^columns 9–12/);
  await page.getByLabel('Place as at').selectOption('Tablet');
  expect(await where(page, 'Card 2')).toMatch(/^columns 7–12/);
});

test('by keys alone: moved, stretched, into the lane above, and off the page', async ({ signedIn: page }) => {
  await openLayouts(page, front('By keys'));
  await onPage(page, 'Card 3').focus();
  await page.keyboard.press('ArrowLeft');
  expect(await where(page, 'Card 3')).toMatch(/^columns 8–11/);
  await page.keyboard.press('Shift+ArrowRight');
  expect(await where(page, 'Card 3')).toMatch(/^columns 8–12/);
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByRole('alert').filter({ hasText: '12 columns' })).toHaveText(
    'There are 12 columns here; it already ends at the last one.',
  );
  await page.keyboard.press('Alt+ArrowDown');
  await expect(page.getByRole('alert').filter({ hasText: '12 columns' })).toBeHidden();
  await page.getByRole('button', { name: 'Lanes', exact: true }).click();
  await expect(placeCell(page, 'Card 3', 'Desktop')).toContainText('3');
  await onPage(page, 'Card 3').focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(placeCell(page, 'Card 3', 'Desktop')).toContainText('2');
  await onPage(page, 'Card 3').focus();
  await page.keyboard.press('Delete');
  await expect(onPage(page, 'Card 3')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(onPage(page, 'Card 3')).toHaveCount(1);
});

test('by keys alone: leaves the grid and lies over another, each with a reason', async ({ signedIn: page }) => {
  await openLayouts(page, front('Exceptions by keys'));
  await onPage(page, 'Opening heading').focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Break the grid…' }).press('Enter');
  const leaves = page.getByRole('dialog', { name: 'Opening heading breaks the grid' });
  await expect(leaves.getByLabel('Reason')).toBeFocused();
  await page.keyboard.type('It hangs.');
  await leaves.getByLabel('Edge').selectOption('start');
  await leaves.getByLabel('Distance from the line').fill('wide');
  await page.keyboard.press('Enter');
  await expect(leaves.getByRole('alert')).toContainText('“wide”');
  await leaves.getByLabel('Distance from the line').fill('24');
  await page.keyboard.press('Enter');
  await expect(leaves).toBeHidden();
  expect(await where(page, 'Opening heading')).toContain('588 × ');
  await page.getByRole('button', { name: 'Overlap…' }).press('Enter');
  await expect(page.getByLabel('Reason')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByRole('alert')).toHaveText('Enter the reason it overlaps another block.');
  await page.getByLabel('Reason').fill('The heading lies on the picture.');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Overlaps another block: The heading lies on the picture.')).toBeVisible();
});

test('with a finger: a block is moved, and the page does not scroll', async ({ signedIn: page }) => {
  await openLayouts(page, front('Touched'));
  const one = (await scale(page)) * 98;
  const { x, y } = await middle(onPage(page, 'Opening heading'));
  const cdp = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: number) =>
    cdp.send('Input.dispatchTouchEvent', { type, touchPoints: at === undefined ? [] : [{ x: at, y }] });
  await touch('touchStart', x);
  for (let step = 1; step <= 5; step++) await touch('touchMove', x + (step / 5) * one);
  await touch('touchEnd');
  await expect.poll(() => where(page, 'Opening heading')).toMatch(/^columns 2–7/);
});
