import type { Locator, Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import type { NamedGrid, Spec } from '../../core/spec/schema';
import { cell, expect, openBench, saved, test, type } from './app';
import { randomOf } from './model/random';

const spec = practiceSpec('Several grids');
const ARTICLE: NamedGrid = { id: 'article', name: 'Article', at: { desktop: { columns: { count: 8 } } } };

const choice = (page: Page): Locator => page.getByRole('combobox', { name: 'Grid', exact: true });

/** What is stored of a spec’s draft, once it is saved. */
async function stored(
  page: Page,
  app: { sql: (text: TemplateStringsArray, ...values: string[]) => Promise<{ document: Spec }[]> },
  slug: string,
): Promise<Spec> {
  await expect(saved(page)).toBeVisible();
  const [row] = await app.sql`select document from drafts join specs on id = spec_id where slug = ${slug}`;
  return row!.document;
}

test('a grid beside the main one: made, typed into, drawn over it, found and swept', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openBench(page, spec);
  await choice(page).selectOption({ label: 'New grid…' });
  const dialog = page.getByRole('dialog', { name: 'New grid' });
  await dialog.getByRole('textbox').fill('Article');
  await page.keyboard.press('Enter');
  await expect(choice(page)).toHaveValue('article');
  // it is the main grid as long as it says nothing itself
  await expect(cell(page, 'Count', 'Desktop')).toHaveAttribute('data-of-main', 'true');
  await type(page, 'Count', 'Desktop', '8');
  await type(page, 'Container', 'Desktop', '760');
  await expect(cell(page, 'Count', 'Desktop')).not.toHaveAttribute('data-of-main');
  const preview = page.getByRole('region', { name: 'Preview' });
  // (760 − 7 · 24) / 8 = 74 as in the main grid, two of whose columns lie on either side
  await expect(preview).toContainText('340 + 8 × 74 + 7 × 24 + 340 = 1440');
  await expect(preview).toContainText('8 starts and 8 ends shared with the main grid');
  const { grids, breakpoints } = await stored(page, app as never, slug);
  expect(grids).toEqual([
    { id: 'article', name: 'Article', at: { desktop: { columns: { count: 8, container: '760px' } } } },
  ]);
  expect(breakpoints).toEqual(spec.breakpoints);

  await page.getByRole('link', { name: 'Sweep' }).click();
  await expect(choice(page)).toHaveValue('article');
  await expect(page.getByRole('complementary')).toContainText('760');
  await page.getByRole('link', { name: 'Finder' }).click();
  await expect(choice(page)).toHaveValue('article');
  await expect(page.getByLabel('Counts', { exact: true })).toHaveValue('8');
  await choice(page).selectOption({ label: 'Main grid' });
  await expect(page.getByLabel('Counts', { exact: true })).toHaveValue('12');
});

test('cells take the main grid’s value again; undo, rename, remove', async ({ signedIn: page, app }) => {
  const slug = await openBench(page, { ...spec, grids: [ARTICLE] });
  await choice(page).selectOption({ label: 'Article' });
  const back = page.getByRole('button', { name: 'Use main grid’s value' });
  await cell(page, 'Count', 'Tablet').click();
  await expect(back).toBeDisabled();
  await cell(page, 'Count', 'Desktop').click();
  await back.click();
  await expect(cell(page, 'Count', 'Desktop')).toContainText('12');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(cell(page, 'Count', 'Desktop')).toContainText('8');

  await page.getByRole('button', { name: 'More for Article' }).click();
  await page.getByRole('button', { name: 'Rename…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Rename grid' });
  await dialog.getByRole('textbox').fill(' ');
  await page.keyboard.press('Enter');
  await expect(dialog.getByRole('alert')).toHaveText('Enter a name, such as Article.');
  await dialog.getByRole('textbox').fill('Story');
  await page.keyboard.press('Enter');
  await expect(choice(page).locator('option:checked')).toHaveText('Story');
  await page.getByRole('button', { name: 'More for Story' }).click();
  await page.getByRole('button', { name: 'Remove Story' }).click();
  await expect(cell(page, 'Count', 'Desktop')).toContainText('12');
  expect(await stored(page, app as never, slug)).toEqual({ ...spec, name: expect.any(String) });
});

