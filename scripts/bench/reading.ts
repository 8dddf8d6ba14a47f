import type { Application } from '../setup/application';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * Reading a picture of 2880 × 8000 in the view "Survey": how long until its grids are there, and the longest task of the page meanwhile.
 */
export async function measureReading({ page, context }: Application) {
  const drawing = await (context.browser() ?? fail()).newPage({
    deviceScaleFactor: 2,
    viewport: { width: 1440, height: 800 },
  });
  const card = (place: number) =>
    `<div style="background:hsl(${place * 37} 30% 80%);height:180px;padding:20px">A card with a few words in it</div>`;
  await drawing.setContent(
    `<style>body { margin: 0; font: 16px/24px sans-serif } main { display: grid; grid-template-columns: repeat(12, 1fr); gap: 24px; padding: 24px; height: 3952px; overflow: hidden } div { grid-column: span 3 }</style><main>${Array.from({ length: 68 }, (_, place) => card(place)).join('')}</main>`,
  );
  const path = join(tmpdir(), `ypsiline-bench-${process.pid}.png`);
  await drawing.screenshot({ fullPage: true, path });
  await drawing.close();
  // a place without kept surveys: the last one would be opened
  await page.goto('/tidewick/ticket-kiosk/survey');
  await page.getByRole('button', { name: 'Choose files…' }).first().waitFor();
  await page.evaluate(() => {
    const tasks: number[] = [];
    Object.assign(window, { tasks });
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) tasks.push(duration);
    }).observe({ type: 'longtask' });
  });
  const began = performance.now();
  await page.getByLabel('Files to survey').setInputFiles(path);
  const progress = page.getByRole('progressbar');
  await progress.waitFor();
  await progress.evaluate((bar) => {
    const watch = () => {
      const value = Number(bar.getAttribute('value'));
      if (bar.isConnected && value < 1) return void requestAnimationFrame(watch);
      Object.assign(window, {
        duringReading: Math.max(0, ...(window as unknown as { tasks: number[] }).tasks.splice(0)),
      });
    };
    watch();
  });
  await page
    .getByRole('radio', { name: /columns, gutter 24/ })
    .first()
    .waitFor();
  const reading = await page.evaluate(() => Number((window as unknown as { duringReading: number }).duringReading));
  const duringReading = reading === 0 ? 'none of 50 ms' : `${reading.toFixed(0)} ms`;
  const seconds = (performance.now() - began) / 1000;
  const longest = async () => {
    const ms = await page.evaluate(() => Math.max(0, ...(window as unknown as { tasks: number[] }).tasks.splice(0)));
    return ms === 0 ? 'none of 50 ms' : `${ms.toFixed(0)} ms`;
  };
  console.log('\nSurveying a picture of 2880 × 8000 in the page');
  console.log(`  longest task while it is read          ${duringReading}   goal: 50 ms`);
  console.log(`  until its grids are listed             ${seconds.toFixed(1)} s`);
  console.log(`  longest task of showing what was found ${await longest()}`);
  rmSync(path);
}

function fail(): never {
  throw new Error('the browser is gone');
}
