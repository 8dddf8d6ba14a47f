import { type ChildProcess, spawn, type StdioOptions } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  type APIRequestContext,
  type Browser,
  type BrowserContext,
  expect,
  type Page,
  test as base,
} from '@playwright/test';
import type { Spec } from '../../core/spec/schema';
import { freePort } from '../../scripts/setup/ports.mjs';
import { connect, type Sql } from '../../server/database/database';
import { DEMO_PEOPLE } from '../../server/team/demo-people';
import { openSession } from '../../server/sign-in/sessions';
import { SESSION_COOKIE } from '../../server/sign-in/tokens';
import { clusterUrl, databaseOf, DEMO_TEMPLATE } from './demo-template';
import { SERVER_FILE } from '../../scripts/setup/build.mjs';

/** Nothing fades or slides in: what moves under the pointer between press and release is not clicked. */
const STILL = { reducedMotion: 'reduce' } as const;

/** The application, served from its build, on a demo database of its own. */
export type App = { url: string; sql: Sql; databaseUrl: string; start: () => Promise<void>; stop: () => Promise<void> };

export const test = base.extend<{ signedIn: Page }, { app: App; sharedContext: BrowserContext }>({
  app: [
    async ({}, use, { workerIndex }) => {
      const cluster = clusterUrl();
      const name = `browser_${randomBytes(6).toString('hex')}`;
      const admin = connect(cluster, 1);
      await admin.unsafe(`create database ${name} template ${DEMO_TEMPLATE}`);
      const databaseUrl = databaseOf(cluster, name);
      const sql = connect(databaseUrl, 2);
      const app = serve(await freePort(4500 + workerIndex * 20), databaseUrl);
      await app.start();
      await use({ ...app, sql, databaseUrl });
      await app.stop();
      await sql.end();
      await admin.unsafe(`drop database ${name} with (force)`);
      await admin.end();
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ app }, use) => use(app.url),
  /** One browser with a profile for the tests of a worker: it keeps the application's scripts, and keeps them compiled. */
  sharedContext: [
    async ({ playwright, launchOptions, app }, use) => {
      const profile = mkdtempSync(join(tmpdir(), 'ypsiline-profile-'));
      const context = await playwright.chromium.launchPersistentContext(profile, {
        ...launchOptions,
        baseURL: app.url,
        viewport: { width: 1280, height: 800 },
        permissions: ['clipboard-read', 'clipboard-write'],
        ...STILL,
      });
      await use(context);
      await context.close();
      rmSync(profile, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  /** The same browser, for windows of other people. */
  browser: [async ({ sharedContext }, use) => use(sharedContext.browser()!), { scope: 'worker' }],
  /** Each test begins with nothing kept: no page, no cookie, no storage. */
  context: async ({ sharedContext, app }, use) => {
    await use(sharedContext);
    // a browser without a page would end
    const page = await sharedContext.newPage();
    await Promise.all(sharedContext.pages().map((old) => old !== page && old.close()));
    await sharedContext.unrouteAll();
    await sharedContext.setOffline(false);
    const session = await sharedContext.newCDPSession(page);
    const storageTypes = 'cookies,local_storage,indexeddb,cache_storage,service_workers';
    await session.send('Storage.clearDataForOrigin', { origin: app.url, storageTypes });
    await sharedContext.clearCookies();
  },
  /** A page on which Ansa, the grid author, is signed in. */
  signedIn: async ({ page, app }, use) => {
    await page.context().addCookies([await openedSession(app)]);
    await use(waitsUntilItAnswers(page));
  },
});

export { expect };

/** A session of Ansa's: a password takes a quarter of a second to check, and is no test's matter but that of signing in. */
async function openedSession({ url, sql }: App): Promise<{ name: string; value: string; url: string }> {
  const { email } = DEMO_PEOPLE.find(({ name }) => name === 'Ansa Brisk')!;
  const [ansa] = await sql<{ id: string }[]>`select id from people where email = ${email}`;
  const value = await openSession(sql, { personId: ansa!.id, address: '127.0.0.1', agent: 'Chromium' });
  return { name: SESSION_COOKIE, value, url };
}

/** A page whose loads are over when what is drawn also answers: a click before the scripts have come is lost, on a slow machine too. */
function waitsUntilItAnswers(page: Page): Page {
  const waiting =
    <How extends unknown[], Answer>(load: (...how: How) => Promise<Answer>) =>
    async (...how: How): Promise<Answer> => {
      const answer = await load.apply(page, how);
      await page.waitForFunction(() =>
        [...document.querySelectorAll('button')].every((button) =>
          Object.keys(button).some((key) => key.startsWith('__reactProps')),
        ),
      );
      // keys are listened to once the page is on the screen, by an effect that comes before any idle moment
      await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)));
      return answer;
    };
  page.goto = waiting(page.goto);
  page.reload = waiting(page.reload);
  return page;
}

