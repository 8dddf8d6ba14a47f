import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, test, type } from './app';

const spec = practiceSpec('On the bench');

test('dragging the viewport marker through the ranges changes the breakpoint by itself', async ({ signedIn: page }) => {
  await openBench(page, spec);
  const marker = page.getByRole('slider', { name: 'Viewport' });
  const box = (await marker.boundingBox())!;
  await page.mouse.move(box.x + 9, box.y + 9);
  await page.mouse.down();
  const preview = page.getByRole('region', { name: 'Preview' });
  await page.mouse.move(700, box.y + 9, { steps: 8 });
  await expect(preview).toContainText('Tablet');
  await page.mouse.move(200, box.y + 9, { steps: 8 });
  await expect(preview).toContainText('Phone');
  await page.mouse.up();
});

test('a boundary is dragged as one step; a click moves nothing', async ({ signedIn: page }) => {
  await openBench(page, spec);
  const boundary = page.getByRole('slider', { name: 'Desktop starts at' });
  const box = (await boundary.boundingBox())!;
  await boundary.click();
  await expect(cell(page, 'From width', 'Desktop')).toHaveText('1200');
  await page.mouse.move(box.x + 5, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 65, box.y + 10, { steps: 6 });
  await expect(cell(page, 'From width', 'Desktop')).toHaveText('1200');
  await page.mouse.up();
  await expect(cell(page, 'From width', 'Desktop')).not.toHaveText('1200');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cell(page, 'From width', 'Desktop')).toHaveText('1200');
});

test('pointing at a column shows its exact edges', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await cell(page, 'Count', 'Phone').click();
  const preview = page.getByRole('application');
  const box = (await preview.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2 + 25, box.y + box.height / 2);
  await expect(preview.getByRole('status')).toContainText('column 3: 77½');
  await expect(preview.getByRole('status')).toContainText('203 → 280½');
  await expect(preview.getByRole('status')).toContainText('203 → 280.5');
});

test('a breakpoint is added from a width that is asked for, named, and removed', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await page.getByRole('slider', { name: 'Viewport' }).focus();
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('button', { name: 'Add a breakpoint' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add breakpoint' });
  // where the marker stands there is room on both sides
  await expect(dialog.getByLabel('From width (px)')).toHaveValue('1439');
  await expect(dialog).toContainText('Copy grid from Desktop, 1200 and up');
  await expect(dialog.getByLabel('From width (px)')).toBeFocused();
  await page.keyboard.type('600');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText('Tablet already starts at 600 px. Enter another width.')).toBeVisible();
  await dialog.getByLabel('From width (px)').fill('1439');
  await page.keyboard.press('Enter');
  await expect(dialog).toBeHidden();
  await page.keyboard.type('Wide');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'From width', 'Wide')).toHaveText('1439');
  // a second one, from the end of a range: past the last, not a range of one px
  await page.getByRole('slider', { name: 'Viewport' }).focus();
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('button', { name: 'Add a breakpoint' }).click();
  await expect(dialog.getByLabel('From width (px)')).toHaveValue('1839');
  await page.keyboard.press('Escape');
  await expect(cell(page, 'From width', 'Wide')).toHaveText('1439');
  // of one width is refused at the cell, of one name found
  await type(page, 'From width', 'Wide', '600');
  await expect(page.getByText('Tablet already starts at 600 px. Enter another width.')).toBeVisible();
  await page.keyboard.press('Escape');
  await type(page, 'Name', 'Wide', 'Tablet');
  await expect(
    page.getByRole('button', { name: 'Two breakpoints are named Tablet. Rename one of them.' }),
  ).toBeVisible();
  await page.keyboard.press('Control+z');
  await type(page, 'From width', 'Wide', '1700');
  await expect(page.getByRole('slider', { name: 'Wide starts at' })).toHaveAttribute('aria-valuenow', '1700');
  await cell(page, 'Name', 'Wide').click();
  await page.keyboard.press('Delete');
  await expect(cell(page, 'Name', 'Wide')).toHaveCount(0);
  await expect(page.getByText('Wide removed. Ctrl+Z brings it back.')).toBeVisible();
});

test('a finding goes to its cell, is mended, or is waived', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await type(page, 'Container', 'Desktop', '1240');
  const findings = page.getByRole('region', { name: 'Findings' });
  const overflow = findings.getByRole('listitem').filter({ hasText: 'it overflows by 40 px there' });
  await expect(page.getByRole('link', { name: '1 must fix' })).toBeVisible();
  await overflow.getByTitle('Go to the cell').click();
  await expect(cell(page, 'Container', 'Desktop')).toBeFocused();
  await overflow.getByRole('button', { name: 'Waive…' }).click();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Enter a reason.')).toBeVisible();
  await page.keyboard.type('Desks only.');
  await page.keyboard.press('Enter');
  await expect(overflow).toContainText('Desks only. (Ansa Brisk)');
  await expect(page.getByRole('link', { name: '1 must fix' })).toHaveCount(0);
  await overflow.getByRole('button', { name: 'Remove waiver' }).click();
  await overflow.getByRole('button', { name: 'Cap it: up to 1240 px' }).click();
  await expect(overflow).toHaveCount(0);
  await expect(cell(page, 'Container', 'Desktop')).toContainText('up to 1240');
});

