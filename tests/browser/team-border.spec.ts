import type { APIRequestContext } from '@playwright/test';
import { type Action, mayDo, ROLES } from '../../server/access/permissions';
import type { Sql } from '../../server/database/database';
import { addPerson, addTeam } from '../../server/team/people';
import { expect, test } from './app';
import { addresses, filled } from './routes';

/** What needs no team: the way in, the way out, what is one’s own, what a secret in the address opens. */
const OPEN = [
  '/',
  '/sign-in',
  '/account',
  '/notices',
  '/api/session',
  '/api/session/end',
  '/api/account',
  '/api/account/hints',
  '/api/account/password',
  '/api/account/sessions',
  '/api/account/sessions/[session]',
  '/api/notices',
  '/api/teams',
  '/join/[secret]',
  '/api/join/[secret]',
  '/password/[secret]',
  '/api/password/[secret]',
  '/received/[hook]',
  '/openapi.json',
  '/guide/[page]',
  '/guide/pictures/[name]',
];

/** Opened by keys and links alone, whose own tests hold them. */
const BY_KEY = [
  '/e/[team]/[spec]',
  '/e/[team]/[spec]/[version]/[file]',
  '/e/[team]/[spec]/followers',
  '/e/[team]/[spec]/measurements',
  '/l/[link]',
  '/l/[link]/[version]',
  '/l/[link]/[version]/[file]',
];

/** What each route asks of those who are in the team; a page is read by whoever may do what it is for. */
const NEEDS: Record<string, Action> = {
  'GET /[team]': 'read',
  'GET /people/[team]': 'read',
  'GET /survey/[team]': 'read',
  'GET /new/[team]': 'edit',
  'GET /sets/[team]': 'read',
  'GET /keys/[team]': 'share',
  'GET /hooks/[team]': 'share',
  'GET /log/[team]': 'people',
  'PATCH /api/teams/[team]': 'share',
  'GET /api/teams/[team]/fonts': 'read',
  'POST /api/teams/[team]/fonts': 'edit',
  'GET /api/teams/[team]/fonts/[font]': 'read',
  'DELETE /api/teams/[team]/fonts/[font]': 'edit',
  'POST /api/teams/[team]/hand-over': 'people',
  'POST /api/teams/[team]/hooks': 'share',
  'DELETE /api/teams/[team]/hooks/[hook]': 'share',
  'POST /api/teams/[team]/invitations': 'people',
  'DELETE /api/teams/[team]/invitations/[invitation]': 'people',
  'POST /api/teams/[team]/keys': 'share',
  'DELETE /api/teams/[team]/keys/[key]': 'share',
  'POST /api/teams/[team]/leave': 'read',
  'GET /api/teams/[team]/log': 'people',
  'PATCH /api/teams/[team]/people/[person]': 'people',
  'DELETE /api/teams/[team]/people/[person]': 'people',
  'POST /api/teams/[team]/people/[person]/password-link': 'people',
  'POST /api/teams/[team]/specs': 'edit',
  'DELETE /api/teams/[team]/starting-sets/[set]': 'edit',
  'PATCH /api/specs/[id]': 'edit',
  'DELETE /api/specs/[id]': 'people',
  'GET /api/specs/[id]/draft': 'read-drafts',
  'PUT /api/specs/[id]/draft': 'edit',
  'POST /api/specs/[id]/editions': 'publish',
  'GET /api/specs/[id]/events': 'read-drafts',
  'PUT /api/specs/[id]/presence': 'read-drafts',
  'GET /api/specs/[id]/followers': 'read-drafts',
  'POST /api/specs/[id]/followers': 'publish',
  'DELETE /api/specs/[id]/followers/[follower]': 'publish',
  'GET /api/specs/[id]/measurements': 'read-drafts',
  'GET /api/specs/[id]/measurements/counts': 'read-drafts',
  'GET /api/specs/[id]/measurements/[measurement]': 'read-drafts',
  'DELETE /api/specs/[id]/measurements/[measurement]': 'edit',
  'GET /api/specs/[id]/remarks': 'read-drafts',
  'POST /api/specs/[id]/remarks': 'remark',
  'PATCH /api/specs/[id]/remarks/[remark]': 'remark',
  'DELETE /api/specs/[id]/remarks/[remark]': 'remark',
  'GET /api/specs/[id]/review': 'read-drafts',
  'POST /api/specs/[id]/review': 'ask-review',
  'DELETE /api/specs/[id]/review': 'ask-review',
  'POST /api/specs/[id]/review/answers': 'review',
  'PATCH /api/specs/[id]/revisions/[revision]': 'edit',
  'POST /api/specs/[id]/revisions/[revision]': 'edit',
  'POST /api/specs/[id]/starting-sets': 'edit',
  'GET /api/specs/[id]/surveys': 'read-drafts',
  'POST /api/specs/[id]/surveys': 'edit',
  'GET /api/specs/[id]/surveys/[survey]': 'read-drafts',
  'DELETE /api/specs/[id]/surveys/[survey]': 'edit',
  'POST /api/specs/[id]/withdrawals': 'publish',
};

