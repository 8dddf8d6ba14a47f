import type { Browser, Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import type { DEMO_PEOPLE } from '../../server/demo-people';
import { cell, expect, makeSpec, openBench, saved, signIn, test, type } from './app';

const spec = practiceSpec('Shared grid');

type Name = (typeof DEMO_PEOPLE)[number]['name'];

/** A window of its own in which somebody else is signed in. */
async function windowOf(browser: Browser, baseURL: string | undefined, name: Name | null): Promise<Page> {
  const page = await (await browser.newContext({ baseURL: baseURL! })).newPage();
  if (name) await signIn(page.request, name);
  return page;
}

test('a review: changes asked for, made, approved, lapsed by a change and holding again when it is taken back', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const slug = await openBench(ansa, spec);
  const address = `/tidewick/${slug}`;
  const mirela = await windowOf(browser, baseURL, 'Mirela Cask');
  await ansa.goto(`${address}/review`, { waitUntil: 'networkidle' });
  await ansa.getByLabel('What should be looked at').fill('Are the gutters right?');
  await ansa.getByRole('checkbox', { name: /Mirela Cask/ }).check();
  await ansa.getByRole('button', { name: 'Ask for a review' }).click();
  await expect(ansa.getByRole('heading', { name: 'Draft 1 is under review' })).toBeVisible();

  // who is asked is told, and led there
  await mirela.goto('/notices');
  await mirela
    .getByRole('link', { name: /You are asked to review Shared grid: Are the gutters right/ })
    .first()
    .click();
  await expect(mirela.getByRole('heading', { name: 'Draft 1 is under review' })).toBeVisible();
  await mirela.getByRole('button', { name: 'Ask for changes' }).click();
  await expect(mirela.getByRole('alert').filter({ hasText: 'what should change' })).toBeVisible();
  await mirela.getByLabel('Your answer, to draft 1').fill('12 on the phone.');
  await mirela.getByRole('button', { name: 'Ask for changes' }).click();
  await expect(mirela.getByText('asked for changes of')).toBeVisible();

  await ansa.goto(address);
  await type(ansa, 'Gutter', 'Phone', '12');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await mirela.reload();
  await expect(mirela.getByText('Lapsed: Gutter, Phone.')).toBeVisible();
  await mirela.getByRole('button', { name: 'Approve' }).click();
  await expect(mirela.getByText('1 approval; publishing needs none.')).toBeVisible();

  await type(ansa, 'Gutter', 'Phone', '8');
  await expect(saved(ansa)).toHaveText(/^Draft 3/);
  // an answer to a draft that has moved on is not taken, and what was typed stays
  await mirela.getByLabel('Your answer, to draft 2').fill('Still fine.');
  await mirela.getByRole('button', { name: 'Approve' }).click();
  await expect(mirela.getByText(/The draft has moved on to 3 while you looked at 2/)).toBeVisible();
  await expect(mirela.getByRole('textbox')).toHaveValue('Still fine.');
  await expect(mirela.getByText('Nobody has approved it yet')).toBeVisible();
  await ansa.getByRole('button', { name: 'Undo' }).click();
  await expect(saved(ansa)).toHaveText(/^Draft 4/);
  await mirela.reload();
  await expect(mirela.getByText('1 approval; publishing needs none.')).toBeVisible();
  await mirela.context().close();
});

test('publishing waits for the approvals that the team asks for', async ({ signedIn: ansa, browser, baseURL }) => {
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Needs approval' });
  await ansa.goto('/people/tidewick', { waitUntil: 'networkidle' });
  await ansa.getByLabel('Approvals that a draft needs').selectOption('1');
  await expect(ansa.getByLabel('Approvals that a draft needs')).toHaveValue('1');
  await ansa.goto(`/tidewick/${slug}/publish`, { waitUntil: 'networkidle' });
  await expect(ansa.getByText('This draft needs one approval before it is published')).toBeVisible();
  await expect(ansa.getByRole('button', { name: 'Publish this edition' })).toBeDisabled();
  await ansa.goto(`/tidewick/${slug}/review`, { waitUntil: 'networkidle' });
  await ansa.getByLabel('What should be looked at').fill('All of it.');
  await ansa.getByRole('button', { name: 'Ask for a review' }).click();
  const mirela = await windowOf(browser, baseURL, 'Mirela Cask');
  await mirela.goto(`/tidewick/${slug}/review`, { waitUntil: 'networkidle' });
  await mirela.getByRole('button', { name: 'Approve' }).click();
  await expect(mirela.getByText('1 of 1 that publishing needs has approved it as it is now.')).toBeVisible();
  await ansa.goto(`/tidewick/${slug}/publish`, { waitUntil: 'networkidle' });
  await ansa.getByLabel('What this edition brings').fill('The first.');
  await ansa.getByRole('button', { name: 'Publish this edition' }).click();
  await expect(ansa.getByRole('heading', { name: 'Needs approval 1.0.0' })).toBeVisible();
  expect((await ansa.request.patch('/api/teams/tidewick', { data: { approvals: 0 } })).status()).toBe(200);
  await mirela.context().close();
});

