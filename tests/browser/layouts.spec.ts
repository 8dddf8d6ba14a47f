import type { Locator, Page } from '@playwright/test';
import { addLayout } from '../../core/layouts/starting-layouts';
import { solveLayout } from '../../core/layouts/solve-layout';
import { numeral } from '../../core/length/present';
import { shownWidth } from '../../core/spec/ranges';
import type { Layout, Spec } from '../../core/spec/schema';
import { practiceSpec } from '../../core/spec/testing';
import { type App, expect, makeSpec, saved, test } from './app';
import { randomOf } from './model/random';

/** A front page on 4, 8 and 12 columns: at 1440, columns of 74, gutters of 24, margins of 144. */
const front = (name: string): Spec => addLayout(practiceSpec(name), 'front', 'Front page').value!.spec;

async function openLayouts(page: Page, document: Spec): Promise<string> {
  const slug = await makeSpec(page.request, document);
  await page.goto(`/tidewick/${slug}/layouts`);
  await expect(page.getByRole('status').filter({ hasText: 'Draft 1, saved' })).toBeVisible();
  return slug;
}

const onPage = (page: Page, name: string): Locator =>
  page.locator('[data-page]').getByRole('button', { name: new RegExp(`^${name}: `) });
const where = async (page: Page, name: string): Promise<string> =>
  ((await onPage(page, name).getAttribute('aria-label')) ?? '').slice(name.length + 2);
const undo = (page: Page): Locator => page.getByRole('button', { name: 'Undo' });
const placeCell = (page: Page, block: string, breakpoint: string): Locator =>
  page.getByRole('gridcell', { name: new RegExp(`^${block}, ${breakpoint}: `) });

/** Drags by so many px of the window, in steps. */
async function drag(page: Page, from: { x: number; y: number }, by: [number, number], key?: 'Alt'): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  if (key) await page.keyboard.down(key);
  await page.mouse.move(from.x + by[0], from.y + by[1], { steps: 6 });
  await page.mouse.up();
  if (key) await page.keyboard.up(key);
}

