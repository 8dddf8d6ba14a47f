import type { Application } from '../setup/application';
import { print } from './print';

const PRESSES = 120;

/**
 * From a key press in the sheet to the painted preview, with 6 breakpoints: scripting as Chromium counts it, and the
 * whole way to the next painted frame.
 */
export async function measureKeystroke({ page, context }: Application) {
  await page.goto(await sixBreakpoints(page));
  console.log('\nA key press in the sheet, 6 breakpoints, all rules on');
  await measurePresses(page, context);
  await besideGrid(page);
  console.log('\nThe same in a grid beside the main one, both drawn');
  await measurePresses(page, context);
  await page.getByRole('combobox', { name: 'Grid', exact: true }).selectOption('');
  await everyOverlay(page);
  console.log('\nThe same with every overlay on and 1,000 baselines in sight, which run together into a tint');
  await measurePresses(page, context);
  console.log('\nPan and zoom, so');
  await measureFrames(page);
  for (let step = 0; step < 14; step++) await page.getByRole('button', { name: 'Zoom in' }).click();
  console.log('\nA key press with 1,000 baselines drawn as lines, zoomed in');
  await measurePresses(page, context);
  console.log('\nPan and zoom, so');
  await measureFrames(page);
}

/** A second grid of 8 columns at the last breakpoint, chosen. */
async function besideGrid(page: Page) {
  await page.getByRole('combobox', { name: 'Grid', exact: true }).selectOption({ label: 'New grid…' });
  await page.getByRole('dialog').getByRole('textbox').fill('Article');
  await page.keyboard.press('Enter');
  await page.getByRole('gridcell', { name: /^Count, Breakpoint 6: / }).click();
  await page.keyboard.type('8');
  await page.keyboard.press('Enter');
}

/** Rows and baselines over a page of 4,000 px, all of it in sight. */
async function everyOverlay(page: Page) {
  await page.getByRole('button', { name: 'Rows', exact: true }).click();
  await page.getByRole('button', { name: 'Baseline', exact: true }).click();
  await page.getByRole('textbox', { name: 'Page height' }).fill('4000');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Zoom out' }).click();
  await page.getByRole('button', { name: 'Zoom out' }).click();
}

/** A turn of the wheel in every frame, first to move, then to zoom. */
async function measureFrames(page: Page) {
  for (const [name, ctrlKey] of [
    ['moving', false],
    ['zooming', true],
  ] as const) {
    const times = await page.evaluate(async (zoom) => {
      const desk = document.querySelector('[role=application]') as HTMLElement;
      const box = desk.getBoundingClientRect();
      const at = {
        clientX: box.left + box.width / 2,
        clientY: box.top + box.height / 2,
        bubbles: true,
        cancelable: true,
      };
      const frames: number[] = [];
      let last = performance.now();
      for (let frame = 0; frame < 150; frame++) {
        const deltaY = Math.floor(frame / 25) % 2 === 0 ? 12 : -12;
        desk.dispatchEvent(new WheelEvent('wheel', { ...at, deltaY, ctrlKey: zoom }));
        await new Promise((resolve) => requestAnimationFrame(resolve));
        const now = performance.now();
        if (frame >= 20) frames.push(now - last);
        last = now;
      }
      return frames;
    }, ctrlKey);
    print(name, times, `   goal: 16.7; ${times.filter((time) => time > 20).length} of ${times.length} frames late`);
  }
}

import type { Page, BrowserContext } from '@playwright/test';

async function measurePresses(page: Page, context: BrowserContext) {
  const cell = page.getByRole('gridcell', { name: /^Gutter, Breakpoint 6: / });
  await cell.click();
  const session = await context.newCDPSession(page);
  await session.send('Performance.enable');
  const scripting = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? 0) * 1000;
  };
  await page.evaluate(() => {
    const kept = window as { painted?: Promise<number> };
    window.addEventListener(
      'keydown',
      ({ timeStamp }) => {
        // the frame after the next one begins when the change is on the screen
        kept.painted = new Promise((resolve) =>
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - timeStamp))),
        );
      },
      { capture: true },
    );
  });
  const found: { scripts: number[]; paints: number[] } = { scripts: [], paints: [] };
  for (let press = 0; press < PRESSES; press++) {
    const before = await scripting();
    await page.keyboard.press(press % 2 === 0 ? 'Alt+ArrowUp' : 'Alt+ArrowDown');
    const painted = (await page.evaluate(() => (window as { painted?: Promise<number> }).painted)) as number;
    const after = await scripting();
    if (press < 20) continue; // until the code is warm
    found.scripts.push(after - before);
    found.paints.push(painted);
  }
  print('scripting', found.scripts, '   goal: p95 under 16 ms');
  print('to the painted preview', found.paints, '');
}

/** The address of a spec with 6 breakpoints */
async function sixBreakpoints(page: Page): Promise<string> {
  const made = await page.request.post('/api/teams/tidewick/specs', { data: { name: 'Six', start: 'blank' } });
  const { slug } = await made.json();
  const [spec] = (await page.goto(`/tidewick/${slug}`), await page.evaluate(() => [location.pathname]));
  for (const [index, from] of [480, 600, 1024, 1280, 1760].entries()) {
    await page.getByRole('button', { name: 'Add a breakpoint' }).click();
    await page.getByLabel('From width (px)').fill(String(from));
    await page.keyboard.press('Enter');
    await page.getByRole('gridcell', { name: new RegExp(`^Count, Breakpoint ${index + 2}: `) }).click();
    await page.keyboard.type('12');
    await page.keyboard.press('Enter');
  }
  await page
    .getByRole('status')
    .filter({ hasText: /^Draft \d+, saved/ })
    .waitFor();
  await page.waitForTimeout(1500);
  return String(spec);
}
