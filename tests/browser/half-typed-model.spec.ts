import type { Page } from '@playwright/test';
import { editsBetween } from '../../core/edits/edits-between';
import { removeBreakpoint } from '../../core/breakpoints/breakpoints';
import { writeCell } from '../../core/quantities/write-cell';
import { practiceSpec } from '../../core/spec/testing';
import type { Spec } from '../../core/spec/schema';
import { type App, cell, expect, openBench, saved, test } from './app';
import { stored } from './layouts-page';
import { randomOf } from './model/random';

/** What is half typed belongs to its cell, whatever happens to it: what is stored is what was entered, and nothing else. */

const ACTS = process.env.YPSILINE_LONG ? 60 : 10;

test('random ends of half-typed texts', { tag: '@long' }, async ({ signedIn: page, app }) => {
  test.setTimeout(400_000);
  const slug = await openBench(page, practiceSpec('Half typed at random'));
  const random = randomOf(7);
  let meant = await stored(app, slug);
  for (let act = 1; act <= ACTS; act++) {
    const breakpoint = random.oneOf(meant.breakpoints);
    const text = String(random.whole(1, 40));
    await cell(page, 'Gutter', breakpoint.name).click();
    await page.keyboard.type(text);
    const entered = writeCell(meant, breakpoint.id, 'gutter', text).value!;
    const end = random.oneOf(['enter', 'escape', 'view', 'click', 'removed'] as const);
    const trace = `act ${act}: ${text} into ${breakpoint.name}, ${end}`;
    if (end === 'enter') await page.keyboard.press('Enter');
    if (end === 'escape') await page.keyboard.press('Escape');
    if (end === 'view') await thereAndBack(page);
    if (end === 'click') await cell(page, 'From width', meant.breakpoints[0]!.name).click();
    if (end === 'removed') {
      if (meant.breakpoints.length < 3) await page.keyboard.press('Escape');
      else {
        meant = removeBreakpoint(meant, breakpoint.id).value!;
        await saveElsewhere(page, app, slug, meant);
        const said = `${breakpoint.name} was removed while you typed. “${text}” wasn’t entered.`;
        await expect(page.getByText(said), trace).toBeVisible();
        await page.keyboard.type('99');
        await page.keyboard.press('Enter');
      }
    } else if (end !== 'escape') meant = entered;
    await expect(saved(page), trace).toBeVisible();
    await expect.poll(async () => editsBetween(await stored(app, slug), meant), { message: trace }).toEqual([]);
  }
});

async function thereAndBack(page: Page): Promise<void> {
  await page.keyboard.press('Alt+Shift+F');
  await expect(page.getByRole('heading', { name: 'Finder' })).toBeVisible();
  await page.keyboard.press('Alt+Shift+B');
  await expect(page.getByRole('grid', { name: 'Values by breakpoint' })).toBeVisible();
}

/** Saves a document as another window of the same person would. */
async function saveElsewhere(page: Page, app: App, slug: string, document: Spec): Promise<void> {
  const [spec] = await app.sql<{ id: string; revision: number }[]>`select id, revision from specs where slug = ${slug}`;
  const edits = editsBetween(await stored(app, slug), document);
  const answer = await page.request.put(`/api/specs/${spec!.id}/draft`, { data: { revision: spec!.revision, edits } });
  expect(answer.status()).toBe(200);
}
