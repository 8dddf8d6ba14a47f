import { addLayout } from '../../core/layouts/starting-layouts';
import { withBlocks, withLayout } from '../../core/layouts/edit-layout';
import { addBreakpoint } from '../../core/breakpoints/breakpoints';
import { solvedAt } from '../../core/layouts/solved-at';
import { practiceSpec } from '../../core/spec/testing';
import type { Spec } from '../../core/spec/schema';
import { cell, expect, openBench, saved, test, type } from './app';
import { placeCell, stored } from './layouts-page';

/** What a change at one width does to blocks at others is said at once. */

/** A front page on 4, 8, 12 and 12 columns whose button stands on 1–2 of the tablet, and follows from there. */
function withButton(name: string): Spec {
  const { spec } = addBreakpoint(practiceSpec(name), 1600).value!;
  const laid = addLayout(spec, 'front', 'Front page').value!;
  return withLayout(laid.spec, laid.id, (layout) =>
    withBlocks(layout, ['opening-heading'], (block) => ({
      ...block,
      at: { phone: block.at['phone']!, tablet: { ...block.at['tablet'], columns: [1, 2] } },
    })),
  );
}

const columnsAt = (spec: Spec): (string | undefined)[] =>
  spec.breakpoints.map((each) =>
    solvedAt(spec, spec.layouts[0]!, each)
      .blocks.find(({ id }) => id === 'opening-heading')
      ?.placed.columns.join('–'),
  );

test('a count in between moves no block further out; where blocks move, it is said, shown and undone', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openBench(page, withButton('Elsewhere'));
  expect(columnsAt(await stored(app, slug))).toEqual(['1–4', '1–2', '1–3', '1–3']);
  const line = page.getByRole('status').filter({ hasText: ' moved at ' });
  for (const [count, expected] of [
    ['10', ['1–4', '1–2', '1–3', '1–3']],
    ['12', ['1–4', '1–2', '1–3', '1–3']],
    ['16', ['1–4', '1–2', '1–4', '1–3']],
  ] as const) {
    await type(page, 'Count', 'Desktop', count);
    await expect(cell(page, 'Count', 'Desktop')).toHaveText(count);
    await expect(saved(page)).toBeVisible();
    await expect.poll(async () => columnsAt(await stored(app, slug))).toEqual(expected);
  }

  // where it is given, others follow: twice, each time with its own line
  for (const [columns, moved] of [
    ['1–6', '1 block moved at Desktop and Breakpoint 4.'],
    ['1–4', '1 block moved at Desktop and Breakpoint 4.'],
  ] as const) {
    await page.goto(`/tidewick/${slug}/layouts`);
    // before the page has come to life, what is typed goes nowhere
    await expect(saved(page)).toBeVisible();
    await placeCell(page, 'Opening heading', 'Tablet').click();
    await page.keyboard.type(columns);
    await page.keyboard.press('Enter');
    await expect(line).toContainText(moved);
  }
  await line.getByRole('button', { name: 'Show' }).click();
  await expect(
    page.locator('[data-page]').getByRole('button', { name: /^Opening heading: columns 1–8/ }),
  ).toBeVisible();
  await line.getByRole('button', { name: 'Undo' }).click();
  await expect(line).toBeHidden();
  await expect(placeCell(page, 'Opening heading', 'Tablet')).toContainText('1–6');
  // the same from the bench: the line leads to Layouts
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await type(page, 'Count', 'Tablet', '6');
  await expect(line).toContainText(' moved at ');
  await line.getByRole('button', { name: 'Show' }).click();
  await expect(page).toHaveURL(/\/layouts$/);
  await expect(line).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(line).toBeHidden();
});

test('what moved elsewhere stands in the comparison, one by one', async ({ signedIn: page, app }) => {
  const slug = await openBench(page, withButton('Compared elsewhere'));
  await page.goto(`/tidewick/${slug}/layouts`);
  await placeCell(page, 'Opening heading', 'Tablet').click();
  await page.keyboard.type('1–4');
  await page.keyboard.press('Enter');
  await expect(saved(page)).toBeVisible();
  await expect.poll(async () => columnsAt(await stored(app, slug))).toEqual(['1–4', '1–4', '1–6', '1–6']);
  await page.goto(`/tidewick/${slug}/comparison?before=r1&after=draft`);
  const moved = page.getByRole('table', { name: 'Blocks that moved as a result' });
  await expect(
    moved.getByRole('row', { name: /Desktop .*Opening heading, moved .*1–3 of 12.* .*1–6 of 12/ }),
  ).toBeVisible();
  await expect(moved.getByRole('row', { name: /Breakpoint 4 .*Opening heading, moved/ })).toBeVisible();
});
