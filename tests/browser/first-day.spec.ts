import { practiceSpec } from '../../core/spec/testing';
import type { Spec } from '../../core/spec/schema';
import { cell, expect, openBench, saved, test, type } from './app';

/** What a new designer does on a first day, and does again. */

const spec = practiceSpec('First day');
const viewport = (page: Parameters<typeof cell>[0]) => page.getByRole('slider', { name: 'Viewport' });

test('the marker goes along with the design size that it stands on, again and again @long', async ({
  signedIn: page,
}) => {
  await openBench(page, spec);
  await expect(viewport(page)).toHaveAttribute('aria-valuenow', '1440');
  for (const width of ['1512', '1280', '1600']) {
    await type(page, 'Design size', 'Desktop', `${width} × 900`);
    await expect(viewport(page)).toHaveAttribute('aria-valuenow', width);
    await expect(page.getByRole('region', { name: 'Preview' })).toContainText(`= ${width}`);
  }
  await page.keyboard.press('Control+z');
  await expect(viewport(page)).toHaveAttribute('aria-valuenow', '1280');
  // where it was put elsewhere it stays
  await viewport(page).focus();
  await page.keyboard.press('ArrowRight');
  const put = (await viewport(page).getAttribute('aria-valuenow'))!;
  await type(page, 'Design size', 'Desktop', '1440 × 900');
  await expect(viewport(page)).toHaveAttribute('aria-valuenow', put);
});

test('a margin under a cap says what is drawn; a zoom outlives the finder', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await type(page, 'Container', 'Desktop', 'up to 960');
  await type(page, 'Margin', 'Desktop', '32');
  await expect(cell(page, 'Margin', 'Desktop')).toHaveText('32 drawn 240');
  await type(page, 'Container', 'Desktop', 'fills');
  await expect(cell(page, 'Margin', 'Desktop')).toHaveText('32');

  for (const turn of [1, 2]) {
    await page.getByRole('button', { name: 'Zoom in' }).click();
    const zoom = page.getByRole('button', { name: '1:1' }).locator('xpath=..');
    const before = await zoom.innerText();
    await page.getByRole('link', { name: 'Finder', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Finder' })).toBeVisible();
    await page.getByRole('link', { name: 'Bench', exact: true }).click();
    await expect(zoom, `turn ${turn}`).toHaveText(before.replace(/\n/g, ''));
  }
});

test('dividing writes nothing that nobody asked for, and back @long', async ({ signedIn: page }) => {
  await openBench(page, spec);
  for (const turn of ['first', 'second']) {
    await type(page, 'Rule', 'Desktop', 'divide');
    await expect(cell(page, 'How many', 'Desktop'), turn).toHaveText('6');
    for (const quantity of ['Above', 'Below']) await expect(cell(page, quantity, 'Desktop'), turn).toHaveText('0');
    for (const quantity of ['Minimum height', 'Maximum height'])
      await expect(cell(page, quantity, 'Desktop'), turn).toHaveText('none');
    await type(page, 'Rule', 'Desktop', 'none');
  }
});

test('two numbers with a slash are not divided unsaid @long', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await type(page, 'Margin', 'Phone', '170 / 80');
  await expect(
    page.getByText('“170 / 80” is 2⅛. For two margins, enter 170 | 80; for the quotient, (170 / 80).'),
  ).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(cell(page, 'Margin', 'Phone')).toHaveText('16');
  await type(page, 'Margin', 'Phone', '17 | 8');
  await expect(cell(page, 'Margin', 'Phone')).toHaveText('17 | 8');
  await type(page, 'Rule', 'Phone', 'divide');
  await type(page, 'Above', 'Phone', '40/20');
  await expect(
    page.getByText('“40/20” is 2. Enter 40 in Above and 20 in Below; for the quotient, (40/20).'),
  ).toBeVisible();
});

test('a mend that would make another finding of its weight is not offered @long', async ({ signedIn: page }) => {
  // six rows in 900 with gaps of 8 are 143⅓ high; whole with 2 below, which is no multiple of 8 or 4
  const divided: Spec = {
    ...spec,
    breakpoints: spec.breakpoints.map((each) =>
      each.id === 'desktop'
        ? {
            ...each,
            reference: { width: 1440, height: 900 },
            rows: { rule: 'divide', count: 6, gap: '8px', marginTop: '0px', marginBottom: '0px' },
          }
        : each,
    ),
  };
  await openBench(page, divided);
  const row = page.getByRole('listitem').filter({ hasText: '6 rows with gaps of 8 come to 143⅓ px each' });
  await expect(row).toBeVisible();
  await expect(row.getByRole('button', { name: 'Waive…' })).toBeVisible();
  await expect(row.getByRole('button', { name: /^Leave/ })).toHaveCount(0);
  // twelve rows in 812 px leave four over, which is half a base unit
  await type(page, 'How many', 'Desktop', '12');
  await type(page, 'Design size', 'Desktop', '1440 × 812');
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: '12 rows with gaps of 8' })
      .getByRole('button', { name: 'Leave 4 below' }),
  ).toBeVisible();
});

test('the head of each breakpoint shows its menu; what was said of a removal goes with its undo', async ({
  signedIn: page,
}) => {
  await openBench(page, spec);
  for (const turn of ['first', 'second']) {
    await page.getByRole('button', { name: 'More for Tablet' }).click();
    await page.getByRole('button', { name: 'Remove Tablet' }).click();
    const said = page.getByText('Tablet removed. Ctrl+Z brings it back.');
    await expect(said, turn).toBeVisible();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(said, turn).toBeHidden();
    await expect(cell(page, 'Name', 'Tablet'), turn).toBeVisible();
  }
  await expect(saved(page)).toBeVisible();
});

test('what is found on the reading page: every word, in any order, the best first, CSS names too', async ({
  signedIn: page,
}) => {
  await page.goto('/tidewick/passenger-site/editions/1.0.0');
  const field = page.getByRole('searchbox', { name: 'Find on this page' });
  const results = page.getByRole('search').getByRole('listitem');
  for (const [sought, best] of [
    ['gutter desktop', /Exact values\s*Gutter, Desktop\s*24/],
    ['desktop gutter', /Exact values\s*Gutter, Desktop\s*24/],
    ['5 columns', /Span widths\s*5 columns/],
    ['--grid-gutter', /grid\.css\s*--grid-gutter: /],
    ['body tablet', /body.*Tablet/i],
  ] as const) {
    await field.fill(sought);
    await expect(results.first(), sought).toHaveText(best);
  }
  const name = '--grid-gutter';
  await field.fill(name);
  await page.keyboard.press('Enter');
  expect(await page.evaluate(() => getSelection()!.toString())).toContain(name);
});
