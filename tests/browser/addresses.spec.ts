import { execFile } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import type { Page } from '@playwright/test';
import { ensureDebianPackage } from '../../scripts/setup/packages.mjs';
import { expect, test } from './app';
import { heldToOpenApi } from './open-api';

const EDITION = '/e/tidewick/passenger-site';
const run = promisify(execFile);

async function makeKey(page: Page, name: string, only?: string): Promise<string> {
  await page.goto('/tidewick');
  await page.getByRole('link', { name: 'Keys and links' }).click();
  await page.getByRole('button', { name: 'New key…' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel('Name')).toBeFocused();
  await dialog.getByLabel('Name').fill(name);
  if (only) {
    await dialog.getByRole('radio', { name: 'selected specifications' }).check();
    await dialog.getByRole('checkbox', { name: only }).check();
  }
  await dialog.getByRole('button', { name: 'Create key' }).click();
  const secret = await page
    .getByRole('dialog', { name: 'Key created' })
    .getByText(/^ypsk_/)
    .textContent();
  await page.getByRole('button', { name: 'I’ve stored it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  return secret!;
}

test('a key reads editions by their addresses, exact and moving, until it is revoked', async ({
  signedIn: page,
  app,
  browser,
}) => {
  const key = await makeKey(page, 'Site build', 'Passenger site');
  expect(await page.content()).not.toContain(key);
  const { request } = await browser.newContext();
  const get = async (path: string, headers: Record<string, string> = { Authorization: `Bearer ${key}` }) => {
    const answer = await request.get(app.url + path, { headers });
    await heldToOpenApi(path, answer);
    return answer;
  };

  const exact = await get(`${EDITION}/1.0.0/grid.css`);
  expect(exact.status()).toBe(200);
  expect(exact.headers()).toMatchObject({
    'cache-control': 'private, max-age=31536000, immutable',
    'content-type': 'text/css; charset=utf-8',
    'access-control-allow-origin': '*',
  });
  const etag = exact.headers()['etag']!;
  for (const moving of ['latest', '1', '1.0']) {
    const answer = await get(`${EDITION}/${moving}/grid.css`);
    expect(answer.headers()).toMatchObject({
      etag,
      'cache-control': 'private, no-cache',
      'content-location': `${EDITION}/1.0.0/grid.css`,
    });
    expect(await answer.text()).toBe(await exact.text());
    const again = await get(`${EDITION}/${moving}/grid.css`, { Authorization: `Bearer ${key}`, 'If-None-Match': etag });
    expect([again.status(), (await again.body()).length]).toEqual([304, 0]);
  }
  const list = (await (await get(EDITION)).json()) as {
    editions: { version: string; files: { name: string; address: string; sha256: string }[] }[];
  };
  expect(list.editions.map(({ version }) => version)).toEqual(['1.0.0']);
  const css = list.editions[0]!.files.find(({ name }) => name === 'grid.css')!;
  expect(css).toMatchObject({ address: `${EDITION}/1.0.0/grid.css`, sha256: etag.slice(1, -1) });
  for (const { address } of list.editions[0]!.files) expect((await get(address)).status(), address).toBe(200);

  // nobody, a wrong key, a spec that it does not open, what is not there; and a page of another site may ask
  expect((await get(`${EDITION}/1.0.0/grid.css`, {})).status()).toBe(401);
  expect((await get(`${EDITION}/1.0.0/grid.css`, { Authorization: 'Bearer ypsk_wrong' })).status()).toBe(401);
  expect((await get(`${EDITION}/1.0.0/grid.css?key=${key}`, {})).status()).toBe(401);
  expect((await get('/e/tidewick/ticket-kiosk/1.0.0/grid.css')).status()).toBe(401);
  const problemOf = async (path: string, headers?: Record<string, string>): Promise<string> =>
    ((await (await get(path, headers)).json()) as { problem: string }).problem;
  expect(await problemOf(`${EDITION}/9/grid.css`)).toBe('passenger-site has no edition 9. It has 1.0.0.');
  expect(await problemOf(`${EDITION}/1.0.0/other.css`)).toMatch(/^1\.0\.0 has no file other\.css\. It has .*grid\.css/);
  expect(await problemOf('/e/tidewick/ticket-kiosk/1.0.0/grid.css')).toBe(
    'This key doesn’t open ticket-kiosk. It opens passenger-site.',
  );
  expect(await problemOf(`${EDITION}/1.0.0/grid.css`, { Authorization: 'Bearer ypsk_wrong' })).toMatch(
    /^No key has this secret\./,
  );
  const asked = await request.fetch(app.url + EDITION, { method: 'OPTIONS' });
  expect([asked.status(), asked.headers()['access-control-allow-headers']]).toEqual([
    204,
    'Authorization, If-None-Match',
  ]);
  const [spec] = await app.sql<{ id: string }[]>`select id from specs where slug = 'passenger-site'`;
  expect((await get(`/api/specs/${spec!.id}/draft`)).status()).toBe(401);

  await page.getByRole('button', { name: 'Revoke Site build' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Revoke' }).click();
  await expect(page.getByRole('row', { name: /^Site build/ })).toContainText('revoked');
  expect((await get(`${EDITION}/1.0.0/grid.css`)).status()).toBe(401);
  // who is signed in reads the same, without a key, and no other site does with their cookie
  const own = await page.request.get(`${EDITION}/latest/grid.css`);
  expect([own.status(), own.headers()['access-control-allow-origin']]).toEqual([200, undefined]);
});

test('a public link opens the editions of one spec to whoever has it, until it is revoked', async ({
  signedIn: page,
  app,
  browser,
}) => {
  await page.goto('/keys/tidewick');
  await page.getByRole('button', { name: 'New public link…' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel('Name')).toBeFocused();
  await dialog.getByLabel('Name').fill('The agency');
  await dialog.getByLabel('Gives access to editions of').selectOption('Ticket kiosk');
  await dialog.getByRole('button', { name: 'Create link' }).click();
  const shown = await page
    .getByRole('dialog', { name: 'Public link created' })
    .getByText(/\/l\/ypsl_/)
    .textContent();
  await page.getByRole('button', { name: 'I’ve stored it' }).click();
  const link = new URL(shown!).pathname.replace('/latest/page.html', '');
  const stranger = await (await browser.newContext()).newPage();
  const get = async (path: string, headers: Record<string, string> = {}) => {
    const answer = await stranger.request.get(app.url + path, { headers });
    await heldToOpenApi(path, answer);
    return answer;
  };
  await stranger.goto(shown!);
  await expect(stranger.getByRole('heading', { name: 'Ticket kiosk 1.0.0' })).toBeVisible();
  const list = (await (await get(link)).json()) as { spec: string; editions: { files: { address: string }[] }[] };
  expect(list.spec).toBe('ticket-kiosk');
  for (const { address } of list.editions[0]!.files) {
    const answer = await get(address);
    expect([address, answer.status()]).toEqual([address, 200]);
    expect(answer.headers()).toMatchObject({ 'referrer-policy': 'no-referrer', 'x-robots-tag': 'noindex' });
  }
  const moving = await get(`${link}/1/grid.css`);
  expect(moving.headers()['content-location']).toBe(`${link}/1.0.0/grid.css`);
  expect((await get(`${link}/1/grid.css`, { 'If-None-Match': moving.headers()['etag']! })).status()).toBe(304);

  // a page of another site may name a file in a tag; the link is no key, and a key is no link
  const elsewhere = createServer((_, response) =>
    response
      .writeHead(200, { 'Content-Type': 'text/html' })
      .end(`<link rel="stylesheet" href="${app.url}${link}/latest/grid.css"><p class="grid">`),
  ).listen(0, '127.0.0.1');
  await once(elsewhere, 'listening');
  await stranger.goto(`http://127.0.0.1:${(elsewhere.address() as AddressInfo).port}/`);
  await expect(stranger.locator('p')).toHaveCSS('display', 'grid');
  elsewhere.close();
  // people read a page where builds read JSON
  await stranger.goto(app.url + link);
  await expect(stranger.getByRole('heading', { level: 1, name: 'Ticket kiosk' })).toBeVisible();
  await stranger.getByRole('link', { name: 'Read' }).first().click();
  await expect(stranger.getByRole('heading', { name: /^Ticket kiosk \d/ })).toBeVisible();
  await stranger.goto(`${app.url}${link}/latest`);
  await expect(stranger.getByRole('heading', { level: 2 })).toHaveCount(1);
  const latest = (await (await get(`${link}/latest`, { Accept: 'application/json' })).json()) as typeof list;
  expect(latest.editions).toHaveLength(1);
  const secret = link.split('/').at(-1)!;
  const asKey = await get('/e/tidewick/ticket-kiosk/1.0.0/grid.css', { Authorization: `Bearer ${secret}` });
  expect(asKey.status()).toBe(401);
  expect(((await asKey.json()) as { problem: string }).problem).toContain('This is a public link, not a key.');
  const key = await makeKey(page, 'No link');
  expect((await get(`/l/${key}/latest/grid.css`)).status()).toBe(404);
  expect((await get(`${link}/9.9.9/grid.css`)).status()).toBe(404);

  await page.goto('/keys/tidewick');
  await page.getByRole('button', { name: 'Revoke The agency' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Revoke' }).click();
  await expect(page.getByRole('row', { name: /^The agency/ })).toContainText('revoked');
  const closed = await get(`${link}/latest/grid.css`);
  expect(closed.status()).toBe(404);
  expect(((await closed.json()) as { problem: string }).problem).toMatch(
    /^This link was revoked on .+ Ask whoever sent it/,
  );
  await stranger.goto(app.url + link);
  await expect(stranger.getByRole('heading', { name: 'This link doesn’t open' })).toBeVisible();
  await expect(stranger.getByText(/^This link was revoked on /)).toBeVisible();
  const published = await stranger.request.get(`${app.url}/openapi.json`);
  expect((await published.json()) as object).toMatchObject({ openapi: '3.1.0' });
});

test('the command, as the application serves it, pulls and checks in an empty folder', async ({
  signedIn: page,
  app,
}) => {
  const key = await makeKey(page, 'Command');
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-command-'));
  const served = await page.request.get('/ypsiline.mjs');
  expect(served.status()).toBe(200);
  expect((await served.body()).length).toBeLessThan(2_000_000);
  copyFileSync('public/ypsiline.mjs', join(folder, 'ypsiline.mjs'));
  const call = async (...args: string[]) => {
    const options = { cwd: folder, env: { ...process.env, YPSILINE_KEY: key } };
    return run(process.execPath, ['ypsiline.mjs', ...args], options).then(
      ({ stdout, stderr }) => ({ code: 0, stdout, stderr }),
      (error: { code: number; stdout: string; stderr: string }) => error,
    );
  };
  const from = ['pull', '--from', `${app.url}${EDITION}/1`, '--key-from-env', 'YPSILINE_KEY'];
  expect(await call(...from, '--files', 'grid.css,spec.json', '--to', 'styles')).toMatchObject({
    code: 0,
    stdout: '1.0.0: grid.css, spec.json\n',
  });
  expect(readFileSync(join(folder, 'styles/grid.css'), 'utf8')).toContain('1.0.0');
  expect(await call(...from, '--frozen', '--to', 'styles')).toMatchObject({ code: 0 });
  expect(await call('check', 'styles/spec.json')).toMatchObject({ code: 0 });
  expect(await call('compare', 'styles/spec.json', 'styles/grid.css', '--junit', 'grid.xml')).toMatchObject({
    code: 0,
    stdout: expect.stringContaining('Everything checked matches the specification.'),
  });
  expect(readFileSync(join(folder, 'grid.xml'), 'utf8')).toContain('failures="0"');
  expect(await call('--help')).toMatchObject({
    code: 0,
    stdout: expect.stringContaining('ypsiline pull --from'),
  });
  expect(
    await call('pull', '--from', `${app.url}/e/tidewick/none`, '--key-from-env', 'YPSILINE_KEY', '--lock', 'none.json'),
  ).toMatchObject({
    code: 2,
    stderr: expect.stringContaining('answered 401'),
  });
});

test('the reading page lists every file with its size and SHA-256 @long', async ({ signedIn: page }) => {
  await page.goto('/tidewick/passenger-site/editions/1.0.0');
  const files = page.getByRole('region', { name: 'Files' });
  for (const name of [
    'grid.css',
    'tokens.json',
    'values.csv',
    'values.md',
    'overlay-phone.svg',
    'layout.html',
    'everything.zip',
  ])
    await expect(files.getByRole('link', { name, exact: true })).toBeVisible();
  const saved = page.waitForEvent('download');
  await files.getByRole('link', { name: 'everything.zip' }).click();
  const download = await saved;
  expect(download.suggestedFilename()).toBe('passenger-site-1.0.0.everything.zip');
  const unzip = await ensureDebianPackage('unzip', () => ['/usr/bin/unzip'].find(existsSync) ?? null);
  const { stdout } = await run(unzip, ['-t', await download.path()]);
  expect(stdout).toContain('No errors detected');
});
