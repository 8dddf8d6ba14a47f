import { drag, fieldAt, front, onPage, openLayouts, placeCell, stored, undo } from './layouts-page';
import { solveLayout } from '../../core/layouts/solve-layout';
import { addBlocks } from '../../core/layouts/add-blocks';
import type { Spec } from '../../core/spec/schema';
import { expect, saved, test } from './app';

const shownAt = (spec: Spec, width: number): string[] =>
  solveLayout(spec, spec.layouts[0]!, width).blocks.map(({ id }) => id);

test('a field is put on the page, its words are typed where they stand, and its parts beside', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openLayouts(page, front('With a field'));
  await page.getByRole('button', { name: 'More to add' }).click();
  await page.getByRole('button', { name: 'Field', exact: true }).click();
  await expect(page.locator('[data-page] [data-typed]')).toHaveCount(1);
  await page.keyboard.type('Skerry');
  await page.keyboard.press('Enter');
  await expect(onPage(page, 'Field')).toHaveAttribute('aria-label', /“Skerry”$/);
  await fieldAt(page, 'Label').fill('From');
  await fieldAt(page, 'Label').press('Enter');
  await fieldAt(page, 'Padding').fill('4vw');
  await fieldAt(page, 'Padding').press('Enter');
  await expect(page.getByText('Enter a length in px or rem, such as 16.')).toBeVisible();
  await fieldAt(page, 'Padding').fill('8, 16');
  await fieldAt(page, 'Padding').press('Enter');
  await expect(saved(page)).toBeVisible();
  const field = (await stored(app, slug)).layouts[0]!.sections.at(-1)!.blocks.at(-1)!;
  expect(field.holds).toEqual({ field: 'body', label: 'From', words: 'Skerry', pad: ['8px', '16px'] });
  const frame = page.frameLocator('iframe[title^="Front page, as built"]');
  await expect(frame.getByLabel('From')).toHaveValue('Skerry');
});

test('items of a list are typed one on each line; too many characters are refused where they are typed', async ({
  signedIn: page,
  app,
}) => {
  const { spec } = addBlocks(front('With a list'), 'front-page', 'list').value!;
  const slug = await openLayouts(page, addBlocks(spec, 'front-page', 'button').value!.spec);
  await onPage(page, 'List').click();
  await fieldAt(page, 'Items').fill('Bring a coat\nMind the step');
  await fieldAt(page, 'Items').press('Control+Enter');
  await expect(saved(page)).toBeVisible();
  const at = async () => (await stored(app, slug)).layouts[0]!.sections.at(-1)!.blocks;
  await expect.poll(async () => JSON.stringify(await at())).toContain('["Bring a coat","Mind the step"]');
  await onPage(page, 'Button').dblclick();
  await expect(page.locator('[data-page] [data-typed]')).toHaveCount(1);
  await page.keyboard.insertText('x'.repeat(5_000));
  await page.keyboard.press('Enter');
  await expect(page.getByText('These are 5000 characters; the maximum is 2000.')).toBeVisible();
  // they stay as they were typed, to be gone on with
  await page.keyboard.press('Control+a');
  await page.keyboard.insertText('<b>Go</b>');
  await page.keyboard.press('Enter');
  await expect.poll(async () => JSON.stringify(await at())).toContain('"<b>Go</b>"');
  const frame = page.frameLocator('iframe[title^="Front page, as built"]');
  await expect(frame.getByRole('button', { name: '<b>Go</b>' })).toBeVisible();
});

test('a block is hidden at one breakpoint; where that follows it is said, and can be kept as it was', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openLayouts(page, front('Hidden'));
  await page.getByRole('button', { name: 'Tablet', exact: true }).click();
  await onPage(page, 'Opening picture').click();
  await page.getByRole('button', { name: 'Hidden', exact: true }).click();
  await expect(page.getByText('1 block also hidden at Desktop.')).toBeVisible();
  await expect(onPage(page, 'Opening picture')).toHaveCount(0);
  await expect(placeCell(page, 'Opening picture', 'Desktop')).toContainText('hidden');
  await page.getByRole('button', { name: 'Keep as before there' }).click();
  await expect(placeCell(page, 'Opening picture', 'Desktop')).not.toContainText('hidden');
  await expect(saved(page)).toBeVisible();
  const spec = await stored(app, slug);
  expect(shownAt(spec, 744)).not.toContain('opening-picture');
  expect(shownAt(spec, 1440)).toContain('opening-picture');
  // by keys, in the sheet
  await placeCell(page, 'Opening picture', 'Tablet').click();
  await page.keyboard.type('shown');
  await page.keyboard.press('Enter');
  await expect(onPage(page, 'Opening picture')).toBeVisible();
});

