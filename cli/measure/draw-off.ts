import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import type { BuiltFinding } from '../../core/built/verdicts';

/** A picture of a page with what is off drawn over it. */
export async function pictureOff(
  page: Page,
  findings: readonly BuiltFinding[],
  folder: string,
  address: string,
): Promise<{ path: string; text: Buffer }> {
  const marks = findings.flatMap(({ says, places }) =>
    places.map((place, index) => ({ ...place, says: index === 0 ? says : '' })),
  );
  await page.evaluate((all) => {
    const host = document.createElement('ypsiline-overlay');
    host.style.cssText = 'position:absolute;inset:0 auto auto 0;z-index:2147483647';
    const root = host.attachShadow({ mode: 'open' });
    for (const { x, y, width, height, says } of all) {
      const mark = document.createElement('div');
      mark.style.cssText = `position:absolute;left:${x}px;top:${y}px;width:${Math.max(width, 2)}px;height:${height}px;outline:2px solid #b3261e;background:#b3261e22`;
      if (says) {
        const label = document.createElement('span');
        label.textContent = says;
        label.style.cssText = `position:absolute;inset:${y < 16 ? '0 auto auto 0' : 'auto auto 100% 0'};font:12px/16px sans-serif;background:#b3261e;color:#fff;padding:0 4px;white-space:nowrap`;
        mark.append(label);
      }
      root.append(mark);
    }
    document.documentElement.append(host);
  }, marks);
  const url = new URL(address);
  const name = `${url.host}${url.pathname}${url.search}${url.hash}`.replace(/[^a-z0-9]+/gi, '-').replace(/^-|-$/g, '');
  try {
    const path = join(folder, `${name}-${page.viewport()?.width ?? 0}.png`);
    return { path, text: Buffer.from(await page.screenshot({ fullPage: true })) };
  } finally {
    await page.evaluate(() => document.querySelector('ypsiline-overlay:last-of-type')?.remove());
  }
}
