import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { STARTING_SETS } from '../../core/document/defaults';
import type { Spec } from '../../core/spec/schema';
import type { Sql } from '../../server/database/database';
import { cell, expect, openBench, saved, test } from './app';

/** Grids read in from files, and a site held against an edition. */

const dialog = (page: Page) => page.getByRole('dialog');
const file = (name: string, text: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
const give = (page: Page, name: string, text: string) =>
  page.getByLabel('Files', { exact: true }).setInputFiles(file(name, text));

const stored = async (page: Page, slug: string, sql: Sql): Promise<Spec> => {
  await expect(saved(page)).toBeVisible();
  const [row] =
    await sql`select document from drafts join specs on specs.id = drafts.spec_id where specs.slug = ${slug}`;
  return row!['document'] as Spec;
};

test('a style sheet is read into a draft: seen first, then taken as one step that undo takes back', async ({
  signedIn: page,
  app,
}) => {
  const before = STARTING_SETS[0]!.spec('Reading in');
  const slug = await openBench(page, before);
  await page.keyboard.press('Alt+Shift+G');
  await expect(dialog(page).getByLabel('Or paste it here')).toBeFocused();
  await give(page, 'site.css', readFileSync('node_modules/govuk-frontend/dist/govuk/govuk-frontend.min.css', 'utf8'));
  await expect(dialog(page).getByText('Read as: Style sheet, .govuk-grid-column-*')).toBeVisible();
  await expect(dialog(page).getByRole('row', { name: /^Tablet 641–1019 30 \+ 12 ×/ })).toBeVisible();
  expect(await stored(page, slug, app.sql)).toEqual(before);
  await dialog(page).getByLabel('Laptop imports to').selectOption('Desktop');
  await dialog(page).getByRole('button', { name: 'Import into draft' }).click();
  await expect(dialog(page)).toHaveCount(0);
  await expect(cell(page, 'Container', 'Desktop')).toContainText('960');
  await expect(saved(page)).toContainText('Draft 2');
  const taken = await stored(page, slug, app.sql);
  expect(taken.breakpoints.map(({ from, columns }) => [from, columns.count, columns.gutter])).toEqual([
    [0, 1, '30px'],
    [641, 12, '30px'],
    [1020, 12, '30px'],
  ]);
  // rows, of which the file says nothing, stay
  expect(taken.breakpoints.map(({ rows }) => rows)).toEqual(before.breakpoints.map(({ rows }) => rows));
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(saved(page)).toContainText('Draft 3');
  expect(await stored(page, slug, app.sql)).toEqual(before);

  // a second time, with something that is none, and with nothing
  await page.keyboard.press('Alt+Shift+G');
  await expect(dialog(page).getByLabel('Or paste it here')).toBeFocused();
  await page.keyboard.insertText('a { color: red }');
  await expect(dialog(page).getByRole('alert')).toHaveText(
    /No grid of columns was found in this style sheet; it needs/,
  );
  await page.keyboard.press('Control+A');
  await page.keyboard.press('Delete');
  await dialog(page).getByRole('button', { name: 'Import into draft' }).click();
  await expect(dialog(page).getByRole('alert')).toHaveText('Choose a file or paste its content first.');
  await page.keyboard.press('Escape');
  expect(await stored(page, slug, app.sql)).toEqual(before);
});

test('ranges of a container are said, and the draft goes by them unless that is left out', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openBench(page, STARTING_SETS[0]!.spec('Reading a container in'));
  const css = `.page { display: grid; grid-template-columns: repeat(4, 1fr); gap: 16px; padding-inline: 20px }
    .wrap { container-type: inline-size } @container (min-width: 700px) { .page { grid-template-columns: repeat(12, 1fr) } }`;
  for (const isTaken of [false, true]) {
    await page.keyboard.press('Alt+Shift+G');
    await give(page, 'site.css', css);
    await expect(dialog(page).getByText(/^Read as: Style sheet, .*, ranges of a container/)).toBeVisible();
    const measure = dialog(page).getByRole('checkbox', { name: 'Ranges by the width of the container' });
    await measure.setChecked(isTaken);
    await dialog(page).getByRole('button', { name: 'Import into draft' }).click();
    await expect(dialog(page)).toHaveCount(0);
    expect((await stored(page, slug, app.sql)).measure).toBe(isTaken ? 'container' : undefined);
  }
});