test('a remark on a cell, with a mention, outlives the breakpoint that it is about', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const slug = await openBench(ansa, { ...spec, name: 'Remarked on' });
  const address = `/tidewick/${slug}`;
  const joon = await windowOf(browser, baseURL, 'Joon Talvi');
  await joon.goto(address, { waitUntil: 'networkidle' });
  // a reader looks, and is told why nothing changes
  await expect(joon.getByText('You read this draft')).toBeVisible();
  await expect(joon.getByRole('link', { name: 'Publish…' })).toHaveCount(0);
  await type(joon, 'Gutter', 'Tablet', '24');
  await expect(joon.getByText(/owners and authors of the team change it/).first()).toBeVisible();
  await joon.keyboard.press('Escape');
  await cell(joon, 'Gutter', 'Tablet').click();
  await joon.keyboard.press('Alt+Shift+M');
  const dialog = joon.getByRole('dialog', { name: 'Remark' });
  await expect(dialog.getByLabel('About')).toBeFocused();
  await expect(dialog.getByRole('combobox', { name: 'About' })).toHaveValue(/breakpoints\/tablet\/columns\/gutter/);
  await dialog.getByLabel('Your remark').fill('Why <b>16</b>?');
  await dialog.getByLabel('Mention somebody').selectOption('Ansa Brisk');
  await dialog.getByRole('button', { name: 'Write it' }).click();
  await expect(dialog.getByText('It is written')).toBeVisible();

  await ansa.goto('/notices');
  await ansa.getByRole('link', { name: /You are mentioned on Remarked on, Gutter, Tablet/ }).click();
  const thread = ansa.getByRole('listitem').filter({ hasText: 'Gutter, Tablet' }).first();
  await expect(thread).toContainText('Why <b>16</b>?');
  await thread.getByRole('button', { name: 'Answer' }).click();
  await thread.getByLabel('Answer').fill('It goes with the tablet.');
  await thread.getByRole('button', { name: 'Answer', exact: true }).click();
  await expect(thread).toContainText('It goes with the tablet.');

  await ansa.goto(address);
  await cell(ansa, 'Name', 'Tablet').click();
  await ansa.keyboard.press('Delete');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await joon.goto(`${address}/remarks`, { waitUntil: 'networkidle' });
  await expect(joon.getByText('is not there any more')).toBeVisible();
  await joon.getByRole('button', { name: 'Settle', exact: true }).click();
  await expect(joon.getByText('Nothing is open.')).toBeVisible();
  await joon.getByRole('button', { name: 'Settled: 1' }).click();
  await expect(joon.getByText('settled by Joon Talvi')).toBeVisible();
  await joon.context().close();
});

test('history: what changed in words, a name, and a revision restored on top', async ({ signedIn: ansa }) => {
  const slug = await openBench(ansa, { ...spec, name: 'Looked back on' });
  await type(ansa, 'Gutter', 'Phone', '12');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await ansa.goto(`/tidewick/${slug}/history`, { waitUntil: 'networkidle' });
  await expect(ansa.getByText('Gutter, Phone')).toBeVisible();
  await ansa.getByRole('button', { name: 'Name revision 1' }).click();
  await ansa.getByRole('dialog').getByLabel('Name').fill('Before the talk');
  await ansa.keyboard.press('Enter');
  await expect(ansa.getByText('Before the talk:')).toBeVisible();
  await ansa.getByRole('button', { name: 'Restore revision 1' }).click();
  await ansa.getByRole('dialog').getByRole('button', { name: 'Restore it' }).click();
  await expect(ansa.getByText('Revision 1 is restored as revision 3; nothing in between is lost.')).toBeVisible();
  // saves in a row by one person are drawn together
  await expect(ansa.getByText('1 save more by Ansa Brisk before that')).toBeVisible();
  await ansa.getByRole('link', { name: 'What changed' }).first().click();
  await expect(
    ansa.getByRole('table', { name: 'Given' }).getByRole('row', { name: /Phone Gutter 12 16/ }),
  ).toBeVisible();
  // any width is laid over each other
  await ansa.getByRole('slider', { name: 'Viewport' }).fill('390');
  await expect(ansa.getByText(/At 390 px \d+ edges stand elsewhere/)).toBeVisible();
  await ansa.goto(`/tidewick/${slug}`);
  await expect(cell(ansa, 'Gutter', 'Phone')).toHaveText('16');
});

