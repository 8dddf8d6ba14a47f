import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, makeSpec, openBench, saved, test, type, windowOf } from './app';

const spec = practiceSpec('Shared grid');

test('a review: changes asked for, made, approved, lapsed by a change and holding again when it is taken back', async ({
  signedIn: ansa,
  browser,
  baseURL,
}) => {
  const slug = await openBench(ansa, spec);
  const address = `/tidewick/${slug}`;
  const mirela = await windowOf(browser, baseURL, 'Mirela Cask');
  await ansa.goto(`${address}/review`);
  await ansa.getByLabel('What should reviewers look at?').fill('Are the gutters right?');
  await ansa.getByRole('checkbox', { name: /Mirela Cask/ }).check();
  await ansa.getByRole('button', { name: 'Request a review' }).click();
  await expect(ansa.getByRole('heading', { name: 'Draft 1 is in review' })).toBeVisible();

  // who is asked is told, and led there
  await mirela.goto('/notices');
  await mirela
    .getByRole('link', { name: /Review requested: Shared grid: Are the gutters right/ })
    .first()
    .click();
  await expect(mirela.getByRole('heading', { name: 'Draft 1 is in review' })).toBeVisible();
  await mirela.getByRole('button', { name: 'Request changes' }).click();
  await expect(mirela.getByRole('alert').filter({ hasText: 'what should change' })).toBeVisible();
  await mirela.getByLabel('Your review of draft 1').fill('12 on the phone.');
  await mirela.getByRole('button', { name: 'Request changes' }).click();
  await expect(mirela.getByText('requested changes to')).toBeVisible();

  await ansa.goto(address);
  await type(ansa, 'Gutter', 'Phone', '12');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await mirela.reload();
  await expect(mirela.getByText('Expired: Gutter, Phone.')).toBeVisible();
  await mirela.getByRole('button', { name: 'Approve' }).click();
  await expect(mirela.getByText('1 approval; none needed to publish.')).toBeVisible();

  await type(ansa, 'Gutter', 'Phone', '8');
  await expect(saved(ansa)).toHaveText(/^Draft 3/);
  // an answer to a draft that has moved on is not taken, and what was typed stays
  await mirela.getByLabel('Your review of draft 2').fill('Still fine.');
  await mirela.getByRole('button', { name: 'Approve' }).click();
  await expect(mirela.getByText(/The draft is now at revision 3; you looked at 2/)).toBeVisible();
  await expect(mirela.getByRole('textbox')).toHaveValue('Still fine.');
  await expect(mirela.getByText('No approvals yet')).toBeVisible();
  await ansa.getByRole('button', { name: 'Undo' }).click();
  await expect(saved(ansa)).toHaveText(/^Draft 4/);
  await mirela.reload();
  await expect(mirela.getByText('1 approval; none needed to publish.')).toBeVisible();
  await mirela.context().close();
});

test('publishing waits for the approvals that the team asks for', async ({ signedIn: ansa, browser, baseURL }) => {
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Needs approval' });
  await ansa.goto('/people/tidewick');
  await ansa.getByLabel('Approvals needed').selectOption('1');
  await expect(ansa.getByLabel('Approvals needed')).toHaveValue('1');
  await ansa.goto(`/tidewick/${slug}/publish`);
  await expect(ansa.getByText('This draft needs one approval to be published')).toBeVisible();
  await expect(ansa.getByRole('button', { name: 'Publish edition' })).toBeDisabled();
  await ansa.goto(`/tidewick/${slug}/review`);
  await ansa.getByLabel('What should reviewers look at?').fill('All of it.');
  await ansa.getByRole('button', { name: 'Request a review' }).click();
  const mirela = await windowOf(browser, baseURL, 'Mirela Cask');
  await mirela.goto(`/tidewick/${slug}/review`);
  await mirela.getByRole('button', { name: 'Approve' }).click();
  await expect(mirela.getByText('1 of 1 approval needed to publish.')).toBeVisible();
  await ansa.goto(`/tidewick/${slug}/publish`);
  await ansa.getByLabel('Release notes').fill('The first.');
  await ansa.getByRole('button', { name: 'Publish edition' }).click();
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
  await joon.goto(address);
  // a reader looks; nothing that they type is taken
  await expect(joon.getByText('View only')).toBeVisible();
  await expect(joon.getByRole('link', { name: 'Publish…' })).toHaveCount(0);
  await type(joon, 'Gutter', 'Tablet', '24');
  await expect(cell(joon, 'Gutter', 'Tablet')).toHaveText('16');
  await cell(joon, 'Gutter', 'Tablet').click();
  await joon.keyboard.press('Alt+Shift+M');
  const dialog = joon.getByRole('dialog', { name: 'Comment' });
  await expect(dialog.getByLabel('About')).toBeFocused();
  await expect(dialog.getByRole('combobox', { name: 'About' })).toHaveValue(/breakpoints\/tablet\/columns\/gutter/);
  await dialog.getByLabel('Your comment').fill('Why <b>16</b>?');
  await dialog.getByLabel('Mention someone').selectOption('Ansa Brisk');
  await dialog.getByRole('button', { name: 'Comment' }).click();
  await expect(dialog.getByText('Comment added')).toBeVisible();

  await ansa.goto('/notices');
  await ansa.getByRole('link', { name: /You were mentioned on Remarked on, Gutter, Tablet/ }).click();
  const thread = ansa.getByRole('listitem').filter({ hasText: 'Gutter, Tablet' }).first();
  await expect(thread).toContainText('Why <b>16</b>?');
  await thread.getByRole('button', { name: 'Reply' }).click();
  await thread.getByLabel('Reply').fill('It goes with the tablet.');
  await thread.getByRole('button', { name: 'Reply', exact: true }).click();
  await expect(thread).toContainText('It goes with the tablet.');

  await ansa.goto(address);
  await cell(ansa, 'Name', 'Tablet').click();
  await ansa.keyboard.press('Delete');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await joon.goto(`${address}/remarks`);
  await expect(joon.getByText('no longer exists')).toBeVisible();
  await joon.getByRole('button', { name: 'Resolve', exact: true }).click();
  await expect(joon.getByText('No open comments.')).toBeVisible();
  await joon.getByRole('button', { name: 'Resolved: 1' }).click();
  await expect(joon.getByText('resolved by Joon Talvi')).toBeVisible();
  await joon.context().close();
});