/** A process that serves the build on loopback, as its environment says. */
export function spawnServer(env: Record<string, string>, stdio: StdioOptions): ChildProcess {
  return spawn(process.execPath, [SERVER_FILE], {
    env: { ...process.env, NODE_ENV: 'production', HOST: '127.0.0.1', ...env },
    stdio,
  });
}

/** Serves the build on a port; what it says of errors is kept in `errors`. */
export function serve(port: number, databaseUrl: string): Omit<App, 'sql' | 'databaseUrl'> & { errors: () => string } {
  const url = `http://127.0.0.1:${port}`;
  let server: ChildProcess | null = null;
  let errors = '';
  const start = async (): Promise<void> => {
    server = spawnServer({ DATABASE_URL: databaseUrl, PORT: String(port) }, ['ignore', 'ignore', 'pipe']);
    server.stderr!.on('data', (chunk) => (errors += String(chunk)));
    for (let attempt = 0; attempt < 300; attempt++) {
      const answers = await fetch(`${url}/sign-in`)
        .then((response) => response.ok)
        .catch(() => false);
      if (answers) return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error(`the application does not answer at ${url}`);
  };
  const stop = async (): Promise<void> => {
    if (!server || server.exitCode !== null || server.signalCode !== null) return;
    server.kill('SIGKILL');
    await once(server, 'exit');
  };
  return { url, start, stop, errors: () => errors };
}

/** Signs one of the demo's people in, in this context. */
export async function signIn(request: APIRequestContext, name: (typeof DEMO_PEOPLE)[number]['name']): Promise<void> {
  const { email, password } = DEMO_PEOPLE.find((person) => person.name === name)!;
  const answer = await request.post('/api/session', { data: { email, password } });
  expect(answer.status()).toBe(200);
}

/** A window of its own in which somebody else is signed in; nobody for null. */
export async function windowOf(
  browser: Browser,
  baseURL: string | undefined,
  name: (typeof DEMO_PEOPLE)[number]['name'] | null,
): Promise<Page> {
  const page = await (await browser.newContext({ baseURL: baseURL!, ...STILL })).newPage();
  if (name) await signIn(page.request, name);
  return waitsUntilItAnswers(page);
}

/** Makes a spec of a document in the demo team and opens its bench. */
export async function openBench(page: Page, document: Spec): Promise<string> {
  const slug = await makeSpec(page.request, document);
  await page.goto(`/tidewick/${slug}`);
  await expect(page.getByRole('status').filter({ hasText: 'Draft 1, saved' })).toBeVisible();
  return slug;
}

export async function makeSpec(request: APIRequestContext, document: Spec): Promise<string> {
  const answer = await request.post('/api/teams/tidewick/specs', { data: { document } });
  expect(answer.status()).toBe(201);
  return ((await answer.json()) as { slug: string }).slug;
}

/** A cell of the sheet by its quantity and breakpoint. */
export function cell(page: Page, quantity: string, breakpoint: string) {
  return page.getByRole('gridcell', { name: new RegExp(`^${quantity}, ${breakpoint}: `) });
}

/** Types into a cell that has been pointed at, and commits with Enter. */
export async function type(page: Page, quantity: string, breakpoint: string, text: string): Promise<void> {
  await cell(page, quantity, breakpoint).click();
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

export const saved = (page: Page) => page.getByRole('status').filter({ hasText: /^Draft \d+, saved/ });
