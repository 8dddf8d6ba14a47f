import type { Browser, Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, saved, signIn, test, type, windowOf } from './app';
import { inspect } from './inspect';

const spec = practiceSpec('Several at once');

const here = (page: Page) => page.getByRole('list', { name: 'People here' }).getByRole('button');
const met = (page: Page) => page.getByRole('region', { name: 'Conflicts' }).getByRole('listitem');

/** Another person’s window on a draft, once it listens. */
async function open(page: Page, slug: string): Promise<Page> {
  await page.goto(`/tidewick/${slug}`);
  await expect(here(page).first()).toBeVisible();
  return page;
}

/** A fresh draft in Ansa’s window, and in Obi’s. */
async function together(
  ansa: Page,
  browser: Browser,
  baseURL: string | undefined,
): Promise<{ slug: string; obi: Page }> {
  const slug = await openBench(ansa, spec);
  return { slug, obi: await open(await windowOf(browser, baseURL, 'Obi Lorne'), slug) };
}

test('three people: who is here and where, edits that appear, undo of one’s own alone', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const { slug, obi } = await together(ansa, browser, baseURL);
  const mirela = await open(await windowOf(browser, baseURL, 'Mirela Cask'), slug);
  await expect(here(ansa)).toHaveCount(2);

  // where somebody is, is seen in the cell and told at their initials, and a click goes there
  await cell(obi, 'Margin', 'Tablet').click();
  await expect(cell(ansa, 'Margin', 'Tablet').getByTitle('Obi Lorne is here')).toBeVisible();
  await expect(ansa.getByRole('button', { name: 'Obi Lorne, OL: Bench, Margin of Tablet' })).toBeVisible();
  await ansa.getByRole('button', { name: 'Obi Lorne, OL: Bench, Margin of Tablet' }).click();
  await expect(cell(ansa, 'Margin', 'Tablet')).toHaveAttribute('aria-selected', 'true');
  await obi.getByRole('link', { name: 'Rules' }).click();
  await expect(ansa.getByRole('button', { name: 'Obi Lorne, OL: Rules' })).toBeVisible();
  await obi.getByRole('link', { name: 'Bench', exact: true }).click();

  // what one changes, the others have without doing anything
  await type(ansa, 'Gutter', 'Phone', '8');
  for (const page of [obi, mirela]) await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
  await type(obi, 'Gutter', 'Tablet', '20');
  await expect(cell(ansa, 'Gutter', 'Tablet')).toHaveText('20');

  // undo takes back one’s own, and says when somebody else’s has come on top
  await ansa.getByRole('button', { name: 'Undo' }).click();
  await expect(cell(obi, 'Gutter', 'Phone')).toHaveText('16');
  await expect(cell(obi, 'Gutter', 'Tablet')).toHaveText('20');
  await type(ansa, 'Margin', 'Phone', '20');
  await expect(cell(obi, 'Margin', 'Phone')).toHaveText('20');
  await type(obi, 'Margin', 'Phone', '24');
  await expect(cell(ansa, 'Margin', 'Phone')).toHaveText('24');
  await ansa.getByRole('button', { name: 'Undo' }).click();
  await expect(ansa.getByText('someone else changed Margin, Phone since')).toBeVisible();
  await expect(cell(ansa, 'Margin', 'Phone')).toHaveText('24');

  // whoever closes their window is gone at once
  const closedAt = Date.now();
  await mirela.context().close();
  await expect(here(ansa)).toHaveCount(1);
  expect(Date.now() - closedAt).toBeLessThan(5_000);
  await obi.context().close();
});

