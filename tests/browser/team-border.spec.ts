import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { addPerson, addTeam } from '../../server/people';
import { expect, test } from './app';

/** Every page and route handler of the application, as addresses with names in brackets. */
function addresses(folder = 'app', address = ''): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    if (entry.isDirectory()) return addresses(join(folder, entry.name), `${address}/${entry.name}`);
    return /^(page\.tsx|route\.ts)$/.test(entry.name) ? [address || '/'] : [];
  });
}

/** What needs no team: the way in, the way out, one's own teams. */
const OPEN = [
  '/',
  '/sign-in',
  '/account',
  '/api/session',
  '/api/session/end',
  '/api/account/password',
  '/api/account/sessions',
  '/openapi.json',
  '/guide/[page]',
  '/guide/pictures/[name]',
];

test('somebody of another team gets nothing from any route', async ({ page, app }) => {
  const email = 'guest@elsewhere.example';
  const other = await addTeam(app.sql, { slug: 'elsewhere', name: 'Elsewhere', demo: true });
  await addPerson(app.sql, other.id, { email, name: 'Guest', password: 'a guest of others', says: 'Guest' });
  await page.request.post('/api/session', { data: { email, password: 'a guest of others' } });
  const [spec] = await app.sql<{ id: string }[]>`select id from specs where slug = 'passenger-site'`;
  const fill = (address: string) =>
    address
      .replace('/api/teams/[team]', '/api/teams/tidewick')
      .replace('[key]', '00000000-0000-4000-8000-000000000000')
      .replace('[link]', 'ypsl_none')
      .replace('[file]', 'grid.css')
      .replace('[survey]', '00000000-0000-4000-8000-000000000000')
      .replace('[id]', spec!.id)
      .replace('[team]', 'tidewick')
      .replace('[spec]', 'passenger-site')
      .replace('[version]', '1.0.0');

  const closed = addresses().filter((address) => !OPEN.includes(address));
  expect(closed.length).toBeGreaterThanOrEqual(9);
  for (const address of closed.map(fill)) {
    for (const method of ['GET', 'POST', 'PUT', 'PATCH', 'DELETE']) {
      const body = {
        name: 'Taken',
        start: 'blank',
        archived: true,
        revision: 1,
        version: '9.9.9',
        note: 'x',
        document: {},
      };
      const answer = await page.request.fetch(address, { method, ...(method === 'GET' ? {} : { data: body }) });
      expect([404, 405], `${method} ${address}`).toContain(answer.status());
      const text = await answer.text();
      for (const secret of ['1440-2*144', 'First grid for the passenger site', 'Ansa Brisk'])
        expect(text, `${method} ${address}`).not.toContain(secret);
    }
  }
  const [untouched] =
    await app.sql`select archived_at, (select count(*)::int from editions where version = '9.9.9') as editions from specs where id = ${spec!.id}`;
  expect(untouched).toEqual({ archivedAt: null, editions: 0 });
});