async function signedInAs(request: APIRequestContext, email: string, password: string): Promise<void> {
  expect((await request.post('/api/session', { data: { email, password } })).status()).toBe(200);
}

const specOf = async (sql: Sql): Promise<string> =>
  (await sql<{ id: string }[]>`select id from specs where slug = 'passenger-site'`)[0]!.id;

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'];

test('somebody of another team gets nothing from any route', async ({ page, app }) => {
  const email = 'guest@elsewhere.example';
  const other = await addTeam(app.sql, { slug: 'elsewhere', name: 'Elsewhere', demo: true });
  await addPerson(app.sql, other.id, { email, name: 'Guest', password: 'a guest of others', says: 'Guest' });
  await signedInAs(page.request, email, 'a guest of others');
  const specId = await specOf(app.sql);
  const closed = addresses().filter(({ address }) => !OPEN.includes(address));
  expect(closed.length).toBeGreaterThanOrEqual(40);
  for (const address of closed.map(({ address: each }) => filled(each, specId))) {
    // a page answers other methods with 405 before anything is looked at
    for (const method of address.startsWith('/api/') || process.env.YPSILINE_LONG ? METHODS : ['GET', 'POST']) {
      const body = {
        name: 'Include',
        start: 'blank',
        archived: true,
        revision: 1,
        version: '9.9.9',
        note: 'x',
        document: {},
      };
      const answer = await page.request.fetch(address, { method, ...(method === 'GET' ? {} : { data: body }) });
      // a key is asked for where only a key opens
      expect(
        /\/(followers|measurements)$/.test(address) && method === 'POST' ? [401, 404, 405] : [404, 405],
        `${method} ${address}`,
      ).toContain(answer.status());
      const text = await answer.text();
      for (const secret of ['1440-2*144', 'First grid for the passenger site', 'Ansa Brisk'])
        expect(text, `${method} ${address}`).not.toContain(secret);
    }
  }
  const [untouched] =
    await app.sql`select archived_at, (select count(*)::int from editions where version = '9.9.9') as editions from specs where id = ${specId}`;
  expect(untouched).toEqual({ archivedAt: null, editions: 0 });
});

test('every role is let through where the table of permissions says so, and told where it does not', async ({
  app,
  playwright,
}) => {
  const specId = await specOf(app.sql);
  const routes = addresses()
    .filter(({ address }) => !OPEN.includes(address) && !BY_KEY.includes(address))
    .flatMap(({ address, methods }) => methods.map((method) => ({ address, method, name: `${method} ${address}` })));
  const ofTeam = routes.filter(({ address }) => !address.startsWith('/[team]/[spec]'));
  // the pages of a spec are read by everybody of the team
  expect(
    ofTeam.map(({ name }) => name).filter((name) => !(name in NEEDS)),
    'routes of which the table here says nothing',
  ).toEqual([]);
  expect(Object.keys(NEEDS).filter((name) => !routes.some((route) => route.name === name))).toEqual([]);

  const { id: teamId } = (await addTeam(app.sql, { slug: 'tidewick', name: 'Tidewick Ferries' })) ?? {};
  for (const role of ROLES) {
    const email = `${role}@tidewick.test`;
    await addPerson(app.sql, teamId!, { email, name: `Another ${role}`, password: 'a long password', says: '', role });
    await app.sql`update people set demo = true where email = ${email}`;
    const request = await playwright.request.newContext({ baseURL: app.url });
    await signedInAs(request, email, 'a long password');
    for (const { address, method, name } of routes) {
      if (name === 'POST /api/teams/[team]/leave') continue;
      const needs = NEEDS[name] ?? 'read';
      // pages that everybody of the team reads are asked for as the least of them; `YPSILINE_LONG=1` asks as each
      if (method === 'GET' && needs === 'read' && role !== 'reader' && !process.env.YPSILINE_LONG) continue;
      const answer = await request.fetch(filled(address, specId), {
        method,
        maxRedirects: 0,
        ...(method === 'GET' ? {} : { data: { nothing: 'that a route takes' } }),
      });
      const isPage = !address.startsWith('/api/');
      const isRefused = isPage ? answer.status() === 404 : answer.status() === 403;
      if (mayDo(role, needs)) {
        if (isPage) expect(answer.status(), `${role}, ${name}`).toBeLessThan(400);
        else expect(answer.status(), `${role}, ${name}`).not.toBe(403);
      } else {
        expect(isRefused, `${role}, ${name}: ${answer.status()}`).toBe(true);
        if (!isPage)
          expect(((await answer.json()) as { problem: string }).problem).toMatch(/ of this team may not .*; .* may\.$/);
      }
    }
    await request.dispose();
  }
  await app.sql`update members set left_at = now() where person_id in (select id from people where email like '%@tidewick.test')`;
});
