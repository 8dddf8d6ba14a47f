import type { Locator, Page } from '@playwright/test';
import { NEW_BLOCKS } from '../../core/layouts/add-blocks';
import { rowsBetweenSections } from '../../core/layouts/between-sections';
import { solveLayout } from '../../core/layouts/solve-layout';
import { numeral } from '../../core/length/present';
import { shownWidth } from '../../core/spec/ranges';
import { practiceSpec } from '../../core/spec/testing';
import { expect, saved, test } from './app';
import { besideHandles, drag, front, openLayouts, stored } from './layouts-page';
import { randomOf } from './model/random';

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
    await act(page.getByRole('button', { name: 'New layout' }));
    await act(page.getByRole('radio', { name: /^Empty page/ }));
    await act(page.getByRole('button', { name: 'Create layout' }));
    const add = page.getByRole('group', { name: 'Add' });
    const put = (name: string): Promise<void> => act(add.getByRole('button', { name, exact: true }));
    /** Words that are there to be replaced are typed at once. */
    const typed = async (words: string, key: 'Enter' | 'Tab' = 'Enter'): Promise<void> => {
      acts++;
      await expect(page.locator('[data-page] [data-typed]')).toHaveCount(1);
      await page.keyboard.type(words);
      await page.keyboard.press(key);
    };
    // what is said of the narrowest screen follows to the others
    await act(page.getByRole('button', { name: 'Phone', exact: true }));
    await put('Heading');
    await typed('Where to');
    await put('Text');
    await typed('Across the sound in nineteen minutes.');
    await put('Button');
    await typed('Find a boat');
    await put('Picture');
    await act(page.getByRole('button', { name: 'Full bleed' }));
    await put('Section');
    await put('Cards');
    for (const [index, title] of ['Skerry', 'Farholm', 'The Ness'].entries()) {
      await typed(title, 'Tab');
      await typed(`By boat to ${title}`, index < 2 ? 'Tab' : 'Enter');
    }
    await put('Section');
    await put('Text');
    await typed('Every day, all year.');
    await act(page.getByRole('gridcell', { name: /^Page, between sections, Phone: |^Section to section, Phone: / }));
    acts++;
    await page.keyboard.type('6');
    await page.keyboard.press('Enter');
    await expect(saved(page)).toBeVisible();
    const spec = await stored(app, slug);
    const layout = spec.layouts[0]!;
    expect(JSON.stringify(layout)).toContain('By boat to The Ness');
    const at = (id: string) => {
      const breakpoint = spec.breakpoints.find((each) => each.id === id)!;
      const solved = solveLayout(spec, layout, shownWidth(spec, breakpoint));
      expect(rowsBetweenSections(spec, layout, breakpoint)).toEqual([6]);
      const bleeding = solved.blocks.find(({ placed }) => 'picture' in placed.block.holds)!;
      expect([bleeding.x.valueOf(), bleeding.width.valueOf()]).toEqual([0, solved.width.valueOf()]);
      return solved.blocks.filter(({ card }) => card === null).map(({ placed }) => placed.columns.join('–'));
    };
    expect(at('phone')).toEqual(Array.from({ length: 8 }, () => '1–4'));
    expect(at('tablet')).toEqual(['1–8', '1–8', '1–8', '1–8', '1–4', '5–8', '1–4', '1–8']);
    expect(at('desktop')).toEqual(['1–12', '1–12', '1–12', '1–12', '1–4', '5–8', '9–12', '1–12']);
    return acts;
  };
  const byMouse = await path('By mouse', async (target, modifier) =>
    target.click(modifier ? { modifiers: [modifier] } : {}),
  );
  const byKeys = await path('With keys', async (target, modifier) => {
    await target.focus();
    await page.keyboard.press(modifier ? `${modifier}+Space` : 'Space');
  });
  expect(byMouse).toBeLessThanOrEqual(45);
  expect(byKeys).toBeLessThanOrEqual(60);
});

/** Puts something on the page, by its button or from the menu beside, and leaves its words as they are. */
async function put(page: Page, title: string): Promise<void> {
  const own = page.getByRole('group', { name: 'Add' }).getByRole('button', { name: title, exact: true });
  if ((await own.count()) === 0) await page.getByRole('button', { name: 'More to add' }).click();
  await own.click();
  await page.keyboard.press('Escape');
}

/** `YPSILINE_LONG=1` takes the long form. */
const [SEEDS, LENGTH] = process.env.YPSILINE_LONG ? [20, 150] : [1, 25];
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
    test.setTimeout(400_000);
    const slug = await openLayouts(page, front(`Used at random ${seed}`));
    const random = randomOf(seed);
    const blocks = page.locator('[data-page] [data-block]:not([data-shut])');
    for (let act = 1; act <= LENGTH; act++) {
      const block = blocks.nth(random.whole(0, (await blocks.count()) - 1));
      const what = random.whole(0, 12);
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
      } else if (what === 9)
        await page.getByRole('button', { name: random.oneOf(['Phone', 'Tablet', 'Desktop']), exact: true }).click();
      else if (what === 10) await put(page, random.oneOf(NEW_BLOCKS).title);
      else {
        await block.focus();
        await page.keyboard.press('Space');
        await page.getByRole('button', { name: random.oneOf(['Hidden', 'Full bleed', 'Stack', 'Duplicate']), exact: true }).click(); // prettier-ignore
      }
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
            each.getAttribute('title')!,
          )!;
          return [name, columns, wide, high] as const;
        }),
      );
      const said = drawn.map(
        ([name, columns, wide, high]) =>
          `${name} ${columns!.includes('–') ? columns : `${columns}–${columns}`} ${wide} × ${high}`,
      );
      expect(said, `act ${act}`).toEqual(meant);
      // the page that is built lies under its handles; words that need more lines than are given push down what follows
      await expect.poll(() => besideHandles(page), `act ${act}`).toEqual([]);
    }
  });
}