test('the same cell: each is told in it, and one key chooses; the rest does not wait', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const { obi } = await together(ansa, browser, baseURL);

  // while it is being edited
  await cell(obi, 'Gutter', 'Phone').dblclick();
  await obi.keyboard.press('Control+a');
  await obi.keyboard.type('12');
  await type(ansa, 'Gutter', 'Phone', '10');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await expect(obi.getByRole('main')).toContainText('10');
  await obi.keyboard.press('Enter');
  await expect(met(obi)).toHaveText(/Gutter, Phone: Ansa Brisk has 10, you have 12/);
  await cell(obi, 'Gutter', 'Phone').click();
  await expect(obi.getByText('Ansa Brisk has 10, you have 12', { exact: true })).toBeVisible();
  await expect(here(obi)).toBeVisible();
  await inspect(obi);
  await obi.keyboard.press('Space');
  await expect(cell(ansa, 'Gutter', 'Phone')).toHaveText('12');
  await expect(met(obi)).toHaveCount(0);

  // opened and left as it was, a cell keeps what somebody else gave it meanwhile
  await cell(obi, 'Gutter', 'Desktop').dblclick();
  await type(ansa, 'Gutter', 'Desktop', '30');
  await expect(saved(ansa)).toHaveText(/^Draft 4/);
  await expect(saved(obi)).toHaveText(/^Draft 4/);
  await obi.keyboard.press('Enter');
  await expect(cell(obi, 'Gutter', 'Desktop')).toHaveText('30');

  // while the line was cut: the other cell is saved, this one waits
  await obi.context().setOffline(true);
  await type(obi, 'Margin', 'Tablet', '40');
  await type(obi, 'Gutter', 'Tablet', '18');
  await expect(obi.getByText('You’re offline. Keep working')).toBeVisible({ timeout: 60_000 });
  await type(ansa, 'Gutter', 'Tablet', '22');
  await expect(saved(ansa)).toHaveText(/^Draft 5/);
  await obi.context().setOffline(false);
  await expect(cell(ansa, 'Margin', 'Tablet')).toHaveText('40', { timeout: 60_000 });
  await expect(obi.getByText(/While you were offline, Ansa Brisk changed Gutter, Tablet/)).toBeVisible();
  // it outlives the page
  await obi.reload();
  await expect(met(obi)).toHaveText(/Gutter, Tablet: Ansa Brisk has 22, you have 18/);
  await cell(obi, 'Gutter', 'Tablet').click();
  await obi.keyboard.press('Escape');
  await expect(met(obi)).toHaveCount(0);
  await expect(cell(obi, 'Gutter', 'Tablet')).toHaveText('22');
  await obi.context().close();
});

test('a breakpoint removed while its cell is changed elsewhere: either can be had', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const { obi } = await together(ansa, browser, baseURL);
  await obi.context().setOffline(true);
  await type(obi, 'Gutter', 'Tablet', '18');
  await cell(ansa, 'Name', 'Tablet').click();
  await ansa.keyboard.press('Delete');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await obi.context().setOffline(false);
  await expect(met(obi)).toBeVisible({ timeout: 60_000 });
  await expect(cell(obi, 'Gutter', 'Tablet')).toHaveCount(0);
  await met(obi).getByRole('button', { name: 'Use yours' }).click();
  await expect(cell(obi, 'Gutter', 'Tablet')).toHaveText('18');
  await expect(cell(ansa, 'Gutter', 'Tablet')).toHaveText('18');
  await obi.context().close();
});

test(
  'an hour on one’s own, the page closed and the server restarted in between, a tab duplicated',
  { tag: '@long' },
  async ({ signedIn: ansa, browser, baseURL, app }) => {
    const slug = await openBench(ansa, spec);
    const obi = await windowOf(browser, baseURL, 'Obi Lorne');
    await obi.clock.install();
    await open(obi, slug);
    await obi.context().setOffline(true);
    for (const [breakpoint, text] of [
      ['Phone', '6'],
      ['Tablet', '18'],
      ['Desktop', '26'],
    ] as const)
      await type(obi, 'Gutter', breakpoint, text);
    await obi.clock.fastForward('01:00:00');
    await type(ansa, 'Gutter', 'Desktop', '28');
    await type(ansa, 'Margin', 'Desktop', '80');
    await expect(saved(ansa)).toHaveText(/^Draft [23]/);
    await app.stop();
    await type(ansa, 'Margin', 'Phone', '12');
    await app.start();
    // the other window catches up by itself, and hears of what comes
    await expect(saved(ansa)).toHaveText(/^Draft [34]/, { timeout: 60_000 });

    // the first comes back by loading the page anew
    await obi.context().setOffline(false);
    await obi.reload();
    await expect(cell(obi, 'Gutter', 'Phone')).toHaveText('6');
    await expect(cell(obi, 'Margin', 'Desktop')).toHaveText('80');
    await expect(cell(ansa, 'Gutter', 'Tablet')).toHaveText('18', { timeout: 60_000 });
    await expect(met(obi)).toHaveText(/Gutter, Desktop: Ansa Brisk has 28, you have 26/);
    await met(obi).getByRole('button', { name: 'Keep theirs' }).click();
    await expect(cell(obi, 'Gutter', 'Desktop')).toHaveText('28');

    // the same person in a second window
    const twin = await ansa.context().newPage();
    await twin.goto(`/tidewick/${slug}`);
    await expect(ansa.getByRole('button', { name: /^You, in another window, AB: Bench/ })).toBeVisible();
    await type(twin, 'Gutter', 'Phone', '7');
    await expect(cell(ansa, 'Gutter', 'Phone')).toHaveText('7');
    await expect(cell(obi, 'Gutter', 'Phone')).toHaveText('7');
    await obi.context().close();
  },
);

