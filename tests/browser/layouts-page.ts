import type { Locator, Page } from '@playwright/test';
import { addLayout } from '../../core/layouts/starting-layouts';
import type { Spec } from '../../core/spec/schema';
import { practiceSpec } from '../../core/spec/testing';
import { type App, expect, makeSpec } from './app';

/** A front page on 4, 8 and 12 columns: at 1440, columns of 74, gutters of 24, margins of 144. */
export const front = (name: string): Spec => addLayout(practiceSpec(name), 'front', 'Front page').value!.spec;

export async function openLayouts(page: Page, document: Spec): Promise<string> {
  const slug = await makeSpec(page.request, document);
  await page.goto(`/tidewick/${slug}/layouts`);
  await expect(page.getByRole('status').filter({ hasText: 'Draft 1, saved' })).toBeVisible();
  return slug;
}

export const onPage = (page: Page, name: string): Locator =>
  page.locator('[data-page]').getByRole('button', { name: new RegExp(`^${name}: `) });
export const where = async (page: Page, name: string): Promise<string> =>
  ((await onPage(page, name).getAttribute('title')) ?? '').slice(name.length + 2);
export const undo = (page: Page): Locator => page.getByRole('button', { name: 'Undo' });
export const placeCell = (page: Page, block: string, breakpoint: string): Locator =>
  page.getByRole('gridcell', { name: new RegExp(`^${block}, ${breakpoint}: `) });

/** Drags by so many px of the window, in steps. */
export async function drag(
  page: Page,
  from: { x: number; y: number },
  by: [number, number],
  key?: 'Alt',
): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  if (key) await page.keyboard.down(key);
  await page.mouse.move(from.x + by[0], from.y + by[1], { steps: 6 });
  await page.mouse.up();
  if (key) await page.keyboard.up(key);
}

export async function middle(of: Locator): Promise<{ x: number; y: number }> {
  const box = (await of.boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** px of the window for each px of the page. */
export async function scale(page: Page): Promise<number> {
  return (await page.locator('[data-page]').first().boundingBox())!.width / 1440;
}

export async function stored(app: App, slug: string): Promise<Spec> {
  const [row] = await app.sql<{ document: Spec }[]>`
    select document from drafts join specs on id = spec_id where slug = ${slug}`;
  return row!.document;
}

/** Blocks of the page in its frame that stand, across, beside what lies over them; with `down`, also down the page. */
export function besideHandles(page: Page, down = false): Promise<string[]> {
  return page.locator('[data-page]').evaluate((paper, isDown) => {
    const frame = paper.querySelector('iframe')!;
    const at = frame.getBoundingClientRect();
    const scale = at.width / frame.clientWidth;
    return [...paper.querySelectorAll<HTMLElement>(':scope > [data-block]')].flatMap((handle) => {
      const built = frame.contentDocument!.querySelector(`[data-block="${handle.dataset['block']}"]`);
      const [own, is] = [handle.getBoundingClientRect(), built?.getBoundingClientRect()];
      const across = is
        ? Math.max(Math.abs(at.left + is.left * scale - own.left), Math.abs(is.width * scale - own.width))
        : Infinity;
      const off = is && isDown ? Math.max(across, Math.abs(at.top + is.top * scale - own.top)) : across;
      return off > 0.6 ? [`${handle.dataset['name']} is ${off} px beside`] : [];
    });
  }, down);
}

/** A field of what is chosen, beside the page. */
export const fieldAt = (page: Page, label: string): Locator =>
  page.getByRole('region', { name: 'Selected blocks' }).getByRole('textbox', { name: label, exact: true });
