import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, makeSpec, openBench, saved, test, type, windowOf } from './app';

const spec = practiceSpec('Shared grid');

test('an invitation by link: a new account, once; then the team is handed over and left', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  // a team of its own, so that the demo’s stays as it is
  await ansa.goto('/account');
  await ansa.request.post('/api/teams', { data: { name: 'Night shift' } });
  await ansa.goto('/people/night-shift');
  await ansa.getByRole('button', { name: 'Invite…' }).click();
  const dialog = ansa.getByRole('dialog', { name: 'Invite someone' });
  await expect(dialog.getByLabel('E-mail')).toBeFocused();
  await dialog.getByLabel('E-mail').fill('pell@night.example');
  await dialog.getByRole('radio', { name: /author/ }).check();
  await dialog.getByRole('button', { name: 'Invite' }).click();
  const link = (await ansa.getByRole('dialog', { name: 'Invitation created' }).locator('code').textContent())!;
  await ansa.getByRole('button', { name: 'Done' }).click();
  await expect(ansa.getByText('You’re invited to Night shift')).toBeVisible();

  const pell = await windowOf(browser, baseURL, null);
  await pell.goto(new URL(link).pathname);
  await expect(pell.getByText('Ansa Brisk invites you to Night shift, as author.')).toBeVisible();
  await pell.getByLabel('Your name').fill('Pell Arden');
  await pell.getByLabel('Choose a password').fill('tide tables at dawn');
  await pell.getByRole('button', { name: 'Join team' }).click();
  await expect(pell.getByRole('heading', { name: 'Specifications' })).toBeVisible();
  const again = await windowOf(browser, baseURL, null);
  await again.goto(new URL(link).pathname);
  await expect(again.getByText('This invitation has already been used')).toBeVisible();

  // the last owner does not leave
  await ansa.reload();
  await ansa.getByRole('button', { name: 'Leave…' }).click();
  await ansa.getByRole('dialog').getByRole('button', { name: 'Leave' }).click();
  await expect(ansa.getByText('A team needs an owner.')).toBeVisible();
  await ansa.getByRole('button', { name: 'More for Pell Arden' }).click();
  await ansa.getByRole('button', { name: 'Transfer ownership…' }).click();
  await ansa.getByRole('dialog').getByRole('button', { name: 'Transfer' }).click();
  await expect(ansa.getByText('You’re invited to Night shift')).toHaveCount(0);
  await pell.goto('/people/night-shift');
  await expect(pell.getByLabel('Role of Ansa Brisk')).toHaveValue('author');
  // whoever is removed is out at the next request
  await pell.getByRole('button', { name: 'More for Ansa Brisk' }).click();
  await pell.getByRole('button', { name: 'Remove…' }).click();
  await pell.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(pell.getByText('Ansa Brisk', { exact: true })).toHaveCount(0);
  expect((await ansa.request.get('/api/notices')).status()).toBe(401);
  await pell.context().close();
  await again.context().close();
});

test('a role that changes while its holder edits: what was typed is kept, and said', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const slug = await openBench(ansa, { ...spec, name: 'Role changed' });
  const obi = await windowOf(browser, baseURL, 'Obi Lorne');
  await obi.goto(`/tidewick/${slug}`);
  await ansa.goto('/people/tidewick');
  await ansa.getByLabel('Role of Obi Lorne').selectOption('reader');
  await expect(ansa.getByLabel('Role of Obi Lorne')).toHaveValue('reader');
  await type(obi, 'Gutter', 'Phone', '12');
  await expect(obi.getByText(/A reader of this team may not edit drafts/)).toBeVisible();
  await expect(cell(obi, 'Gutter', 'Phone')).toHaveText('12');
  // an author again, what the window kept is saved by itself
  await ansa.getByLabel('Role of Obi Lorne').selectOption('author');
  await expect(ansa.getByLabel('Role of Obi Lorne')).toHaveValue('author');
  await obi.goto(`/tidewick/${slug}`);
  await expect(saved(obi)).toHaveText(/^Draft 2/);
  await expect(cell(obi, 'Gutter', 'Phone')).toHaveText('12');
  await obi.context().close();
});

test('what an edition asks of its followers stands where it is published', async ({ signedIn: ansa }) => {
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Followed' });
  const address = `/tidewick/${slug}`;
  await ansa.goto(`${address}/publish`);
  await ansa.getByLabel('Release notes').fill('The first.');
  await ansa.getByRole('button', { name: 'Publish edition' }).click();
  await ansa.waitForURL(/editions\/1\.0\.0/);
  await ansa.goto(`${address}/followers`);
  await ansa.getByLabel('Product or repository').fill('Booking pages');
  await ansa.getByRole('button', { name: 'Add follower' }).click();
  await expect(ansa.getByRole('row', { name: /Booking pages 1\.0\.0 up to date/ })).toBeVisible();

  await ansa.goto(address);
  await type(ansa, 'Count', 'Desktop', '10');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await ansa.goto(`${address}/publish`);
  await expect(ansa.getByText('breaking for Booking pages (1.0.0)')).toBeVisible();
  await expect(ansa.getByLabel('Version')).toHaveValue('2.0.0');
  await expect(ansa.getByLabel('Release notes')).toHaveValue(/^Since 1\.0\.0: Count, Desktop \(12 → 10\)/);
  // less than proposed asks for a reason
  await ansa.getByLabel('Version').fill('1.1.0');
  await ansa.getByRole('button', { name: 'Publish edition' }).click();
  await expect(ansa.getByText(/These changes need 2\.0\.0/)).toBeVisible();
  await ansa.getByLabel('Why not 2.0.0?').fill('Nobody has built on it yet.');
  await ansa.getByRole('button', { name: 'Publish edition' }).click();
  await expect(ansa.getByRole('heading', { name: 'Followed 1.1.0' })).toBeVisible();
  await ansa.goto(`${address}/editions`);
  await expect(ansa.getByText('Smaller version than proposed: Nobody has built on it yet.')).toBeVisible();
});

test('a web hook comes to the receiver that is shipped, and its address is held to be outside', async ({
  signedIn: ansa,
  app,
}) => {
  await ansa.goto('/hooks/tidewick');
  await ansa.getByRole('button', { name: 'New web hook…' }).click();
  const dialog = ansa.getByRole('dialog', { name: 'New web hook' });
  await expect(dialog.getByLabel('Name')).toBeFocused();
  await dialog.getByLabel('Name').fill('To see');
  await dialog.getByRole('textbox', { name: 'URL' }).fill('http://192.168.0.7/grids');
  await dialog.getByRole('button', { name: 'Create web hook' }).click();
  await expect(dialog.getByRole('alert')).toContainText('inside the server’s own network');
  await dialog.getByRole('radio', { name: /test endpoint/ }).check();
  await dialog.getByRole('checkbox', { name: 'a comment is added' }).check();
  await dialog.getByRole('button', { name: 'Create web hook' }).click();
  await expect(ansa.getByText(/^ypsh_/)).toBeVisible();
  await ansa.getByRole('button', { name: 'Done' }).click();
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Told of' });
  const [told] = await app.sql<{ id: string }[]>`select id from specs where slug = ${slug}`;
  await ansa.request.post(`/api/specs/${told!.id}/remarks`, { data: { text: 'Heard?' } });
  await expect(async () => {
    await ansa.goto('/hooks/tidewick');
    await expect(ansa.getByText(/remark, Told of, from To see, .*valid signature/)).toBeVisible({ timeout: 500 });
  }).toPass({ timeout: 60_000 });
});
