import { spawn } from 'node:child_process';
import type { BrowserContext, Page } from '@playwright/test';
import { CHROMIUM_FLAGS, CHROMIUM_PACKAGE, findChromium } from './chromium.mjs';
import { ensureDebianPackage } from './packages.mjs';
import { freePort } from './ports.mjs';

export type Application = { url: string; context: BrowserContext; page: Page };

/**
 * Serves the application with the demo's data on a cluster of its own, with Ansa signed in in Chromium, while `measure` runs.
 */
export async function withApplication(folder: string, measure: (application: Application) => Promise<void>) {
  const executablePath = await ensureDebianPackage(CHROMIUM_PACKAGE, findChromium);
  const port = await freePort(4700);
  const { url, stop } = await startApplication('.', folder, port);
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({ executablePath, args: CHROMIUM_FLAGS });
  try {
    const context = await browser.newContext({ baseURL: url, viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.request.post('/api/session', {
      data: { email: 'ansa@tidewick.example', password: 'ferry-slip-at-nine' },
    });
    await measure({ url, context, page });
  } finally {
    await browser.close();
    await stop();
  }
}

/**
 * `npm start` in a checkout, until it prints its address.
 */
export function startApplication(
  checkout: string,
  data: string,
  port: number,
): Promise<{ url: string; seconds: number; stop: () => Promise<void> }> {
  const began = performance.now();
  const child = spawn('npm', ['start', '--silent'], {
    cwd: checkout,
    env: { ...process.env, PORT: String(port), YPSILINE_DATA_DIR: data, DATABASE_URL: '', YPSILINE_DEMO: '1' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise((resolve) => child.on('exit', resolve));
  return new Promise((resolve, reject) => {
    ended.then((code) => reject(new Error(`npm start ended with ${code}`)));
    let printed = '';
    child.stdout.on('data', (chunk) => {
      printed += chunk;
      if (!printed.includes('Ypsiline is at')) return;
      const stop = async () => {
        child.kill('SIGTERM');
        await ended;
      };
      resolve({ url: `http://127.0.0.1:${port}`, seconds: (performance.now() - began) / 1000, stop });
    });
  });
}