test('a specification is begun with a pasted table, and with a document', async ({ signedIn: page, app }) => {
  await page.goto('/tidewick');
  await page.getByRole('button', { name: 'From a file…' }).click();
  await expect(dialog(page).getByLabel('Or paste it here')).toBeFocused();
  await page.keyboard.insertText(
    'Name\tFrom\tColumns\tGutter\tMargin\tColour\nSmall\t0\t4\t16\t20\tred\nLarge\t1100\t12\t24\t32\tblue\nHuge\t2000\t12\t24\t32\tred',
  );
  await expect(dialog(page).getByRole('row', { name: /Large/ })).toContainText('1100–1999');
  await expect(dialog(page).getByText('This isn’t a grid term.')).toBeVisible();
  await dialog(page).getByLabel('Take Huge').uncheck();
  await dialog(page).getByLabel('Name', { exact: true }).fill('From a table');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL('/tidewick/from-a-table');
  const made = await stored(page, 'from-a-table', app.sql);
  expect(made.breakpoints.map(({ name, from, columns: { count, margin } }) => [name, from, count, margin])).toEqual([
    ['Small', 0, 4, '20px'],
    ['Large', 1100, 12, '32px'],
  ]);
  await page.goto('/tidewick');
  await page.getByRole('button', { name: 'From a file…' }).click();
  await give(page, 'spec.json', JSON.stringify({ ...made, name: 'As it was' }));
  await expect(dialog(page).getByLabel('Name', { exact: true })).toHaveValue('As it was');
  await dialog(page).getByRole('button', { name: 'Create specification' }).click();
  await expect(page).toHaveURL('/tidewick/as-it-was');
  expect(await stored(page, 'as-it-was', app.sql)).toEqual({ ...made, name: 'As it was' });
});

test('a site is held against an edition: what differs is shown, and drawn, and taken as JUnit XML', async ({
  signedIn: page,
}) => {
  await page.goto('/tidewick/passenger-site/editions/1.0.0');
  await page.getByRole('link', { name: 'Check a site…' }).click();
  const css = await (await page.request.get('/e/tidewick/passenger-site/1.0.0/grid.css')).text();
  // what was pasted and taken away again at once leaves nothing that is being read
  const pasted = page.getByLabel('Or paste it here');
  await pasted.fill(css);
  await pasted.fill('');
  await expect(page.getByText('Reading…')).toHaveCount(0);
  await pasted.fill('.page { display: grid; grid-template-columns: repeat(4, 1fr) }');
  await give(page, 'grid.css', css);
  await expect(pasted).toHaveValue('');
  await expect(page.getByRole('heading', { name: /^All \d+ checks are as the edition has it$/ })).toBeVisible();
  await give(page, 'site.css', css.replaceAll('--grid-gutter: 16px', '--grid-gutter: 14px'));
  await expect(page.getByRole('heading', { name: /^1 of \d+ checks differ$/ })).toBeVisible();
  await expect(page.getByRole('row', { name: 'Phone Gutter 16 px 14 px' })).toBeVisible();
  await expect(page.getByRole('figure')).toHaveCount(5);
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'JUnit XML' }).click();
  const xml = readFileSync(await (await downloading).path(), 'utf8');
  expect(xml).toContain('<failure message="Phone: the page has a gutter of 14 px where the specification has 16 px');
  await page.getByRole('button', { name: 'Show matches' }).click();
  expect(await page.getByRole('row').count()).toBeGreaterThan(30);
  for (const width of [640, 1920]) {
    await page.setViewportSize({ width, height: 800 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
  }
  await give(page, 'pages.zip', 'PK\u0003\u0004…');
  await expect(page.getByRole('alert').filter({ hasText: 'zip' })).toHaveText(
    'This is a zip archive. Extract the style sheets first.',
  );
});