test('history: what changed in words, a name, and a revision restored on top', async ({ signedIn: ansa }) => {
  const slug = await openBench(ansa, { ...spec, name: 'Looked back on' });
  await type(ansa, 'Gutter', 'Phone', '12');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await ansa.goto(`/tidewick/${slug}/history`);
  await expect(ansa.getByText('Gutter, Phone')).toBeVisible();
  await ansa.getByRole('button', { name: 'Name revision 1' }).click();
  await ansa.getByRole('dialog').getByLabel('Name').fill('Before the talk');
  await ansa.keyboard.press('Enter');
  await expect(ansa.getByText('Before the talk:')).toBeVisible();
  await ansa.getByRole('button', { name: 'Restore revision 1' }).click();
  await ansa.getByRole('dialog').getByRole('button', { name: 'Restore' }).click();
  await expect(ansa.getByText('Revision 1 restored as revision 3. Ctrl+Z on the bench undoes it.')).toBeVisible();
  // saves in a row by one person are drawn together
  await expect(ansa.getByText('1 save more by Ansa Brisk before that')).toBeVisible();
  await ansa.getByRole('link', { name: 'What changed' }).first().click();
  await expect(
    ansa.getByRole('table', { name: 'Changed' }).getByRole('row', { name: /Phone Gutter 12 16/ }),
  ).toBeVisible();
  // any width is laid over each other
  await ansa.getByRole('slider', { name: 'Viewport' }).fill('390');
  await expect(ansa.getByText(/At 390 px \d+ edges moved/)).toBeVisible();
  // it is a step like any other
  await ansa.goto(`/tidewick/${slug}`);
  await expect(cell(ansa, 'Gutter', 'Phone')).toHaveText('16');
  await ansa.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(cell(ansa, 'Gutter', 'Phone')).toHaveText('12');
  await ansa.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(cell(ansa, 'Gutter', 'Phone')).toHaveText('16');
  // a removal is told as one
  await cell(ansa, 'Name', 'Tablet').click();
  await ansa.keyboard.press('Delete');
  await expect(saved(ansa)).toHaveText(/^Draft [4-6]/);
  await ansa.goto(`/tidewick/${slug}/history`);
  await expect(ansa.getByText(/^Tablet removed/).first()).toBeVisible();
});

test('a withdrawn edition warns its readers, and latest passes it by', async ({ signedIn: ansa, browser, baseURL }) => {
  const slug = await makeSpec(ansa.request, { ...spec, name: 'Withdrawn grid' });
  const address = `/tidewick/${slug}`;
  const joon = await windowOf(browser, baseURL, 'Joon Talvi');
  const publish = async (note: string): Promise<void> => {
    await ansa.goto(`${address}/publish`);
    await ansa.getByLabel('Release notes').fill(note);
    await ansa.getByRole('button', { name: 'Publish edition' }).click();
    await ansa.waitForURL(/editions\/\d/);
  };
  await publish('The first.');
  await ansa.goto(address);
  await type(ansa, 'Gutter', 'Phone', '12');
  await expect(saved(ansa)).toHaveText(/^Draft 2/);
  await publish('A gutter that is too narrow.');
  await ansa.goto(`${address}/editions`);
  await ansa.getByRole('button', { name: 'Withdraw 1.1.0' }).click();
  const dialog = ansa.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Withdraw' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Readers will see');
  await dialog.getByLabel('Why shouldn’t anyone build on it?').fill('The phone’s gutter is too narrow.');
  await dialog.getByRole('button', { name: 'Withdraw' }).click();
  await expect(ansa.getByText('Withdrawn by Ansa Brisk')).toBeVisible();

  await joon.goto(`${address}/editions/1.1.0`);
  await expect(joon.getByRole('alert').filter({ hasText: 'Withdrawn' })).toContainText('too narrow');
  await joon.goto(`${address}/editions/latest`);
  await expect(joon.getByRole('heading', { name: 'Withdrawn grid 1.0.0' })).toBeVisible();
  await expect(joon.getByRole('button', { name: /Withdraw/ })).toHaveCount(0);
  await joon.context().close();
});
