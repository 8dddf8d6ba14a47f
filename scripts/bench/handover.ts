import type { Page } from '@playwright/test';
import type { Application } from '../setup/application';
import http from 'node:http';
import { pagePdf } from '../../server/rendering/page-pdf';
import { print } from './print';

const SECONDS = 4;
const AT_ONCE = 16;

/**
 * What builds ask for: an exact version's `grid.css` against an empty handler of the same server; the zip; the PDF; the overlay while a page of 2,000 elements scrolls.
 */
export async function measureHandover({ url, page }: Application) {
  const key = await page.request.post('/api/teams/tidewick/keys', { data: { name: 'Bench', specIds: null, days: 1 } });
  const { secret } = await key.json();
  const edition = `${url}/e/tidewick/passenger-site/1.0.0`;
  const headers = { Authorization: `Bearer ${secret}` };
  console.log('\nAddresses of editions, 16 at once');
  // twice, since the first of anything is slow
  for (const isWarm of [false, true]) {
    const empty = await requestsPerSecond(`${edition}/grid.css`, 'OPTIONS', headers);
    const file = await requestsPerSecond(`${edition}/grid.css`, 'GET', headers);
    if (isWarm)
      console.log(
        `  grid.css ${file.toFixed(0)} a second, an empty handler ${empty.toFixed(0)}: ${(file / empty).toFixed(2)} of it   goal: at least 0.7`,
      );
  }
  const began = performance.now();
  const zip = await page.request.get(`${edition}/everything.zip`, { headers });
  const bytes = (await zip.body()).length;
  console.log(
    `  everything.zip, ${(bytes / 1e6).toFixed(1)} MB in ${(performance.now() - began).toFixed(0)} ms   goal: 1,500`,
  );

  const { pageContent, overlayJs, demo } = await bundled();
  const content = JSON.parse(
    JSON.stringify(pageContent(demo, { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) })),
  );
  const times = [];
  for (let turn = 0; turn < 5; turn++) {
    const start = performance.now();
    await pagePdf(content);
    times.push(performance.now() - start);
  }
  print('page.pdf', times, `   the first ${times[0]?.toFixed(0)} ms, goal: 1,000`);
  await measureOverlay(page, overlayJs(demo, { version: '1.0.0', published: '', sha256: '' }));
}

async function requestsPerSecond(address: string, method: string, headers: Record<string, string>) {
  const agent = new http.Agent({ keepAlive: true, maxSockets: AT_ONCE });
  const until = performance.now() + SECONDS * 1000;
  let done = 0;
  const one = () =>
    new Promise((resolve, reject) => {
      const request = http.request(address, { method, headers, agent }, (response) => {
        if ((response.statusCode ?? 500) >= 300) reject(new Error(`${method} ${address}: ${response.statusCode}`));
        response.resume().on('end', resolve);
      });
      request.on('error', reject).end();
    });
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (performance.now() < until) {
        await one();
        done++;
      }
    }),
  );
  agent.destroy();
  return done / SECONDS;
}

/** The core's writers and the demo's largest document, as one bundle. */
async function bundled() {
  const { build } = await import('esbuild');
  const { outputFiles } = await build({
    stdin: {
      contents: `export { pageContent } from './core/formats/page/page-content';
        export { overlayJs } from './core/formats/overlay/overlay-js';
        import { DEMO_SPECS } from './scripts/demo/specs';
        export const demo = DEMO_SPECS[0].drafts[0].document;`,
      resolveDir: process.cwd(),
      loader: 'ts',
    },
    bundle: true,
    format: 'esm',
    platform: 'node',
    write: false,
  });
  return import(`data:text/javascript;base64,${Buffer.from(outputFiles[0]?.text ?? '').toString('base64')}`);
}

async function measureOverlay(page: Page, script: string) {
  const card = (place: number) =>
    `<div style="position:absolute;left:${(place % 10) * 110}px;top:${Math.floor(place / 10) * 60}px;width:90px;height:40px;background:#cde">${place}</div>`;
  await page.goto('about:blank');
  await page.setContent(
    `<main style="position:relative;height:12000px">${Array.from({ length: 2000 }, (_, place) => card(place)).join('')}</main>`,
  );
  await page.evaluate(script);
  await page.keyboard.press('o');
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const scripting = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? 0) * 1000;
  };
  const times = [];
  for (let frame = 0; frame < 120; frame++) {
    const before = await scripting();
    await page.mouse.wheel(0, 80);
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
    times.push((await scripting()) - before);
  }
  console.log('\nThe overlay over 2,000 elements, all of them marked');
  print('scripting a scroll frame', times, '   goal: 2 ms');
}