test('a withdrawn edition warns its readers, and latest passes it by', async ({ signedIn: ansa, browser, baseURL }) => {
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Withdrawn grid' });
  const address = `/tidewick/${slug}`;
  const joon = await windowOf(browser, baseURL, 'Joon Talvi');
  const publish = async (note: string): Promise<void> => {
    await ansa.goto(`${address}/publish`, { waitUntil: 'networkidle' });
    await ansa.getByLabel('What this edition brings').fill(note);
    await ansa.getByRole('button', { name: 'Publish this edition' }).click();
    await ansa.waitForURL(/editions\/\d/);
  };
  await publish('The first.');
  await ansa.goto(address);
  await type(ansa, 'Gutter', 'Phone', '12');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await publish('A gutter that is too narrow.');
  await ansa.goto(`${address}/editions`, { waitUntil: 'networkidle' });
  await ansa.getByRole('button', { name: 'Withdraw 1.1.0' }).click();
  const dialog = ansa.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('readers see that');
  await dialog.getByLabel('Why nobody should build on it').fill('The phone’s gutter is too narrow.');
  await dialog.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(ansa.getByText('Withdrawn by Ansa Brisk')).toBeVisible();

  await joon.goto(`${address}/editions/1.1.0`);
  await expect(joon.getByRole('alert').filter({ hasText: 'This edition is withdrawn' })).toContainText('too narrow');
  await joon.goto(`${address}/editions/latest`);
  await expect(joon.getByRole('heading', { name: 'Withdrawn grid 1.0.0' })).toBeVisible();
  await expect(joon.getByRole('button', { name: /Withdraw/ })).toHaveCount(0);
  await joon.context().close();
});

test('an invitation by link: a new account, once; then the team is handed over and left', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  // a team of its own, so that the demo’s stays as it is
  await ansa.goto('/account');
  await ansa.request.post('/api/teams', { data: { name: 'Night shift' } });
  await ansa.goto('/people/night-shift', { waitUntil: 'networkidle' });
  await ansa.getByRole('button', { name: 'Invite…' }).click();
  const dialog = ansa.getByRole('dialog', { name: 'Invite somebody' });
  await expect(dialog.getByLabel('E-mail')).toBeFocused();
  await dialog.getByLabel('E-mail').fill('pell@night.example');
  await dialog.getByRole('radio', { name: /author/ }).check();
  await dialog.getByRole('button', { name: 'Invite' }).click();
  const link = (await ansa.getByRole('dialog', { name: 'The invitation is made' }).locator('code').textContent())!;
  await ansa.getByRole('button', { name: 'Done' }).click();
  await expect(ansa.getByText('You are invited to Night shift')).toBeVisible();

  const pell = await windowOf(browser, baseURL, null);
  await pell.goto(new URL(link).pathname, { waitUntil: 'networkidle' });
  await expect(pell.getByText('Ansa Brisk invites you to Night shift, as author.')).toBeVisible();
  await pell.getByLabel('Your name').fill('Pell Arden');
  await pell.getByLabel('Choose a password').fill('tide tables at dawn');
  await pell.getByRole('button', { name: 'Join the team' }).click();
  await expect(pell.getByRole('heading', { name: 'Specifications' })).toBeVisible();
  const again = await windowOf(browser, baseURL, null);
  await again.goto(new URL(link).pathname);
  await expect(again.getByText('This invitation was used already')).toBeVisible();

  // the last owner does not leave
  await ansa.reload({ waitUntil: 'networkidle' });
  await ansa.getByRole('button', { name: 'Leave…' }).click();
  await ansa.getByRole('dialog').getByRole('button', { name: 'Leave' }).click();
  await expect(ansa.getByText('A team keeps an owner.')).toBeVisible();
  await ansa.getByRole('button', { name: 'More for Pell Arden' }).click();
  await ansa.getByRole('button', { name: 'Hand the team over…' }).click();
  await ansa.getByRole('dialog').getByRole('button', { name: 'Hand over' }).click();
  await expect(ansa.getByText('You are invited to Night shift')).toHaveCount(0);
  await pell.goto('/people/night-shift', { waitUntil: 'networkidle' });
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
  await obi.goto(`/tidewick/${slug}`, { waitUntil: 'networkidle' });
  await ansa.goto('/people/tidewick', { waitUntil: 'networkidle' });
  await ansa.getByLabel('Role of Obi Lorne').selectOption('reader');
  await expect(ansa.getByLabel('Role of Obi Lorne')).toHaveValue('reader');
  await type(obi, 'Gutter', 'Phone', '12');
  await expect(obi.getByText(/A reader of this team may not edit drafts/)).toBeVisible();
  await expect(cell(obi, 'Gutter', 'Phone')).toHaveText('12');
  // an author again, what the window kept is saved by itself
  await ansa.getByLabel('Role of Obi Lorne').selectOption('author');
  await expect(ansa.getByLabel('Role of Obi Lorne')).toHaveValue('author');
  await obi.goto(`/tidewick/${slug}`, { waitUntil: 'networkidle' });
  await expect(saved(obi)).toHaveText(/^Draft 2/);
  await expect(cell(obi, 'Gutter', 'Phone')).toHaveText('12');
  await obi.context().close();
});