test('bars and panels move the grid; guides, mesh, outlines and a combination on its digit', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openBench(page, spec);
  const preview = page.getByRole('region', { name: 'Preview' });
  await type(page, 'Start panel', 'Desktop', '100');
  await type(page, 'Top bar', 'Desktop', '64');
  await expect(preview).toContainText('100 + 94 + 12 × 74 + 11 × 24 + 94 = 1440');
  await expect(preview.locator('[data-side]')).toHaveCount(2);
  await cell(page, 'Top bar', 'Desktop').click();
  await page.keyboard.press('Delete');
  await expect(preview.locator('[data-side]')).toHaveCount(1);
  await type(page, 'Start panel', 'Desktop', '2000');
  await expect(page.getByRole('alert').filter({ hasText: 'leave no room' })).toBeVisible();
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Guides…' }).click();
  const guides = page.getByRole('dialog', { name: 'Guides of Desktop' });
  await guides.getByLabel('Position of guide 1').fill('720');
  await page.keyboard.press('Enter');
  await expect(guides.getByRole('alert')).toHaveText('The guide at 720 needs a name, such as fold.');
  await guides.getByLabel('Name of guide 1').fill('fold');
  await page.keyboard.press('Enter');
  await expect(guides).toBeHidden();
  await expect(preview.locator('path', { hasText: 'fold' })).toHaveCount(1);

  await preview.getByRole('button', { name: 'Columns', exact: true }).click();
  await page.getByRole('button', { name: 'Overlays…' }).click();
  const overlays = page.getByRole('dialog', { name: 'Overlays' });
  await overlays.getByRole('button', { name: 'Outlines' }).click();
  await overlays.getByLabel('Strong line every so many squares').fill('1');
  await page.keyboard.press('Tab');
  await expect(overlays.getByRole('alert')).toContainText('every 2 to 100 squares');
  await overlays.getByLabel('Strong line every so many squares').fill('5');
  await overlays.getByLabel('Name of the combination').fill('Guides alone');
  await page.keyboard.press('Enter');
  await expect(overlays.getByRole('region', { name: 'Combinations' })).toContainText('1 Guides alone guides');
  await overlays.getByRole('button', { name: 'Done' }).click();
  await preview.getByRole('button', { name: 'Columns', exact: true }).click();
  await preview.getByRole('application').focus();
  await page.keyboard.press('1');
  await expect(preview.getByRole('button', { name: 'Columns', exact: true })).toHaveAttribute('aria-pressed', 'false');
  const { breakpoints, mesh, overlays: kept } = await stored(page, app as never, slug);
  expect(breakpoints.find(({ id }) => id === 'desktop')).toMatchObject({ frame: { start: '100px' }, guides: [{ name: 'fold', axis: 'y', at: '720px', from: 'start' }] }); // prettier-ignore
  expect([mesh, kept]).toEqual([{ strong: 5 }, { drawn: 'outlines', combinations: [{ name: 'Guides alone', key: '1', shows: ['guides'] }] }]); // prettier-ignore
});

test('widths of a container: what is the screen’s is refused, and words follow', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await page.getByRole('button', { name: 'Units…' }).click();
  const units = page.getByRole('dialog', { name: 'Units' });
  await units.getByLabel('a container on the page').check();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('slider', { name: 'Container' })).toBeVisible();
  await type(page, 'Top bar', 'Desktop', '64');
  await expect(page.getByRole('alert').filter({ hasText: 'Bars and panels are the screen’s' })).toBeVisible();
  await page.keyboard.press('Escape');
  await type(page, 'Gutter', 'Desktop', '2cqi');
  await expect(cell(page, 'Gutter', 'Desktop')).toContainText('28⅘');
});

test('read from the right, the start stands at the right: pointed at, and stepped through the way the arrows point', async ({
  signedIn: page,
}) => {
  await openBench(page, spec);
  await type(page, 'Container', 'Desktop', 'fills');
  await type(page, 'Margin', 'Desktop', '300 | 20');
  const preview = page.getByRole('region', { name: 'Preview' });
  const desk = preview.getByRole('application');
  const box = (await preview.locator('[data-page]').boundingBox())!;
  const pointed = preview.locator('[role=status]', { hasText: 'margin' });
  await page.mouse.move(box.x + 6, box.y + box.height / 2);
  await expect(pointed).toContainText('start margin: 300');
  await desk.focus();
  await page.keyboard.press('x');
  await expect(preview.getByRole('button', { name: 'Right to left' })).toHaveAttribute('aria-pressed', 'true');
  await page.mouse.move(box.x + box.width - 6, box.y + box.height / 2);
  await expect(pointed).toContainText('start margin: 300');
  // the first column stands left of it
  await page.keyboard.press('ArrowLeft');
  await expect(preview.locator('[role=status]', { hasText: 'column 1' })).toContainText('300 → ');
  await page.keyboard.press('x');
  await expect(preview.getByRole('button', { name: 'Right to left' })).toHaveAttribute('aria-pressed', 'false');
});

test('a section of a layout stands on a grid beside the main one', async ({ signedIn: page, app }) => {
  const block = { id: 'story', name: 'Story', holds: { area: 'plain' as const }, at: { phone: { columns: [1, 4] as [number, number], lanes: [1, 1] as [number, number], height: { rows: 4 } } } }; // prettier-ignore
  const layout = { id: 'front', name: 'Front', notes: '', sections: [{ id: 'opening', name: 'Opening', tall: 'content' as const, space: {}, blocks: [block] }] }; // prettier-ignore
  const grid: NamedGrid = { ...ARTICLE, at: { desktop: { columns: { container: '760px', count: 8 } } } };
  const slug = await openBench(page, { ...spec, grids: [grid], layouts: [layout] });
  await page.goto(`/tidewick/${slug}/layouts`);
  const story = page.getByRole('button', { name: /^Story/ }).first();
  await story.click();
  await page.getByRole('combobox', { name: 'Grid of section Opening' }).selectOption({ label: 'Article' });
  const { layouts } = await stored(page, app as never, slug);
  expect(layouts[0]!.sections[0]).toMatchObject({ id: 'opening', grid: 'article' });
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('combobox', { name: 'Grid of section Opening' })).toHaveValue('');
});