test('whoever may read no longer hears nothing more; a stream takes no bad question, and one person has thirty at most', async ({
  signedIn: ansa,
  app,
  playwright,
}) => {
  const slug = await openBench(ansa, spec);
  const [{ id }] = (await app.sql`select id from specs where slug = ${slug}`) as unknown as [{ id: string }];
  const stream = `/api/specs/${id}/events`;
  for (const question of [
    '',
    '?window=x&view=bench&since=1',
    '?window=abcdefgh&view=bench&since=-1',
    '?window=abcdefgh&since=x',
  ]) {
    const answer = await ansa.request.get(`${stream}${question}`);
    expect(answer.status()).toBe(400);
    expect(((await answer.json()) as { problem: string }).problem).toMatch(
      /^(A window|The name of a window|An event stream) .*\.$/,
    );
  }
  const stranger = await playwright.request.newContext({ baseURL: app.url });
  expect((await stranger.get(`${stream}?window=abcdefgh&view=bench&since=1`)).status()).toBe(401);

  const joon = await playwright.request.newContext({ baseURL: app.url });
  await signIn(joon, 'Joon Talvi');
  const cookie = (await joon.storageState()).cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
  const opened: AbortController[] = [];
  const listen = async (number: number): Promise<Response> => {
    const stop = new AbortController();
    opened.push(stop);
    return fetch(`${app.url}${stream}?window=joonwindow${number}&view=bench&since=1`, {
      headers: { cookie },
      signal: stop.signal,
    });
  };
  const first = await listen(0);
  expect(first.headers.get('content-type')).toContain('text/event-stream');
  // an answer that nobody holds is collected, and its stream with it
  const held = [first];
  for (let number = 1; number < 30; number++) held.push(await listen(number));
  expect(held.map(({ status }) => status)).toEqual(held.map(() => 200));
  const tooMany = await listen(30);
  expect(tooMany.status).toBe(429);
  expect(((await tooMany.json()) as { problem: string }).problem).toContain('30 draft windows');
  // signed out, all of them end
  await joon.post('/api/session/end');
  await type(ansa, 'Gutter', 'Phone', '9');
  const reader = first.body!.getReader();
  let text = '';
  for (let next = await reader.read(); !next.done; next = await reader.read())
    text += new TextDecoder().decode(next.value);
  expect(text).toContain('event: over');
  expect(text).not.toContain('"9px"');
  opened.forEach((each) => each.abort());
  expect(held).toHaveLength(30);
});

test('a full disk is said, nothing is half-written, and saving goes on by itself when there is room', async ({
  signedIn: page,
  app,
}) => {
  const slug = await openBench(page, spec);
  // what PostgreSQL says when a file cannot grow (appendix A: disk_full)
  await app.sql.unsafe(`
    create function no_room() returns trigger language plpgsql as $$
    begin raise exception 'could not extend file: No space left on device' using errcode = '53100'; end $$;
    create trigger no_room before insert on revisions for each row execute function no_room();
    create trigger no_room before insert on room for each row execute function no_room()`);
  try {
    await type(page, 'Gutter', 'Phone', '8');
    await expect(page.getByText(/The server’s disk is full and nothing was saved/)).toBeVisible();
    await expect
      .poll(async () => (await (await page.request.get('/readyz')).json()) as object)
      .toMatchObject({ ready: true, warning: expect.stringContaining('disk') as unknown });
    const [state] = await app.sql`
      select revision, (select count(*)::int from revisions where spec_id = id) as kept from specs where slug = ${slug}`;
    expect(state).toEqual({ revision: 1, kept: 1 });
  } finally {
    await app.sql.unsafe('drop trigger no_room on revisions; drop trigger no_room on room; drop function no_room()');
  }
  // as soon as there is room, nothing warns any more
  const after = (await (await page.request.get('/readyz')).json()) as object;
  expect(after).toEqual({ ready: true });
  await expect(saved(page)).toHaveText(/^Draft 2/, { timeout: 60_000 });
  await page.reload();
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
});