test('what an edition asks of its followers stands where it is published', async ({ signedIn: ansa }) => {
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Followed' });
  const address = `/tidewick/${slug}`;
  await ansa.goto(`${address}/publish`, { waitUntil: 'networkidle' });
  await ansa.getByLabel('What this edition brings').fill('The first.');
  await ansa.getByRole('button', { name: 'Publish this edition' }).click();
  await ansa.waitForURL(/editions\/1\.0\.0/);
  await ansa.goto(`${address}/followers`, { waitUntil: 'networkidle' });
  await ansa.getByLabel('Product or repository').fill('Booking pages');
  await ansa.getByRole('button', { name: 'Note it' }).click();
  await expect(ansa.getByRole('row', { name: /Booking pages 1\.0\.0 on the newest/ })).toBeVisible();

  await ansa.goto(address);
  await type(ansa, 'Count', 'Desktop', '10');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await ansa.goto(`${address}/publish`, { waitUntil: 'networkidle' });
  await expect(ansa.getByText('breaks for Booking pages (1.0.0)')).toBeVisible();
  await expect(ansa.getByLabel('Version')).toHaveValue('2.0.0');
  await expect(ansa.getByLabel('What this edition brings')).toHaveValue(/^Since 1\.0\.0: Count, Desktop \(12 → 10\)/);
  // less than proposed asks for a reason
  await ansa.getByLabel('Version').fill('1.1.0');
  await ansa.getByRole('button', { name: 'Publish this edition' }).click();
  await expect(ansa.getByText(/What changed asks for 2\.0\.0/)).toBeVisible();
  await ansa.getByLabel('Why less than 2.0.0 is enough').fill('Nobody has built on it yet.');
  await ansa.getByRole('button', { name: 'Publish this edition' }).click();
  await expect(ansa.getByRole('heading', { name: 'Followed 1.1.0' })).toBeVisible();
  await ansa.goto(`${address}/editions`);
  await expect(ansa.getByText('Stepped less than proposed: Nobody has built on it yet.')).toBeVisible();
});

test('a web hook comes to the receiver that is shipped, and its address is held to be outside', async ({
  signedIn: ansa,
  app,
}) => {
  await ansa.goto('/hooks/tidewick', { waitUntil: 'networkidle' });
  await ansa.getByRole('button', { name: 'New web hook…' }).click();
  const dialog = ansa.getByRole('dialog', { name: 'New web hook' });
  await expect(dialog.getByLabel('Name')).toBeFocused();
  await dialog.getByLabel('Name').fill('To see');
  await dialog.getByRole('textbox', { name: 'Address' }).fill('http://192.168.0.7/grids');
  await dialog.getByRole('button', { name: 'Make the web hook' }).click();
  await expect(dialog.getByRole('alert')).toContainText('inside the server’s own network');
  await dialog.getByRole('radio', { name: /the receiver here/ }).check();
  await dialog.getByRole('checkbox', { name: 'a remark is written' }).check();
  await dialog.getByRole('button', { name: 'Make the web hook' }).click();
  await expect(ansa.getByText(/^ypsh_/)).toBeVisible();
  await ansa.getByRole('button', { name: 'Done' }).click();
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Told of' });
  const [told] = await app.sql<{ id: string }[]>`select id from specs where slug = ${slug}`;
  await ansa.request.post(`/api/specs/${told!.id}/remarks`, { data: { text: 'Heard?' } });
  await expect(async () => {
    await ansa.goto('/hooks/tidewick');
    await expect(ansa.getByText(/remark, Told of, from To see, .*signature fits/)).toBeVisible({ timeout: 500 });
  }).toPass({ timeout: 15_000 });
});