test('published: a file for each grid, the container at any width, drawings from right to left @long', async ({
  signedIn: page,
}) => {
  const slug = await openBench(page, { ...spec, name: 'Panes', measure: 'container', grids: [ARTICLE] });
  await page.goto(`/tidewick/${slug}/publish`);
  await page.getByLabel('Release notes').fill('Panes of the crew’s desk.');
  await page.getByRole('button', { name: 'Publish edition' }).click();
  await expect(page.getByRole('heading', { name: 'Panes 1.0.0' })).toBeVisible();
  for (const name of ['overlay-desktop.svg', 'overlay-desktop.article.svg', 'overlay-desktop.article@2x.png']) {
    const link = page.getByRole('link', { name, exact: true }).last();
    const answer = await page.request.get((await link.getAttribute('href'))!);
    expect(answer.status(), name).toBe(200);
    if (name.endsWith('.svg'))
      // 12 columns, or 8 of them, and as many on whole px
      expect((await answer.text()).match(/<rect /g)).toHaveLength(name.includes('article') ? 16 : 24);
  }
  await expect(page.getByRole('link', { name: 'overlay-phone.article.svg', exact: true })).toHaveCount(0);

  const region = page.getByRole('region', { name: 'The container at any width' });
  await expect(region).toContainText('Phone: ');
  await region.getByRole('slider').fill('900');
  await expect(region).toContainText(/ = 900$/);
  const before = Number(await region.getByRole('slider').inputValue());
  const side = (await region.locator('span[class*=side]').boundingBox())!;
  await page.mouse.move(side.x + side.width / 2, side.y + 40);
  await page.mouse.down();
  await page.mouse.move(side.x + side.width / 2 + 60, side.y + 40, { steps: 4 });
  await page.mouse.up();
  const after = Number(await region.getByRole('slider').inputValue());
  expect(after - before).toBeGreaterThan(60);
  await expect(region).toContainText(` = ${after}`);

  const drawing = page.getByRole('region', { name: 'Desktop', exact: true }).locator('svg').first();
  await expect(drawing).toHaveCSS('transform', 'none');
  await page.getByLabel('Right to left').check();
  await expect(drawing).toHaveCSS('transform', 'matrix(-1, 0, 0, 1, 0, 0)');
});

test('random use with grids chosen at random: shown is stored is meant', async ({ signedIn: page, app }) => {
  const other: NamedGrid = { id: 'form', name: 'Form', at: {} };
  const slug = await openBench(page, { ...spec, grids: [{ ...ARTICLE, at: {} }, other] });
  const names = ['Main grid', 'Article', 'Form'] as const;
  const screens = ['Phone', 'Tablet', 'Desktop'] as const;
  // what each grid says itself of the count, by breakpoint; the main one says all of them
  const meant: Record<string, Record<string, string>> = { 'Main grid': { Phone: '4', Tablet: '8', Desktop: '12' }, Article: {}, Form: {} }; // prettier-ignore
  const random = randomOf(7);
  const history: string[] = [];
  for (let act = 1; act <= (process.env.YPSILINE_LONG ? 120 : 14); act++) {
    const [grid, screen] = [random.oneOf(names), random.oneOf(screens)];
    await choice(page).selectOption({ label: grid });
    const own = meant[grid]!;
    const isBack = grid !== 'Main grid' && own[screen] !== undefined && random.whole(1, 3) === 1;
    if (isBack) {
      await cell(page, 'Count', screen).click();
      await page.getByRole('button', { name: 'Use main grid’s value' }).click();
      delete own[screen];
    } else {
      const count = String(random.whole(2, 12));
      await type(page, 'Count', screen, count);
      // the same as before is no change, and is not given
      if (count !== (own[screen] ?? meant['Main grid']![screen])) own[screen] = count;
    }
    history.push(`${grid}, ${screen}: ${own[screen] ?? 'as the main grid'}`);
    for (const each of screens)
      await expect(cell(page, 'Count', each), history.slice(-4).join('; ')).toContainText(own[each] ?? meant['Main grid']![each]!); // prettier-ignore
  }
  const { grids, breakpoints } = await stored(page, app as never, slug);
  const counts = (id: string): Record<string, string> =>
    Object.fromEntries(Object.entries(grids!.find((each) => each.id === id)!.at).map(([at, { columns }]) => [breakpoints.find((each) => each.id === at)!.name, String(columns!.count)])); // prettier-ignore
  expect({ Article: counts('article'), Form: counts('form') }).toEqual({ Article: meant.Article, Form: meant.Form });
  expect(Object.fromEntries(breakpoints.map(({ name, columns }) => [name, String(columns.count)]))).toEqual(meant['Main grid']); // prettier-ignore
});
