import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, makeSpec, openBench, test } from './app';

const spec = practiceSpec('Swept');

async function openSweep(page: Page): Promise<void> {
  await page.goto(`/tidewick/${await makeSpec(page.request, spec)}/sweep`);
  await expect(page.getByRole('img', { name: /^At 1×: columns whole at \d+ of 3601 widths$/ })).toBeVisible();
}

test('drag through a sweep: all values of the width pointed at, and the bench’s marker moves along', async ({
  signedIn: page,
}) => {
  await openSweep(page);
  const readout = page.getByRole('region', { name: 'At this viewport' });
  const marker = page.getByRole('slider', { name: 'Viewport width' });
  const box = (await page.getByRole('group', { name: 'Charts' }).boundingBox())!;
  const x = (width: number) => box.x + 64 + ((box.width - 64 - 14) * (width - 240)) / 3600;
  await page.mouse.move(x(400), box.y + 150);
  await expect(readout).toContainText('Phone');
  await page.mouse.move(x(900), box.y + 150, { steps: 10 });
  await expect(readout).toContainText('Tablet');
  await marker.focus();
  await page.keyboard.press('ArrowRight');
  const width = Number(await marker.getAttribute('aria-valuenow'));
  await expect(readout.getByRole('heading')).toHaveText(`${width} Tablet`);
  await expect(readout).toContainText(`= ${width}`);
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByRole('slider', { name: 'Viewport' })).toHaveAttribute('aria-valuenow', String(width));
});

test('findings on the axis, jumps, another range', async ({ signedIn: page }) => {
  await openSweep(page);
  await page
    .getByRole('button', { name: /^At 600: .*At 600 px the container drops from 567 px \(Phone\) to 536/ })
    .click();
  await expect(page.getByRole('region', { name: 'At this viewport' }).getByRole('heading')).toHaveText('600 Tablet');
  await expect(page.getByRole('region', { name: 'Jumps' }).getByRole('row').nth(1)).toHaveText(
    '600567 → 536129¾ → 5316 → 32',
  );
  const range = page.getByLabel('Viewports');
  await range.fill('1920 to 320');
  await page.keyboard.press('Enter');
  await expect(page.getByText('1920 to 320 is the wrong way round. Enter 320 to 1920.')).toBeVisible();
  await range.fill('320 to 400');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('img', { name: 'At 1×: columns whole at 21 of 81 widths' })).toBeVisible();
});

test('the same as a table and as CSV', async ({ signedIn: page }) => {
  await openSweep(page);
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  const table = page.getByRole('table', { name: 'Every width' });
  await expect(table).toHaveAttribute('aria-rowcount', '3602');
  await expect(table.getByRole('row').nth(1).getByRole('cell')).toHaveText([
    '240',
    'Phone',
    '4',
    '40',
    '16',
    '16',
    '16',
    '208',
    '1× 1.25× 1.5× 2× 3×',
  ]);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'CSV' }).click();
  const csv = await readFile(await (await download).path(), 'utf8');
  expect(csv.split('\r\n')).toHaveLength(3603);
  expect(csv).toContain('\r\n390,Phone,4,77.5,16,16,16,358,no,171,264.5,358,,,,,,,,\r\n');
});

test('on the bench: a followed value explains itself, spans, units', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await cell(page, 'Column', 'Desktop').click();
  const line = page.locator('#sheet-says');
  await expect(line).toContainText('column = (container − 11 × gutter) / 12 = (1152 − 11 × 24) / 12 = 74');
  await line.getByRole('button', { name: 'Copy' }).click();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(
    'column = (container − 11 × gutter) / 12 = (1152 − 11 × 24) / 12 = 74',
  );

  await page.getByRole('button', { name: 'Spans' }).click();
  await expect(page.getByRole('group', { name: 'Spans of Desktop' }).getByRole('row').nth(4)).toHaveText(
    '4 columns36831.94 %25.56 %',
  );

  await cell(page, 'Gutter', 'Desktop').click();
  await page.keyboard.type('1.5rem');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Units…' }).click();
  await page.getByLabel('1 rem is').fill('0');
  await page.getByRole('button', { name: 'Use units' }).click();
  await expect(page.getByText('“0” isn’t a root font size. Enter px from 1 to 200, such as 16.')).toBeVisible();
  await page.getByLabel('1 rem is').fill('24');
  await page.getByRole('button', { name: 'Use units' }).click();
  await expect(cell(page, 'Gutter', 'Desktop')).toHaveText('1.5rem 36');
  await expect(cell(page, 'Column', 'Desktop')).toHaveText('=63');
});