test('a sum that does not come out says by how much and offers the ways to mend it', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await type(page, 'Margin', 'Desktop', '143');
  const preview = page.getByRole('region', { name: 'Preview' });
  await expect(preview).toContainText('143 + 12 × 74 + 11 × 24 + 143 = 1438, not 1440');
  await expect(preview).toContainText('2 px too few');
  await preview.getByRole('button', { name: 'Set the margin to auto: 144' }).click();
  await expect(preview).toContainText('144 + 12 × 74 + 11 × 24 + 144 = 1440');
});

test('typed arithmetic is kept and shown with what it comes to', async ({ signedIn: page }) => {
  const slug = await openBench(page, spec);
  await type(page, 'Margin', 'Phone', '(390-358)/2');
  await expect(cell(page, 'Margin', 'Phone')).toHaveText('(390-358)/2 16');
  await expect(page.getByRole('status').filter({ hasText: 'Draft 2, saved' })).toBeVisible();
  await page.goto(`/tidewick/${slug}`);
  await cell(page, 'Margin', 'Phone').dblclick();
  await expect(page.getByRole('textbox', { name: 'Margin, Phone' })).toHaveValue('(390-358)/2');
});

test('the base unit and half steps', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await page.getByLabel('Base').fill('0');
  await page.keyboard.press('Enter');
  await expect(page.getByText('A base unit can’t be 0. Enter one such as 8 or 4.')).toBeVisible();
  await page.getByLabel('Base').fill('10');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText(
    'The gutter of 16 px is not a multiple of 10 px or half of it; 15 and 20 are.',
  );
});

test('one value for all breakpoints, or scaled with the screen: shown, applied as one step, undone', async ({
  signedIn: page,
}) => {
  await openBench(page, practiceSpec('For all'));
  await cell(page, 'Gutter', 'Tablet').click();
  await page.keyboard.press('Alt+a');
  const dialog = page.getByRole('dialog', { name: 'All breakpoints' });
  await expect(dialog.getByLabel('Quantity')).toHaveValue('gutter');
  await dialog.getByRole('button', { name: 'Scale with the screen' }).click();
  await dialog.getByLabel('At the narrowest').fill('16');
  await dialog.getByLabel('At the widest').fill('32');
  await expect(dialog.getByRole('row', { name: /^Tablet/ })).toHaveText('Tablet7441624');
  await dialog.getByLabel('At the widest').press('Enter');
  await expect(dialog).toHaveCount(0);
  for (const [name, gutter] of [
    ['Phone', '16'],
    ['Tablet', '24'],
    ['Desktop', '32'],
  ] as const)
    await expect(cell(page, 'Gutter', name)).toHaveText(gutter);
  await page.keyboard.press('Control+z');
  await expect(cell(page, 'Gutter', 'Desktop')).toHaveText('24');
  await page.getByRole('button', { name: 'All breakpoints…' }).click();
  await dialog.getByRole('button', { name: 'Apply to all' }).click();
  await expect(dialog.getByRole('alert')).toHaveText('Enter a value.');
  await dialog.getByLabel('Value').fill('wide');
  await expect(dialog.getByRole('alert')).toContainText('Gutter, Phone:');
  await dialog.getByLabel('Value').fill('1/4 column');
  await dialog.getByRole('button', { name: 'Apply to all' }).click();
  await expect(cell(page, 'Gutter', 'Phone')).toContainText('1/4 column');
  await expect(cell(page, 'Gutter', 'Desktop')).toContainText('1/4 column');
});

test('sums, capped shares, gutters and squares are typed, kept as typed, and explained', async ({ signedIn: page }) => {
  await openBench(page, practiceSpec('Related'));
  await type(page, 'Margin', 'Phone', '2 gutters');
  await expect(cell(page, 'Margin', 'Phone')).toContainText('2 gutters');
  await cell(page, 'Column', 'Phone').click();
  await expect(page.getByText('column = (viewport − 7 × gutter) / 4 = (390 − 7 × 16) / 4 = 69½')).toBeVisible();
  await type(page, 'Container', 'Desktop', '90% up to 1232');
  await expect(cell(page, 'Container', 'Desktop')).toContainText('90% up to 1232');
  await type(page, 'Container', 'Desktop', '100% - 40');
  await expect(cell(page, 'Container', 'Desktop')).toContainText('100% - 40');
  await type(page, 'Gutter', 'Tablet', '2 gutters');
  await expect(page.getByText('A gutter can’t be measured in gutters.')).toBeVisible();
  await page.keyboard.press('Escape');
  await type(page, 'Rule', 'Tablet', 'fields');
  await expect(cell(page, 'Height', 'Tablet')).toContainText('1:1');
  await expect(cell(page, 'Height', 'Tablet')).toContainText('71');
});
