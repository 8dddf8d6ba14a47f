import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { expect, test } from './app';

const run = promisify(execFile);
const guide = readFileSync('docs/guide/for-developers.md', 'utf8');
const samples = (language: string): string[] =>
  [...guide.matchAll(new RegExp(`\`\`\`${language}\\n([^]*?)\`\`\``, 'g'))].map(([, code]) => code!);

test('every command of the guide for developers runs, in its order, and its page stands on the grid', async ({
  signedIn: page,
  app,
}) => {
  const made = await page.request.post('/api/teams/tidewick/keys', {
    data: { name: 'Guide', specIds: null, days: 1 },
    headers: { origin: app.url },
  });
  const { secret } = (await made.json()) as { secret: string };
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-guide-'));
  const commands = samples('sh').flatMap((code) => code.trim().split('\n'));
  expect(commands.length).toBeGreaterThan(4);
  for (const command of commands) {
    const [program, ...args] = command.replaceAll('https://grids.example.org', app.url).split(' ');
    if (program === 'curl') {
      // what curl does, wherever there is none
      const answer = await fetch(args.at(-1)!);
      expect(answer.ok).toBe(true);
      writeFileSync(join(folder, 'ypsiline.mjs'), Buffer.from(await answer.arrayBuffer()));
      continue;
    }
    expect(program).toBe('node');
    await run(process.execPath, args, { cwd: folder, env: { ...process.env, YPSILINE_KEY: secret } });
  }
  const css = readFileSync(join(folder, 'src/grid/grid.css'), 'utf8');
  expect(readFileSync(join(folder, 'src/grid/tw-grid.css'), 'utf8')).toContain('.tw-grid');
  expect(readFileSync(join(folder, 'reports/grid.xml'), 'utf8')).toContain('failures="0"');

  const [html] = samples('html');
  await page.setViewportSize({ width: 1512, height: 900 });
  await page.setContent(`<style>body { margin: 0 } ${css}</style>${html!.replace(/<link[^>]*>/, '')}`);
  const box = async (selector: string) => (await page.locator(selector).boundingBox())!;
  // 6 × 86 + 5 × 24, and from the ninth of twelve columns on
  expect(await box('article')).toMatchObject({ x: 108, width: 636 });
  expect(await box('aside')).toMatchObject({ x: 108 + 8 * 110, width: 4 * 86 + 3 * 24 });
});

test('the guide is read in the application, from the list of keys', async ({ signedIn: page }) => {
  await page.goto('/tidewick/passenger-site');
  await page.getByRole('button', { name: 'Keys' }).click();
  await page.getByRole('dialog').getByRole('link', { name: 'for designers' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'For designers' })).toBeVisible();
  const picture = page.getByRole('img', { name: 'A page on the grid' });
  await picture.scrollIntoViewIfNeeded();
  await expect.poll(() => picture.evaluate((image) => (image as HTMLImageElement).naturalWidth)).toBe(1280);
  await page.getByRole('link', { name: 'For developers' }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'For developers' })).toBeVisible();
  for (const name of ['constructor', 'for-nobody']) expect((await page.goto(`/guide/${name}`))!.status()).toBe(404);
});
