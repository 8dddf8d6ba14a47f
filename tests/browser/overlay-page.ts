import { expect, type Page } from '@playwright/test';
import { overlayJs } from '../../core/formats/overlay/overlay-js';
import type { Spec } from '../../core/spec/schema';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** The overlay on running pages, under a policy that lets nothing run and nothing look but what comes from the page’s own origin. */

export const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'";
export const demo = DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document));
export async function openSite(page: Page, spec: Spec, html: string, css: string): Promise<void> {
  const files: Record<string, [type: string, body: string]> = {
    '/': ['text/html', html],
    '/layout.css': ['text/css', css],
    '/overlay.js': ['text/javascript', overlayJs(spec, ORIGIN)],
  };
  await page.route('http://site.example/**', (route) => {
    const [contentType, body] = files[new URL(route.request().url()).pathname] ?? ['text/plain', ''];
    return route.fulfill({
      contentType: `${contentType}; charset=utf-8`,
      body,
      headers: { 'Content-Security-Policy': POLICY },
    });
  });
  const refused: string[] = [];
  page.on('console', (message) => message.type() === 'error' && refused.push(message.text()));
  page.on('pageerror', (error) => refused.push(error.message));
  await page.goto('http://site.example/');
  expect(refused.filter((text) => !text.includes('favicon'))).toEqual([]);
}

export const withScript = (html: string) => html.replace('</body>', '<script src="/overlay.js"></script></body>');
export const panel = (page: Page) => page.getByRole('region', { name: 'Grid overlay' });
export const listed = (page: Page) => panel(page).getByRole('listitem').allTextContents();

/** The columns that are drawn, from the page’s start. */
export const drawn = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelector('ypsiline-overlay')!.shadowRoot!.querySelectorAll('.columns i')].map((column) => {
      const { left, right } = column.getBoundingClientRect();
      return [left, right] as const;
    }),
  );
