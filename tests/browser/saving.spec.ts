import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, makeSpec, openBench, saved, test, type } from './app';

const spec = practiceSpec('Kept safe');

test('undo and redo survive a reload', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await type(page, 'Gutter', 'Phone', '8');
  await type(page, 'Gutter', 'Phone', '12');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(saved(page)).toHaveText(/^Draft [234]/);
  await page.reload();
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('12');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('16');
});

test('the server goes away while typing: nothing is lost, and the bench catches up by itself', async ({
  signedIn: page,
  app,
}) => {
  await openBench(page, spec);
  await app.stop();
  await type(page, 'Gutter', 'Phone', '8');
  await expect(page.getByText('You’re offline. Keep working')).toBeVisible();
  await type(page, 'Margin', 'Phone', '24');
  await expect(cell(page, 'Margin', 'Phone')).toHaveText('24');
  await app.start();
  await expect(saved(page)).toHaveText(/^Draft [23]/, { timeout: 60_000 });
  await expect(page.getByText('You’re offline')).toHaveCount(0);
  await page.reload();
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
  await expect(cell(page, 'Margin', 'Phone')).toHaveText('24');
});

test('a window that is closed while the server is away keeps what was typed', async ({
  signedIn: page,
  app,
  context,
}) => {
  const slug = await openBench(page, spec);
  await app.stop();
  await type(page, 'Gutter', 'Phone', '8');
  await expect(page.getByText('You’re offline. Keep working')).toBeVisible();
  await page.close();
  await app.start();
  // the next one offers it at once
  const next = await context.newPage();
  await next.goto(`/tidewick/${slug}`);
  const dialog = next.getByRole('dialog', { name: /weren’t saved$/ });
  await expect(dialog.getByRole('row', { name: 'Phone Gutter 16 8' })).toBeVisible();
  await dialog.getByRole('button', { name: 'Use the unsaved changes' }).click();
  await expect(cell(next, 'Gutter', 'Phone')).toHaveText('8');
  await expect(saved(next)).toHaveText(/^Draft 2/);
});

test('a session that ends in mid-edit: sign in again, and it is saved', async ({ signedIn: page, app }) => {
  await openBench(page, spec);
  // it ends while the save is on its way
  await page.route(
    '**/api/specs/*/draft',
    async (route) => {
      await app.sql`delete from sessions`;
      await route.continue();
    },
    { times: 1 },
  );
  await type(page, 'Gutter', 'Phone', '8');
  const dialog = page.getByRole('dialog', { name: 'Your session has ended' });
  await dialog.getByLabel('E-mail').fill('ansa@tidewick.example');
  await dialog.getByLabel('Password').fill('wrong');
  await dialog.getByRole('button', { name: 'Sign in' }).click();
  await expect(dialog.getByText('Wrong e-mail or password.')).toBeVisible();
  await dialog.getByLabel('Password').fill('ferry-slip-at-nine');
  await dialog.getByRole('button', { name: 'Sign in' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(saved(page)).toHaveText(/^Draft 2/);
  await page.reload();
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
});

test('signing out ends the session', async ({ signedIn: page }) => {
  await page.goto('/tidewick');
  await page.getByRole('button', { name: 'Account of Ansa Brisk' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page).toHaveURL(/\/sign-in/);
  const slug = await page.request.post('/api/teams/tidewick/specs', { data: { name: 'x', start: 'blank' } });
  expect(slug.status()).toBe(401);
  await page.goto('/tidewick/passenger-site');
  await expect(page).toHaveURL(/\/sign-in\?to=%2Ftidewick%2Fpassenger-site/);
});

test('a page asked for before sign-in is gone on to', async ({ page }) => {
  await page.goto('/tidewick/ticket-kiosk');
  await page.getByRole('button', { name: 'Obi Lorne' }).click();
  await expect(page.getByRole('grid')).toBeVisible();
  await makeSpec(page.request, spec);
});

test('what is typed into the sign-in form before its scripts have come is kept', async ({ page }) => {
  let release = (): void => {};
  const waiting = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/_next/static/**/*.js', async (route) => {
    await waiting;
    await route.continue();
  });
  await page.goto('/sign-in', { waitUntil: 'commit' });
  await page.getByLabel('E-mail').fill('ansa@tidewick.example');
  await page.getByLabel('Password').fill('ferry-slip-at-nine');
  release();
  await page.waitForLoadState('networkidle');
  await expect(page.getByLabel('E-mail')).toHaveValue('ansa@tidewick.example');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page).toHaveURL(/\/tidewick$/);
});

test('a duplicated tab keeps a draft of its own, and drops nothing of the other', async ({ signedIn: page }) => {
  const slug = await openBench(page, spec);
  const unsaved = () =>
    page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('ypsiline:unsaved:')));
  // this window alone does not reach the server
  await page.route('**/api/specs/*/draft', (route) => route.abort());
  await type(page, 'Gutter', 'Phone', '8');
  await expect(page.getByText('You’re offline.')).toBeVisible();
  const [own, ...others] = await unsaved();
  expect(others).toEqual([]);
  // what a browser does for a duplicate: a new page with a copy of the session's storage
  const session = await page.evaluate(() => JSON.stringify(sessionStorage));
  const copy = await page.context().newPage();
  await copy.addInitScript((entries) => {
    for (const [key, value] of Object.entries(JSON.parse(entries) as Record<string, string>))
      sessionStorage.setItem(key, value);
  }, session);
  await copy.goto(`/tidewick/${slug}`);
  await type(copy, 'Gutter', 'Tablet', '24');
  await expect(saved(copy)).toHaveText(/^Draft 2/);
  // its save took nothing of the first window's away
  await expect.poll(unsaved).toEqual([own]);
  await copy.close();
  await page.unroute('**/api/specs/*/draft');
  // both are kept: they are of different cells
  await expect(saved(page)).toHaveText(/^Draft 3/);
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('8');
  await expect(cell(page, 'Gutter', 'Tablet')).toHaveText('24');
  await expect.poll(unsaved).toEqual([]);
});
