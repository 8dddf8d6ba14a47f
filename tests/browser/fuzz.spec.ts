import { expect, test } from './app';
import { addresses, filled } from './routes';
import { randomOf } from './model/random';
import { practiceSpec } from '../../core/spec/testing';
import { mutated } from '../mutated';

/** `YPSILINE_LONG=1` takes the long form. */
const DOCUMENTS = process.env.YPSILINE_LONG ? 3_000 : 10;
const VIEWS = ['', '/finder', '/sweep', '/type', '/rules', '/editions', '/publish', '/comparison?before=r1'];

test(
  'a document is refused in a sentence, or every page of it answers',
  { tag: '@long' },
  async ({ signedIn: { request } }) => {
    test.setTimeout(1_200_000);
    const random = randomOf(12);
    let taken = 0;
    for (let count = 0; count < DOCUMENTS; count++) {
      const document = mutated(random);
      const answer = await request.post('/api/teams/tidewick/specs', { data: { document } });
      const body = (await answer.json()) as { problem?: string; slug?: string };
      const what = `document ${count}: ${JSON.stringify(document).slice(0, 300)}`;
      if (answer.status() !== 201) {
        expect([400, 422], what).toContain(answer.status());
        // a sentence about a place, in words
        expect(body.problem, what).toMatch(/^[^\n]{10,600}[.?]$/u);
        expect(body.problem, what).not.toMatch(/undefined|\[object|NaN|none of the forms|Invalid input/);
        continue;
      }
      taken++;
      for (const view of VIEWS) {
        const page = await request.get(`/tidewick/${body.slug}${view}`);
        expect(page.status(), `${view || 'bench'} of ${what}`).toBe(200);
      }
    }
    expect(taken).toBeGreaterThan(DOCUMENTS / 20);
    expect((await request.get('/tidewick')).status()).toBe(200);
  },
);

const PLACES = [
  [],
  ['name'],
  ['breakpoints'],
  ['breakpoints', '#order'],
  ['breakpoints', 'phone'],
  ['waivers'],
  ['__proto__', 'x'],
];
const DEEPER = [
  ['columns', 'gutter'],
  ['rows'],
  ['at', 'phone', 'size'],
  ['#order'],
  ['constructor'],
  ['spacing', 'steps', 'space-1', 'times'],
];
const VALUES = [
  '{"x":"\\ud800"}',
  '[{}]',
  '"8px"',
  '"wide"',
  'null',
  '{}',
  '[]',
  '1e400',
  '"\\u0000"',
  '["phone"]',
  '{"id":"phone"}',
];

test('edits of every kind are taken or refused in a sentence, and the draft stays readable', async ({
  signedIn: { request },
  app,
}) => {
  const random = randomOf(90);
  const made = await request.post('/api/teams/tidewick/specs', {
    data: { document: practiceSpec('Edited at random') },
  });
  const { slug } = (await made.json()) as { slug: string };
  const [row] = await app.sql`select id from specs where slug = ${slug}`;
  let revision = 1;
  for (let turn = 0; turn < (process.env.YPSILINE_LONG ? 1_000 : 30); turn++) {
    const edits = Array.from({ length: random.whole(0, 2) }, () => {
      const at = [...random.oneOf(PLACES), ...(random.whole(0, 1) === 0 ? random.oneOf(DEEPER) : [])];
      const sides = (['before', 'after'] as const).filter(() => random.whole(0, 3) > 0);
      return `{"at":${JSON.stringify(at)}${sides.map((side) => `,"${side}":${random.oneOf(VALUES)}`).join('')}}`;
    });
    const data = `{"revision":${revision},"edits":[${edits.join(',')}]}`;
    const answer = await request.put(`/api/specs/${row!.id}/draft`, {
      data,
      headers: { 'Content-Type': 'application/json' },
    });
    const body = (await answer.json()) as { revision?: number; problem?: string };
    const what = `${answer.status()} for ${data}: ${JSON.stringify(body)}`;
    expect([200, 400, 422], what).toContain(answer.status());
    if (answer.status() === 200) revision = body.revision!;
    else expect(body.problem, what).toMatch(/^[^\n]{10,}[.?]$/u);
  }
  expect((await request.get(`/tidewick/${slug}`)).status()).toBe(200);
});

const BODIES = [
  '',
  'null',
  '[]',
  '{',
  '"x"',
  '{"name":1}',
  '{"name":"\\u0000"}',
  '{"name":"\\ud800"}',
  `${'['.repeat(3000)}${']'.repeat(3000)}`,
];
/** Addresses that no page has, or that lead to nothing. */
const STRANGE: [string, string][] = [
  ['PUT', '/api/specs/not-a-uuid/draft'],
  ['GET', '/tidewick/%00'],
  ['GET', '/tidewick/constructor'],
  ['GET', '/__proto__/x'],
  ['GET', '/tidewick/passenger-site/editions/%ff/grid.css'],
  ['GET', '/tidewick/passenger-site/comparison?before=r999999999&after=x:y:z'],
  ['GET', '/tidewick/passenger-site/history?before=-1e99'],
  ['GET', '/log/tidewick?person=x&action=nothing&before=never'],
  ['GET', '/tidewick?page=-1&sort=nothing&q=%00'],
];

/** What needs no body, and does something. */
const WITHOUT_BODY = /\/(leave|end|password-link)$/;

test('every route refuses what it cannot take, and none breaks', async ({ signedIn: { request }, app }) => {
  test.setTimeout(400_000);
  const [spec] = await app.sql<{ id: string }[]>`select id from specs where slug = 'passenger-site'`;
  const taking = addresses().flatMap(({ address, methods }) =>
    methods
      .filter((method) => ['POST', 'PUT', 'PATCH'].includes(method) && !WITHOUT_BODY.test(address))
      .map((method): [string, string] => [method, filled(address, spec!.id)]),
  );
  expect(taking.length).toBeGreaterThan(25);
  for (const [method, path] of [...taking, ...STRANGE]) {
    for (const data of method === 'GET' || method === 'DELETE' ? [''] : BODIES) {
      const answer = await request.fetch(path, {
        method,
        ...(data ? { data, headers: { 'Content-Type': 'application/json' } } : {}),
      });
      const what = `${method} ${path} with ${data.slice(0, 30)}`;
      expect(answer.status(), what).toBeLessThan(500);
      if (method === 'GET') continue;
      expect(answer.status(), what).toBeGreaterThanOrEqual(400);
      expect(((await answer.json()) as { problem: string }).problem, what).toMatch(/^[^\n]{10,}[.?]/u);
    }
  }
});
