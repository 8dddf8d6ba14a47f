import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, request, test } from '@playwright/test';
import { seedDemo } from '../../scripts/demo/seed';
import { freePort, isFree } from '../../scripts/setup/ports.mjs';
import { startCluster } from '../../scripts/setup/postgres.mjs';
import { isRoot } from '../../scripts/setup/process.mjs';
import { letApplicationIn } from '../../server/database/application-role';
import { connect } from '../../server/database/database';
import { migrate } from '../../server/database/migrate';
import { serve, signIn, windowOf } from './app';

/** How long the database is away. */
const AWAY_MS = { stopped: 60_000, frozen: 25_000 };
/** How often every connection is cut. */
const CUTS = 50;
/** How many read all the time, and how long each waits before the next page. */
const [READERS, READER_PAUSE_MS] = [8, 20];

const PATHS = [
  '/tidewick',
  '/tidewick/passenger-site',
  '/tidewick/passenger-site/editions/1.0.0',
  '/tidewick/passenger-site/editions/1.0.0/grid.css',
];

test('whatever becomes of the database, one is told so, and after its return all is as before @long', async ({
  browser,
}) => {
  test.setTimeout(600_000);
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-away-'));
  if (isRoot) execFileSync('chown', ['postgres:', folder]);
  const cluster = await startCluster(folder);
  const admin = connect(cluster.url, 1);
  await migrate(admin);
  await letApplicationIn(admin, cluster.url);
  await seedDemo(admin);
  const app = serve(await freePort(4700), cluster.url);
  await app.start();
  const person = await request.newContext({ baseURL: app.url });
  await signIn(person, 'Ansa Brisk');

  const strange: string[] = [];
  let isOver = false;
  const ask = async (path: string): Promise<number> => {
    const answer = await person.get(path, { timeout: 90_000 });
    const status = answer.status();
    const says = status === 200 || /doesn’t answer/.test(await answer.text());
    const whenAgain = status === 200 || answer.headers()['retry-after'];
    if (![200, 503].includes(status) || !says || !whenAgain) strange.push(`${status} ${path}`);
    return status;
  };
  const reader = async (start: number): Promise<void> => {
    for (let turn = start; !isOver; turn++) {
      await ask(PATHS[turn % PATHS.length]!);
      await pause(READER_PAUSE_MS);
    }
  };
  const readers = Array.from({ length: READERS }, (_, index) => reader(index));
  /** Every address answers as before, and goes on to. */
  const recovers = async (): Promise<void> => {
    await expect
      .poll(async () => (await Promise.all(PATHS.map(ask))).every((status) => status === 200), { timeout: 90_000 })
      .toBe(true);
    for (let round = 0; round < 3; round++) expect(await Promise.all(PATHS.map(ask))).toEqual([200, 200, 200, 200]);
  };

  try {
    for (let cut = 0; cut < CUTS; cut++) {
      await admin`select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and backend_type = 'client backend'`;
      await pause(50);
    }
    await recovers();

    // two windows on one draft go on, say so, and come together by themselves
    const ansa = await windowOf(browser, app.url, 'Ansa Brisk');
    const obi = await windowOf(browser, app.url, 'Obi Lorne');
    for (const page of [ansa, obi]) await page.goto('/tidewick/departure-board');
    await expect(ansa.getByRole('list', { name: 'People here' })).toBeVisible();
    const gutter = ansa.getByRole('gridcell', { name: /^Gutter, / }).first();
    const label = (await gutter.getAttribute('aria-label'))!.split(':')[0]!;

    await admin.end();
    await cluster.stop();
    await gutter.click();
    await ansa.keyboard.type('13');
    await ansa.keyboard.press('Enter');
    await expect(ansa.getByText('You’re offline. Keep working')).toBeVisible({ timeout: 60_000 });
    const ready = await person.get('/readyz');
    expect([ready.status(), ((await ready.json()) as { problem: string }).problem]).toEqual([
      503,
      'The database doesn’t answer.',
    ]);
    expect((await person.get('/healthz')).status()).toBe(200);
    await pause(AWAY_MS.stopped);
    // its port is one that systems also give to outgoing connections: it comes back where it was
    await expect.poll(() => isFree(Number(new URL(cluster.url).port)), { timeout: 90_000 }).toBe(true);
    const again = await startCluster(folder);
    expect(again.url).toBe(cluster.url);
    await recovers();
    await expect(obi.getByRole('gridcell', { name: `${label}: 13` })).toBeVisible({ timeout: 90_000 });
    await expect(ansa.getByText('You’re offline')).toHaveCount(0);
    for (const page of [ansa, obi]) await page.context().close();

    const pids = processesOf(join(folder, 'cluster'));
    for (const pid of pids) process.kill(pid, 'SIGSTOP');
    await pause(AWAY_MS.frozen);
    for (const pid of pids) process.kill(pid, 'SIGCONT');
    await recovers();

    isOver = true;

    await Promise.all(readers);

    expect(strange).toEqual([]);
    expect(app.errors()).not.toMatch(/uncaught|unhandled|TypeError/i);
    await person.dispose();
    await app.stop();

    await again.stop();
  } finally {
    isOver = true;
    await app.stop();
    await cluster.stop().catch(() => {});
    rmSync(folder, { recursive: true, force: true });
  }
});

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}

/** The database's own processes: the first, and those that it started. */
function processesOf(data: string): number[] {
  const first = Number(readFileSync(join(data, 'postmaster.pid'), 'utf8').split('\n')[0]);
  const others = execFileSync('ps', ['-o', 'pid=', '--ppid', String(first)], { encoding: 'utf8' });
  return [first, ...others.split('\n').filter(Boolean).map(Number)];
}
