import { once } from 'node:events';
import { readdirSync } from 'node:fs';
import { request } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import { freePort } from '../../scripts/setup/ports.mjs';
import { expect, makeSpec, signIn, spawnServer, test } from './app';

type Process = {
  url: string;
  metrics: string;
  lines: () => string[];
  stop: () => Promise<number>;
  ended: Promise<unknown>;
};

/** A process of the application beside the one of the tests, with everything on that an operator turns on. */
async function another(databaseUrl: string, more: Record<string, string> = {}): Promise<Process> {
  const [port, metricsPort] = [await freePort(4800), await freePort(9800)];
  const env = {
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    YPSILINE_METRICS_PORT: String(metricsPort),
    YPSILINE_TRUSTED_PROXIES: '127.0.0.1',
    ...more,
  };
  const child = spawnServer(env, ['ignore', 'pipe', 'ignore']);
  const ended = once(child, 'exit');
  let out = '';
  child.stdout!.on('data', (chunk) => (out += String(chunk)));
  const url = `http://127.0.0.1:${port}`;
  for (let turn = 0; turn < 200; turn++) {
    const answer = await fetch(`${url}/readyz`).catch(() => null);
    if (answer?.ok) break;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return {
    url,
    metrics: `http://127.0.0.1:${metricsPort}`,
    lines: () => out.split('\n').filter((line) => line.startsWith('{')),
    ended,
    stop: async () => {
      const began = Date.now();
      child.kill('SIGTERM');
      await ended;
      return Date.now() - began;
    },
  };
}

test('a process says whether it is up and ready, what it did and how much; stopped, it finishes what runs and ends its streams', async ({
  app,
  signedIn: page,
}) => {
  test.setTimeout(400_000);
  await page.goto('/tidewick');
  const slug = await makeSpec(page.request, practiceSpec('Drained'));
  const [{ id }] = (await app.sql`select id from specs where slug = ${slug}`) as unknown as [{ id: string }];
  const own = await another(app.databaseUrl, { YPSILINE_UNREADY_MS: '1000' });

  // health
  expect(await (await fetch(`${own.url}/healthz`)).json()).toEqual({ up: true });
  expect(await (await fetch(`${own.url}/readyz`)).json()).toEqual({ ready: true });
  await app.sql`create table newer_migrations as select * from migrations`;
  await app.sql`delete from migrations where name = (select max(name) from migrations)`;
  const behind = await fetch(`${own.url}/readyz`);
  const says = (await behind.json()) as { ready: boolean; problem: string };
  expect([behind.status, says.ready]).toEqual([503, false]);
  const [before, newest] = readdirSync('server/database/migrations')
    .filter((name) => name.endsWith('.sql'))
    .sort()
    .slice(-2);
  expect(says.problem).toBe(`The database is at ${before}; this application needs ${newest}.`);
  await app.sql`insert into migrations select * from newer_migrations on conflict do nothing`;
  // a newer application has migrated: this one goes on beside it
  await app.sql`insert into migrations (name) values ('999-of-the-next.sql')`;
  expect((await fetch(`${own.url}/readyz`)).status).toBe(200);
  await app.sql`delete from migrations where name like '999%'`;
  await app.sql`drop table newer_migrations`;

  // a line for each request, with an id that the answer carries, and nothing secret
  const person = await request.newContext({ baseURL: own.url });
  await signIn(person, 'Ansa Brisk');
  const answer = await person.get('/l/a-secret-that-opens-something?and=more', {
    headers: { 'x-request-id': 'from-the-balancer' },
  });
  expect(answer.headers()['x-request-id']).toBe('from-the-balancer');
  await expect.poll(() => own.lines().some((line) => line.includes('from-the-balancer'))).toBe(true);
  const line = JSON.parse(own.lines().find((each) => each.includes('from-the-balancer'))!) as Record<string, unknown>;
  expect(line).toMatchObject({ method: 'GET', path: '/l/…', status: 404, address: '127.0.0.1' });
  expect(own.lines().join('')).not.toMatch(/a-secret|ferry-slip|ypsiline_session/);

  // what it counts
  const put = await person.put(`/api/specs/${id}/draft`, {
    data: { revision: 1, edits: [{ at: ['name'], before: 'Drained', after: 'Drained well' }] },
  });
  expect(put.status()).toBe(200);
  const cookie = (await person.storageState()).cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
  const stream = await fetch(`${own.url}/api/specs/${id}/events?window=drainedwindow&view=bench&since=2`, {
    headers: { cookie },
  });
  const reader = stream.body!.getReader();
  let said = '';
  const listen = async (): Promise<boolean> => {
    const { value, done } = await reader.read();
    if (value) said += new TextDecoder().decode(value);
    return !done;
  };
  while (!said.includes('event: here')) expect(await listen()).toBe(true);
  const counted = await (await fetch(own.metrics)).text();
  expect(counted).toMatch(/^ypsiline_saves_total 1$/m);
  expect(counted).toMatch(/^ypsiline_event_streams 1$/m);
  expect(counted).toMatch(
    /ypsiline_request_seconds_count\{method="PUT",route="\/api\/specs\/\[id\]\/draft",status="200"\} 1/,
  );
  expect(counted).not.toContain(id);

  // stopped: not ready at once, still answering what comes, streams ended in order, gone within ten seconds
  const stopping = own.stop();
  await expect.poll(async () => (await fetch(`${own.url}/readyz`).catch(() => null))?.status ?? 0).toBe(503);
  const late = await fetch(`${own.url}/sign-in`);
  expect([late.status, late.headers.get('connection')]).toEqual([200, 'close']);
  while (await listen());
  expect(await stopping).toBeLessThan(10_000);
  await person.dispose();
});
