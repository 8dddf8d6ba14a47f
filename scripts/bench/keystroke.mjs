const PRESSES = 120;

/**
 * From a key press in the sheet to the painted preview, with 6 breakpoints: scripting as Chromium counts it, and the
 * whole way to the next painted frame.
 * @param {import('../setup/application.mjs').Application} application
 */
export async function measureKeystroke({ page, context }) {
  await page.goto(await sixBreakpoints(page));
  const cell = page.getByRole('gridcell', { name: /^Gutter, Breakpoint 6: / });
  await cell.click();
  const session = await context.newCDPSession(page);
  await session.send('Performance.enable');
  const scripting = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? 0) * 1000;
  };
  await page.evaluate(() => {
    const kept = /** @type {any} */ (window);
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
  /** @type {{ scripts: number[], paints: number[] }} */
  const found = { scripts: [], paints: [] };
  for (let press = 0; press < PRESSES; press++) {
    const before = await scripting();
    await page.keyboard.press(press % 2 === 0 ? 'Alt+ArrowUp' : 'Alt+ArrowDown');
    const painted = /** @type {number} */ (await page.evaluate(() => /** @type {any} */ (window).painted));
    const after = await scripting();
    if (press < 20) continue; // until the code is warm
    found.scripts.push(after - before);
    found.paints.push(painted);
  }
  console.log('\nA key press in the sheet, 6 breakpoints, all rules on');
  print('scripting', found.scripts, '   goal: p95 under 16 ms');
  print('to the painted preview', found.paints, '');
}

/** @param {string} name @param {number[]} times @param {string} goal */
function print(name, times, goal) {
  const sorted = times.toSorted((a, b) => a - b);
  const at = (/** @type {number} */ share) => sorted[Math.floor(sorted.length * share)]?.toFixed(1).padStart(5);
  console.log(`  ${name.padEnd(24)} p50 ${at(0.5)} ms   p95 ${at(0.95)} ms${goal}`);
}

/** @param {import('@playwright/test').Page} page @returns {Promise<string>} the address of a spec with 6 breakpoints */
async function sixBreakpoints(page) {
  const made = await page.request.post('/api/teams/tidewick/specs', { data: { name: 'Six', start: 'blank' } });
  const { slug } = await made.json();
  const [spec] = (await page.goto(`/tidewick/${slug}`), await page.evaluate(() => [location.pathname]));
  for (const [index, from] of [480, 600, 1024, 1280, 1760].entries()) {
    await page.getByRole('button', { name: 'Add a breakpoint' }).click();
    await page.getByRole('gridcell', { name: new RegExp(`^From, Breakpoint ${index + 2}: `) }).click();
    await page.keyboard.type(String(from));
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