test('full bleed asks no reason; a ground goes out to the screen; both are undone', async ({ signedIn: page, app }) => {
  const slug = await openLayouts(page, front('Bleeding'));
  await onPage(page, 'Opening picture').click();
  await page.getByRole('button', { name: 'Full bleed' }).click();
  await expect(onPage(page, 'Opening picture')).toHaveAttribute('title', /1440 × /);
  await page.getByRole('combobox', { name: 'Ground of section Opening' }).selectOption('Dark, full bleed');
  const ground = page.frameLocator('iframe[title^="Front page, as built"]').locator('[data-ground=dark]');
  await expect(ground).toHaveCSS('color', 'rgb(255, 255, 255)');
  await expect(ground).toHaveCSS('border-image-outset', '0 144px 0px');
  await expect(page.locator('[data-page]')).toHaveAttribute('data-proof', /edges match/);
  await undo(page).click();
  await expect(ground).toHaveCount(0);
  await expect(saved(page)).toBeVisible();
  const [opening] = (await stored(app, slug)).layouts[0]!.sections;
  expect(opening!.ground).toBeUndefined();
  expect(opening!.blocks[1]!.at['desktop']).toMatchObject({ bleeds: 'screen' });
});

test('several blocks that are chosen are dragged as one', async ({ signedIn: page, app }) => {
  const slug = await openLayouts(page, front('Together'));
  const [one, two] = ['Card 1', 'Card 2'].map((name) => onPage(page, name));
  await one!.click();
  await two!.click({ modifiers: ['Shift'] });
  const box = (await one!.boundingBox())!;
  await drag(page, { x: box.x + 6, y: box.y + 4 }, [box.width * 1.06, 0]);
  await expect(two!).toHaveAttribute('title', /columns 9–12/);
  await expect(one!).toHaveAttribute('title', /columns 5–8/);
  await expect(saved(page)).toBeVisible();
  const blocks = (await stored(app, slug)).layouts[0]!.sections[1]!.blocks;
  expect(blocks.slice(1, 3).map(({ at }) => at['desktop']!.columns)).toEqual([[5, 8], [9, 12]]); // prettier-ignore
  await undo(page).click();
  await expect(one!).toHaveAttribute('title', /columns 1–4/);
});

test('texts get as many lines as their words need, at every breakpoint, in one step', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openLayouts(page, front('Fitted'));
  await page.getByRole('button', { name: 'Fit lines' }).click();
  await expect(saved(page)).toBeVisible();
  const lines = async (id: string) => {
    const spec = await stored(app, slug);
    return [390, 744, 1440].map((width) => {
      const { height } = solveLayout(spec, spec.layouts[0]!, width).blocks.find((each) => each.id === id)!.placed;
      return typeof height === 'object' && 'lines' in height ? height.lines : height;
    });
  };
  // two words: of the two lines that a card gives, one is needed everywhere
  await expect.poll(() => lines('card-1-text')).toEqual([1, 1, 1]);
  await expect(page.locator('[data-page]')).toHaveAttribute('data-proof', /edges match/);
  await undo(page).click();
  await expect.poll(() => lines('card-1-text')).toEqual([2, 2, 2]);
});

test('the list of blocks is in the order of reading, and moves them in it by keys; nothing moves on the page', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openLayouts(page, front('In order'));
  const stood = await onPage(page, 'Opening picture').getAttribute('title');
  await placeCell(page, 'Opening picture', 'Desktop').click();
  await page.keyboard.press('Alt+ArrowUp');
  const order = async () => (await stored(app, slug)).layouts[0]!.sections[0]!.blocks.map(({ id }) => id);
  await expect.poll(order).toEqual(['opening-picture', 'opening-heading']);
  await expect(onPage(page, 'Opening picture')).toHaveAttribute('title', stood!);
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(order).toEqual(['opening-heading', 'opening-picture']);
});

test('a section is moved, doubled and removed as a whole', async ({ signedIn: page, app }) => {
  const slug = await openLayouts(page, front('Sections'));
  const act = async (section: string, name: string | RegExp): Promise<void> => {
    await page
      .getByRole('button', { name: `More for section ${section}` })
      .first()
      .click();
    await page.getByRole('button', { name, exact: true }).click();
  };
  const names = async () => (await stored(app, slug)).layouts[0]!.sections.map(({ id }) => id);
  await act('Cards', 'Move up');
  await expect.poll(names).toEqual(['cards', 'opening']);
  await act('Cards', 'Duplicate');
  await expect.poll(names).toEqual(['cards', 'cards-2', 'opening']);
  await act('Opening', /^Remove with 2 blocks$/);
  await expect.poll(names).toEqual(['cards', 'cards-2']);
});

test('the page is seen larger, and as it fits again; two blocks say what lies between them', async ({
  signedIn: page,
}) => {
  await openLayouts(page, front('Seen larger'));
  const sheet = page.locator('[data-page]');
  const wide = async (): Promise<number> => Math.round((await sheet.boundingBox())!.width);
  const fits = await wide();
  await page
    .getByRole('button', { name: 'Actual size, 100 % (1)' })
    .or(page.getByTitle('Actual size, 100 % (1)'))
    .first()
    .click();
  await expect.poll(wide).toBe(1440);
  await page.getByRole('group', { name: /on the grid$/ }).focus();
  await page.keyboard.press('0');
  await expect.poll(wide).toBe(fits);
  await onPage(page, 'Card 1').click();
  await onPage(page, 'Card 2').click({ modifiers: ['Shift'] });
  await expect(page.getByText('2 blocks: 24 px across between them')).toBeVisible();
});