async function middle(of: Locator): Promise<{ x: number; y: number }> {
  const box = (await of.boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** px of the window for each px of the page. */
async function scale(page: Page): Promise<number> {
  return (await page.locator('[data-page]').first().boundingBox())!.width / 1440;
}

async function stored(app: App, slug: string): Promise<Spec> {
  const [row] = await app.sql<{ document: Spec }[]>`
    select document from drafts join specs on id = spec_id where slug = ${slug}`;
  return row!.document;
}

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
  const dialog = page.getByRole('dialog', { name: 'Opening heading leaves the grid' });
  await dialog.getByRole('button', { name: 'Leave the grid' }).click();
  await expect(dialog.getByRole('alert')).toHaveText(
    'Say why this edge leaves the grid, in a sentence; who builds it reads the reason.',
  );
  await dialog.getByLabel('Why it is meant so').fill('The heading hangs into the picture.');
  await dialog.getByLabel('It ends').selectOption('screen');
  await dialog.getByRole('button', { name: 'Leave the grid' }).click();
  await expect(dialog).toBeHidden();
  // from the first column at 144 to the end of the screen
  expect(await where(page, 'Opening heading')).toContain('1296 × ');
  await expect(page.getByText('Its end leaves the grid: The heading hangs into the picture.')).toBeVisible();
  await page.getByRole('button', { name: 'Back on the line' }).click();
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
  await expect(page.getByRole('alert').filter({ hasText: 'columns do not come out' })).toHaveText(
    '8 columns do not come out in 3 equal parts; in 2, 4 and 8 they do.',
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
    'There are 12 columns here; it ends with the last.',
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

test('a sheet of blocks: parts are typed, refused in a sentence, copied, and follow again', async ({
  signedIn: page,
}) => {
  await openLayouts(page, front('Typed'));
  const cell = placeCell(page, 'Opening heading', 'Desktop');
  await cell.click();
  await page.keyboard.type('two thirds');
  await page.keyboard.press('Enter');
  await expect(cell).toContainText('1–8');
  await cell.click();
  await page.keyboard.type('5 of 11');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: '“5 of 11” of 12 columns' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(cell).toContainText('1–8');
  await cell.click();
  await page.keyboard.press('Delete');
  // half of the tablet’s columns
  await expect(cell).toContainText('1–6');
});

test('white space by kind of gap: one number for all of a kind', async ({ signedIn: page }) => {
  await openLayouts(page, addLayout(front('Spaced'), 'cards', 'List').value!.spec);
  const gaps = page.getByRole('grid', { name: 'White space by kind of gap' });
  const cell = gaps.getByRole('gridcell', { name: /^Heading to card, Desktop: / });
  await cell.click();
  await page.keyboard.type('5');
  await page.keyboard.press('Enter');
  await expect(cell).toContainText('588');
  await page.getByRole('combobox', { name: 'Layout' }).selectOption('List');
  await onPage(page, 'Heading').click();
  await expect(page.locator('[data-page] text').filter({ hasText: '5 rows · 88 px' })).toHaveCount(1);
});

test('live: every edge is as worked out, at any width it is dragged to', async ({ signedIn: page }) => {
  await page.goto('/tidewick/passenger-site/layouts');
  await page.getByRole('button', { name: 'Live' }).click();
  const proof = page.getByRole('status').filter({ hasText: /^At \d+ px/ });
  await expect(proof).toHaveText('At 2048 px all 60 edges are as worked out.');
  const grip = page.getByRole('slider', { name: 'Width of the page' });
  await drag(page, await middle(grip), [-60, 0]);
  await expect(proof).toHaveText(/^At 1[6-9]\d\d px all 60 edges are as worked out\.$/);
  await grip.focus();
  await page.keyboard.press('PageDown');
  await expect(proof).toHaveText(/all 60 edges are as worked out/);
  for (const name of ['Booking form', 'Timetable']) {
    await page.getByRole('combobox', { name: 'Layout' }).selectOption(name);
    for (const breakpoint of ['Phone', 'Tablet', 'Laptop', 'Desktop']) {
      await page.getByRole('button', { name: breakpoint, exact: true }).click();
      await expect(proof).toHaveText(/all \d+ edges are as worked out/);
    }
  }
});

test('live: a text that needs more lines than it was given is said', async ({ signedIn: page }) => {
  const spec = front('Too long');
  const layouts = spec.layouts.map((layout): Layout => ({
    ...layout,
    sections: layout.sections.map((section) => ({
      ...section,
      blocks: section.blocks.map((block) =>
        'text' in block.holds ? { ...block, holds: { ...block.holds, words: 'long words '.repeat(60) } } : block,
      ),
    })),
  }));
  await openLayouts(page, { ...spec, layouts });
  await page.getByRole('button', { name: 'Live' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^At \d+ px/ })).toHaveText(
    /Opening heading has its foot \d+ px below/,
  );
});

test('a finding leads to its block, and from there to the finder with its condition', async ({ signedIn: page }) => {
  await page.goto('/tidewick/passenger-site');
  const row = page.getByRole('listitem').filter({ hasText: 'Farholm stands on columns 5–9.5' });
  await row.getByRole('button', { name: /^Farholm stands/ }).click();
  await expect(onPage(page, 'Farholm')).toHaveAttribute('aria-pressed', 'true');
  await page.goto('/tidewick/passenger-site');
  const whole = page.getByRole('listitem').filter({ hasText: 'Skerry on columns 1–4 is 377⅓ px wide' });
  await whole.getByRole('button', { name: 'Find whole columns' }).click();
  await expect(page.getByRole('checkbox', { name: /third/i }).first()).toBeChecked();
});

test('a newcomer’s path: an empty specification to a front page at three breakpoints, by mouse and by keys', async ({
  signedIn: page,
  app,
}) => {
  const path = async (name: string, press: (target: Locator, modifier?: 'Shift') => Promise<void>): Promise<number> => {
    let acts = 0;
    const act = async (target: Locator, modifier?: 'Shift'): Promise<void> => {
      acts++;
      await press(target, modifier);
    };
    const slug = await openLayouts(page, practiceSpec(name));
    await act(page.getByRole('button', { name: 'Put a page on the grid' }));
    await act(page.getByRole('radio', { name: /^Empty page/ }));
    await act(page.getByRole('button', { name: 'Put it on the grid' }));
    for (const what of ['Heading', 'Picture', 'Card', 'Card', 'Card'])
      await act(page.getByRole('group', { name: 'Put on the page' }).getByRole('button', { name: what, exact: true }));
    const cards = page.locator('[data-page] [data-holds=card]');
    await act(cards.nth(0));
    await act(cards.nth(1), 'Shift');
    await act(cards.nth(2), 'Shift');
    await act(page.getByRole('button', { name: 'Side by side' }));
    await act(page.getByRole('button', { name: 'Tablet', exact: true }));
    await act(cards.nth(2), 'Shift');
    await act(page.getByRole('button', { name: 'Side by side' }));
    await expect(saved(page)).toBeVisible();
    const spec = await stored(app, slug);
    const layout = spec.layouts[0]!;
    const columns = (id: string) => {
      const breakpoint = spec.breakpoints.find((each) => each.id === id)!;
      const solved = solveLayout(spec, layout, shownWidth(spec, breakpoint));
      expect(new Set(solved.space.map(({ rows }) => rows)).size, 'gaps are equal').toBe(1);
      return solved.blocks.filter(({ card }) => card === null).map(({ placed }) => placed.columns.join('–'));
    };
    expect(columns('phone')).toEqual(['1–4', '1–4', '1–4', '1–4', '1–4']);
    expect(columns('tablet')).toEqual(['1–8', '1–8', '1–4', '5–8', '1–8']);
    expect(columns('desktop')).toEqual(['1–12', '1–12', '1–4', '5–8', '9–12']);
    return acts;
  };
  const byMouse = await path('By mouse', async (target, modifier) =>
    target.click(modifier ? { modifiers: [modifier] } : {}),
  );
  const byKeys = await path('With keys', async (target, modifier) => {
    await target.focus();
    await page.keyboard.press(modifier ? `${modifier}+Space` : 'Space');
  });
  expect(byMouse).toBeLessThanOrEqual(25);
  expect(byKeys).toBeLessThanOrEqual(25);
});

/** `YPSILINE_LONG=1` takes the long form. */
const [SEEDS, LENGTH] = process.env.YPSILINE_LONG ? [20, 150] : [2, 60];
const KEYS = [
  'ArrowLeft',
  'ArrowRight',
  'ArrowUp',
  'ArrowDown',
  'Shift+ArrowLeft',
  'Shift+ArrowRight',
  'Shift+ArrowUp',
  'Shift+ArrowDown',
  'Alt+ArrowUp',
  'Alt+ArrowDown',
  '=',
  'Control+z',
  'Control+y',
];

for (let seed = 1; seed <= SEEDS; seed++) {
  test(`random use of a page, seed ${seed}: shown is stored is worked out`, async ({ signedIn: page, app }) => {
    test.setTimeout(240_000);
    const slug = await openLayouts(page, front(`Used at random ${seed}`));
    const random = randomOf(seed);
    const blocks = page.locator('[data-page] [data-block]:not([data-shut])');
    for (let act = 1; act <= LENGTH; act++) {
      const block = blocks.nth(random.whole(0, (await blocks.count()) - 1));
      const what = random.whole(0, 9);
      if (what < 6) {
        await block.focus();
        await page.keyboard.press(random.oneOf(KEYS));
      } else if (what < 9) {
        await block.scrollIntoViewIfNeeded();
        const box = (await block.boundingBox())!;
        await drag(page, { x: box.x + 6, y: box.y + Math.min(6, box.height / 2) }, [
          random.whole(-200, 200),
          random.whole(-120, 120),
        ]);
      } else
        await page.getByRole('button', { name: random.oneOf(['Phone', 'Tablet', 'Desktop']), exact: true }).click();
      if (act % 15 > 0) continue;
      await expect(saved(page)).toBeVisible();
      const spec = await stored(app, slug);
      const width = Number(
        await page
          .getByRole('slider', { name: /viewport/i })
          .first()
          .getAttribute('aria-valuenow'),
      );
      const meant = solveLayout(spec, spec.layouts[0]!, width).blocks.map(
        ({ placed, width: wide, height }) =>
          `${placed.block.name} ${placed.columns.join('–')} ${numeral(wide)} × ${numeral(height)}`,
      );
      const drawn = await page.locator('[data-page] [data-block]').evaluateAll((all) =>
        all.map((each) => {
          const [, name, columns, wide, high] = /^(.*?): columns ([\d.–]+), rows [\d–]+, (\S+) × (\S+) px$/.exec(
            each.ariaLabel!,
          )!;
          return [name, columns, wide, high] as const;
        }),
      );
      const said = drawn.map(
        ([name, columns, wide, high]) =>
          `${name} ${columns!.includes('–') ? columns : `${columns}–${columns}`} ${wide} × ${high}`,
      );
      expect(said, `act ${act}`).toEqual(meant);
    }
  });
}
