import axe, { type RunOnly } from 'axe-core';
import { expect, type Page } from '@playwright/test';

const ALL: RunOnly = {
  type: 'tag',
  values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
};

/** In light and in dark, or in one of them. */
export async function inspect(page: Page, schemes: readonly ('light' | 'dark')[] = ['light', 'dark']): Promise<void> {
  await page.evaluate(axe.source);
  for (const [index, colorScheme] of schemes.entries()) {
    await page.emulateMedia({ colorScheme });
    // another scheme has other colours, and nothing else that is other
    await inspectOnce(page, index === 0 ? ALL : { type: 'rule', values: ['color-contrast', 'link-in-text-block'] });
  }
}

/** No serious violation of WCAG 2.2 A and AA as far as axe can see, and no sideways scrolling of the page. */
async function inspectOnce(page: Page, runOnly: RunOnly): Promise<void> {
  await page.evaluate(() => Promise.all(document.getAnimations().map((animation) => animation.finished)));
  const serious = await page.evaluate(
    async (options) => {
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(document, options);
      return violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(({ id, nodes }) => [id, nodes.map(({ html }) => html.slice(0, 160))]);
    },
    { runOnly, resultTypes: ['violations' as const] },
  );
  expect(serious).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
}
