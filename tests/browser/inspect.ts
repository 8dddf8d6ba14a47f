import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** In light and in dark. */
export async function inspect(page: Page): Promise<void> {
  await page.emulateMedia({ colorScheme: 'light' });
  await inspectOnce(page, {
    type: 'tag',
    values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
  });
  // the dark has other colours, and nothing else that is other
  await page.emulateMedia({ colorScheme: 'dark' });
  await inspectOnce(page, { type: 'rule', values: ['color-contrast', 'link-in-text-block'] });
}

/** No serious violation of WCAG 2.2 A and AA as far as axe can see, and no sideways scrolling of the page. */
async function inspectOnce(page: Page, runOnly: { type: 'tag' | 'rule'; values: string[] }): Promise<void> {
  await page.evaluate(() => Promise.all(document.getAnimations().map((animation) => animation.finished)));
  // in the page itself: carrying every result over to a page of its own takes four times as long as finding them
  const { violations } = await new AxeBuilder({ page })
    .options({ runOnly, resultTypes: ['violations'] })
    .setLegacyMode()
    .analyze();
  const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(serious.map(({ id, nodes }) => [id, nodes.map(({ html }) => html.slice(0, 160))])).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
}
