import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, saved, test, type } from './app';

const spec = practiceSpec('Scaled');

test('the spacing scale: what uses each step, new steps, suggestions, bad input', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await page.getByRole('button', { name: 'Spacing', exact: true }).click();
  const panel = page.getByRole('region', { name: 'Preview' });
  const step = (name: string) =>
    panel.getByRole('row').filter({ has: page.getByRole('textbox', { name: `Name of ${name}` }) });
  await expect(step('space-2')).toContainText('gutter (Phone, Tablet)');
  await expect(step('space-8')).toContainText('no grid');

  const add = panel.getByRole('textbox', { name: 'Add step' });
  await add.fill('wide');
  await page.keyboard.press('Enter');
  await expect(panel.getByText('“wide” isn’t a step. Enter a multiple of the base unit, such as 3/2')).toBeVisible();
  await add.fill('40px');
  await page.keyboard.press('Enter');
  await expect(step('space-5')).toContainText('402½'); // 40 px, 2½ rem

  await panel.getByRole('textbox', { name: 'Name of space-5' }).fill('space-4');
  await page.keyboard.press('Enter');
  await expect(panel.getByText('Another step is named space-4 already. Enter another name.')).toBeVisible();
  await page.keyboard.press('Escape');
  await panel.getByRole('button', { name: 'Remove space-5' }).click();
  await expect(step('space-5')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(step('space-5')).toHaveCount(1);
});

test('a space that is no step is a finding; naming it mends it; the arrow keys go to named steps', async ({
  signedIn: page,
}) => {
  await openBench(page, spec);
  await type(page, 'Gutter', 'Tablet', '40');
  const findings = page.getByRole('region', { name: 'Findings' });
  await expect(findings).toContainText(
    'The gutter of 40 px isn’t on the scale; space-4 (32) and space-6 (48) are nearest.',
  );
  await findings.getByRole('button', { name: 'Name 40 px' }).click();
  await expect(findings).not.toContainText('The gutter of 40 px isn’t on the scale');
  await cell(page, 'Gutter', 'Tablet').click();
  await page.keyboard.press('Alt+PageUp');
  await expect(cell(page, 'Gutter', 'Tablet')).toHaveText('48');
  await page.keyboard.press('Alt+PageDown');
  await page.keyboard.press('Alt+PageDown');
  await expect(cell(page, 'Gutter', 'Tablet')).toHaveText('32');
});

test('a rule is turned off, weighed otherwise, given another number; all of it is kept', async ({ signedIn: page }) => {
  const slug = await openBench(page, spec);
  await type(page, 'Margin', 'Phone', '12');
  const findings = page.getByRole('region', { name: 'Findings' });
  await expect(findings).toContainText('screens need at least 16');
  await page.getByRole('link', { name: 'Rules' }).click();
  const row = page.getByRole('row').filter({ hasText: 'phone-margin' });
  await expect(row).toContainText('Common practice');
  const least = row.getByRole('textbox', { name: 'Margin at least' });
  await least.fill('many');
  await page.keyboard.press('Enter');
  await expect(row.getByText('“many” isn’t a number from 0 to 100,000. The default is 16.')).toBeVisible();
  await least.fill('14');
  await page.keyboard.press('Enter');
  await row.getByRole('combobox').selectOption('must-fix');
  await expect(saved(page)).toHaveText(/^Draft [2-9]/);
  await page.goto(`/tidewick/${slug}`);
  await expect(findings.getByRole('listitem').filter({ hasText: 'screens need at least 14' })).toContainText(
    'Must fix',
  );
  await page.getByRole('link', { name: 'Rules' }).click();
  await row.getByRole('checkbox').uncheck();
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(findings).not.toContainText('screens need at least 14');
});

test('a waiver lapses when its numbers change; what was accepted is said, and it is waived anew @long', async ({
  signedIn: page,
}) => {
  await openBench(page, spec);
  await type(page, 'Container', 'Desktop', '1240');
  const findings = page.getByRole('region', { name: 'Findings' });
  const overflow = findings.getByRole('listitem').filter({ hasText: 'it overflows by' });
  await overflow.getByRole('button', { name: 'Waive…' }).click();
  await page.keyboard.type('Desks only.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: '1 must fix' })).toHaveCount(0);
  await type(page, 'Container', 'Desktop', '1248');
  await expect(page.getByRole('link', { name: '1 must fix' })).toBeVisible();
  await expect(overflow).toContainText('Waiver expired, the numbers changed: Desks only. (Ansa Brisk)');
  await page.getByRole('link', { name: 'Rules' }).click();
  await expect(page.getByRole('region', { name: 'Waivers' })).toContainText(
    'Expired: the numbers it’s about have changed.',
  );
  await page.getByRole('link', { name: 'Bench' }).click();
  await overflow.getByRole('button', { name: 'Waive…' }).click();
  await page.keyboard.type('Still desks only.');
  await page.keyboard.press('Enter');
  await expect(overflow).toContainText('Still desks only.');
  await page.getByRole('link', { name: 'Rules' }).click();
  const waivers = page.getByRole('region', { name: 'Waivers' });
  await expect(waivers.getByRole('listitem')).toHaveCount(1);
  await waivers.getByRole('button', { name: 'Remove waiver' }).click();
  await expect(page.getByRole('link', { name: '1 must fix' })).toBeVisible();
});
