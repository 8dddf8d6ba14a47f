import { expect, saved, test } from './app';
import { besideHandles, front, middle, onPage, openLayouts, stored, undo, where } from './layouts-page';

/** A page composed by hand: copied, dragged over cards and sections, with pictures of one’s own. */

test('blocks are doubled, cut and pasted by keys, in a layout and from one specification to another', async ({
  signedIn: page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openLayouts(page, front('Copied from'));
  const all = page.locator('[data-page] > [data-block]');
  const before = await all.count();
  await onPage(page, 'Card 1').click();
  await onPage(page, 'Card 2').click({ modifiers: ['Shift'] });
  await page.keyboard.press('Control+d');
  // two cards with a picture and a text each
  await expect(all).toHaveCount(before + 6);
  await expect(page.locator('[data-page] > [data-chosen]')).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect(all).toHaveCount(before);
  await onPage(page, 'Opening heading').click();
  await page.keyboard.press('Control+c');
  await openLayouts(page, front('Copied to'));
  await onPage(page, 'Heading').click();
  await page.keyboard.press('Control+v');
  await expect(all).toHaveCount(before + 1);
  await expect(page.locator('[data-page] > [data-chosen]')).toHaveAttribute('data-name', 'Opening heading');
  await page.keyboard.press('Control+x');
  await expect(all).toHaveCount(before);
  await onPage(page, 'Heading').focus();
  await page.keyboard.press('Control+v');
  await expect(all).toHaveCount(before + 1);
  await page.evaluate(() => navigator.clipboard.writeText('A shopping list'));
  await onPage(page, 'Heading').focus();
  await page.keyboard.press('Control+v');
  await expect(page.getByRole('alert').filter({ hasText: 'The clipboard holds no blocks.' })).toBeVisible();
});

test('a block is dragged into a card, out of it, and into another section, seen in its place before it is let go', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openLayouts(page, front('Dragged over'));
  const inside = async (card: string): Promise<string[]> => {
    await expect(saved(page)).toBeVisible();
    const all = (await stored(app, slug)).layouts[0]!.sections.flatMap(({ blocks }) => blocks);
    const { holds } = all.find(({ id }) => id === card)!;
    return 'card' in holds ? holds.card.blocks.map(({ id }) => id) : [];
  };
  const dragOver = async (from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> => {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(to.x, to.y, { steps: 8 });
    await expect(page.locator('[data-page] [data-held]')).toBeVisible();
    await expect.poll(() => besideHandles(page, true)).toEqual([]);
    await page.mouse.up();
  };
  await onPage(page, 'Card 2').scrollIntoViewIfNeeded();
  await dragOver(await middle(onPage(page, 'Heading')), await middle(onPage(page, 'Card 2')));
  expect(await inside('card-2')).toContain('heading');
  expect(await where(page, 'Heading')).toMatch(/^columns 1–4,/);
  // a card is open as long as something in it is chosen
  await onPage(page, 'Card 2').dblclick();
  await onPage(page, 'Heading').click();
  const opening = await middle(onPage(page, 'Opening picture'));
  await dragOver(await middle(onPage(page, 'Heading')), { x: opening.x - 200, y: opening.y + 40 });
  expect(await inside('card-2')).not.toContain('heading');
  expect((await stored(app, slug)).layouts[0]!.sections[0]!.blocks.map(({ id }) => id)).toContain('heading');
  for (const left of [1, 0]) {
    await undo(page).click();
    expect((await inside('card-2')).includes('heading')).toBe(left === 1);
  }
});

test('a picture of one’s own is tried in a block: chosen, placed, kept by the browser, and away again', async ({
  signedIn: page,
}) => {
  const slug = await openLayouts(page, front('With a picture'));
  const built = page.frameLocator('[data-page] iframe').locator('[data-block=opening-picture] img');
  const sent: string[] = [];
  page.on('request', (request) => request.postData()?.includes('teal') && sent.push(request.url()));
  await onPage(page, 'Opening picture').click();
  const file = page.getByLabel('Picture file');
  const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><script>document.title = "run"</script><rect width="40" height="30" fill="teal"/></svg>'; // prettier-ignore
  await file.setInputFiles({ name: 'quay.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
  await expect(built).toHaveCSS('object-fit', 'cover');
  await page.getByRole('button', { name: 'Fit', exact: true }).click();
  await expect(built).toHaveCSS('object-fit', 'contain');
  const across = page.getByLabel('Focus across, %');
  await across.fill('20');
  await across.press('Enter');
  await expect(built).toHaveCSS('object-position', '20% 50%');
  await page.goto(`/tidewick/${slug}/layouts`);
  await expect(built).toHaveCSS('object-position', '20% 50%');
  expect(await page.title()).not.toContain('run');
  await onPage(page, 'Opening picture').click();
  await file.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByText('notes.txt can’t be shown. Use a PNG, JPEG, WebP, AVIF, GIF or SVG file.')).toBeVisible();
  await page.getByRole('button', { name: 'Remove picture' }).click();
  await expect(built).toHaveCount(0);

  // dropped on a block that holds text, it goes nowhere, and that is said
  const transfer = await page.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], 'quay.svg', { type: 'image/svg+xml' }));
    return data;
  }, svg);
  await onPage(page, 'Opening heading').dispatchEvent('drop', { dataTransfer: transfer });
  await expect(page.getByRole('alert').filter({ hasText: 'Drop a picture on a picture block' })).toBeVisible();
  await onPage(page, 'Opening picture').dispatchEvent('drop', { dataTransfer: transfer });
  await expect(built).toHaveCount(1);
  expect(sent).toEqual([]);
});

test('a developer sees how a block is built at the breakpoint that is shown', async ({ signedIn: page }) => {
  await openLayouts(page, front('Built'));
  await onPage(page, 'Opening heading').click();
  await page.getByText('Code', { exact: true }).click();
  await expect(page.getByText('data-block="opening-heading", class="type-heading"')).toBeVisible();
  const css = page.getByLabel('CSS of Opening heading at Desktop');
  await expect(css).toContainText("#front-page [data-block='opening-heading'] {");
  await expect(css).toContainText('columns 1–6 at 144');
  await page.getByRole('button', { name: 'Phone', exact: true }).click();
  await expect(page.getByLabel('CSS of Opening heading at Phone')).toContainText('columns 1–4 at ');
});
