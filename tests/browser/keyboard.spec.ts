import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, saved, test } from './app';

const spec = practiceSpec('By keyboard');

test('the sheet by keyboard alone', async ({ signedIn: page }) => {
  await openBench(page, spec);
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
  };
  // into the sheet: after the base unit, half steps, units, all breakpoints, the button that adds one and the choice of grid
  await page.getByLabel('Base').focus();
  await press('Tab', 'Tab', 'Tab', 'Tab', 'Tab', 'Tab');
  await expect(page.getByRole('gridcell', { selected: true })).toBeFocused();
  await press('Home', 'ArrowDown', 'ArrowDown', 'ArrowDown');
  await expect(cell(page, 'Gutter', 'Phone')).toBeFocused();

  // typing replaces, Enter commits and goes down, Shift+Enter up
  await page.keyboard.type('8');
  await press('Enter');
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
  await expect(cell(page, 'Column', 'Phone')).toBeFocused();

  // Esc puts back
  await press('ArrowUp');
  await page.keyboard.type('99');
  await press('Escape');
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
  await expect(cell(page, 'Gutter', 'Phone')).toBeFocused();

  // Alt+arrows step by the base unit, with Shift by half of it
  await press('Alt+ArrowUp');
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('16');
  await press('Alt+Shift+ArrowDown');
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('12');

  // Tab commits and goes right
  await page.keyboard.type('16');
  await press('Tab');
  await expect(cell(page, 'Gutter', 'Tablet')).toBeFocused();

  // Delete lets it follow; what followed is held
  await press('Delete');
  await expect(cell(page, 'Gutter', 'Tablet')).toHaveText('=16');
  await expect(cell(page, 'Column', 'Tablet')).toHaveText('71');

  // undo and redo
  await press('Control+z');
  await expect(cell(page, 'Column', 'Tablet')).toHaveText('=71');
  await press('Control+Shift+z');
  await expect(cell(page, 'Column', 'Tablet')).toHaveText('71');
  await press('Control+z');

  // a range, filled right, copied and pasted
  await press('Home', 'Shift+ArrowRight', 'Shift+ArrowRight', 'Alt+r');
  await expect(cell(page, 'Gutter', 'Desktop')).toHaveText('16');
  await press('Control+c');
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('16\t16\t16');
  await page.evaluate(() => navigator.clipboard.writeText('8\t24\t32'));
  await press('Home', 'Control+v');
  await expect(cell(page, 'Gutter', 'Desktop')).toHaveText('32');
  await expect(saved(page)).toBeVisible();

  // the keys are listed
  await press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('step by the base unit');
  await press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('rail and preview by keyboard', async ({ signedIn: page }) => {
  await openBench(page, spec);
  const boundary = page.getByRole('slider', { name: 'Tablet starts at' });
  await boundary.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(cell(page, 'From width', 'Tablet')).toHaveText('609');

  const marker = page.getByRole('slider', { name: 'Viewport' });
  await marker.focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByRole('textbox', { name: 'Viewport width' })).toHaveValue('1432');

  const preview = page.getByRole('application');
  await preview.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(preview.getByRole('status')).toContainText('column 1: 74');
  await expect(preview.getByRole('status')).toContainText('140 → 214');
  await page.keyboard.press('s');
  await expect(page.getByRole('button', { name: 'Show Phone alone' })).toBeVisible();
  await page.getByRole('button', { name: 'Show Phone alone' }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'Viewport width' })).toHaveValue('390');
});

test('keys skip the bar, go from view to view and on to publishing, and the focus stands where one begins', async ({
  signedIn: page,
}) => {
  await page.goto('/tidewick/passenger-site/rules');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to content' })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('main').locator(':focus')).toBeVisible();
  for (const [key, title] of [
    ['S', 'Sweep'],
    ['F', 'Finder'],
    ['T', 'Type rhythm'],
    ['B', 'Bench'],
    ['E', 'Editions'],
  ] as const) {
    await page.keyboard.press(`Alt+Shift+${key}`);
    await expect(page.getByRole('heading', { level: 1, name: title })).toBeFocused();
  }
  await openBench(page, practiceSpec('By key'));
  await page.keyboard.press('Alt+Shift+P');
  await expect(page.getByRole('heading', { level: 1, name: 'Publish By key' })).toBeFocused();
});

test('a form begins at its first field, a dialog too, and answers Enter', async ({ signedIn: page }) => {
  await page.goto('/tidewick');
  await page.getByRole('link', { name: 'New specification' }).press('Enter');
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Enter a name, such as Passenger site.')).toBeVisible();
  await page.keyboard.type('Made by keys');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Bench' })).toBeFocused();
  await page.getByRole('button', { name: 'Units…' }).press('Enter');
  await expect(page.getByLabel('1 rem is')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+A');
  await page.keyboard.type('18');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Keys' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Done', exact: true })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
