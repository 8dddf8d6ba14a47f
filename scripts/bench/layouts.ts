import type { Application } from '../setup/application';
import { print } from './print';

const FRAMES = 150;

/**
 * Dragging a block over a page of 60 blocks: scripting a frame as Chromium counts it, and the frames themselves.
 */
export async function measureLayouts({ page, context }: Application) {
  const made = await page.request.post('/api/teams/tidewick/specs', { data: { name: 'Sixty', start: '4-8-12' } });
  const { slug } = await made.json();
  await page.goto(`/tidewick/${slug}/layouts`);
  await page.getByRole('button', { name: 'New layout' }).click();
  await page.getByRole('radio', { name: /^List of cards/ }).check();
  await page.getByRole('button', { name: 'Create layout' }).click();
  const area = page.getByRole('group', { name: 'Add' }).getByRole('button', { name: 'Area', exact: true });
  const more = page.getByRole('button', { name: 'More to add' });
  // a heading, six cards of two blocks, and as many areas as make 60
  for (let blocks = 19; blocks < 60; blocks++) {
    if ((await area.count()) === 0) await more.click();
    await area.click();
    await page.keyboard.press('Escape');
  }
  const block = page.locator('[data-page] [data-block=card-1]');
  await block.scrollIntoViewIfNeeded();
  const box = await block.boundingBox();
  if (!box) throw new Error('the page isn’t rendered');
  const session = await context.newCDPSession(page);
  await session.send('Performance.enable');
  const scripting = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? 0) * 1000;
  };
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const scripts: number[] = [];
  for (let frame = 0; frame < FRAMES; frame++) {
    const before = await scripting();
    await page.mouse.move(x + 150 * Math.sin(frame / 12), y + 60 * Math.sin(frame / 17));
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
    if (frame >= 20) scripts.push((await scripting()) - before);
  }
  await page.mouse.up();
  console.log('\nDragging a block on a page of 60, all rules on');
  print(
    'scripting a frame',
    scripts,
    `   goal: p95 at most 8 ms; longest ${Math.max(...scripts).toFixed(1)} ms, goal: 33`,
  );
}
