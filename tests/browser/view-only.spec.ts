import { practiceSpec } from '../../core/spec/testing';
import { expect, makeSpec, signIn, test, windowOf } from './app';

/** Whoever may not edit a draft finds no tool that changes it, and nothing that they type is taken. */

/** `YPSILINE_LONG=1` takes those with few tools as well. */
const VIEWS = [
  '',
  '/layouts',
  ...(process.env.YPSILINE_LONG ? ['/type', '/rules', '/finder', '/sweep', '/survey'] : []),
];
const REFUSED = 'You can view this draft. Owners and authors can edit it.';
/** What closes the page, or leaves it. */
const LEADS_AWAY = /^(See |Find whole|To the )/;

test('a reviewer tries every tool and key of every view: none changes the draft, none is refused', async ({
  browser,
  baseURL,
  app,
}) => {
  test.setTimeout(400_000);
  const page = await windowOf(browser, baseURL, 'Mirela Cask');
  const writes: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (request.method() !== 'GET' && !/\/(presence|hints)$/.test(pathname))
      writes.push(`${request.method()} ${pathname}`);
  });
  const revision = () => app.sql`select revision from specs where slug = 'passenger-site'`;
  const before = await revision();
  for (const view of VIEWS) {
    const address = `/tidewick/passenger-site${view}`;
    await page.goto(address);
    await expect(page.getByText('View only')).toBeVisible();
    const shown = await page.locator('[role=gridcell]').allTextContents();

    // keys of the sheets, if there are any
    const cell = page.locator('[role=gridcell][tabindex="0"]').first();
    if ((await cell.count()) > 0) {
      await cell.focus();
      for (const key of ['7', 'Enter', 'F2', '=', 'Delete', 'Alt+ArrowUp', 'Alt+r', 'Control+v', 'Control+z'])
        await page.keyboard.press(key);
      await cell.dblclick();
      await expect(page.locator('[role=gridcell] input')).toHaveCount(0);
    }
    // one button of each kind that is there; going through all of a list shows no more than its first
    const buttons = page.locator('main button:visible:enabled');
    const names = await buttons.evaluateAll((all) =>
      all.map((each) => (each.getAttribute('aria-label') ?? each.textContent ?? '').trim()),
    );
    const kinds = new Map(names.map((name) => [name.replace(/[\d⅓⅔½¼¾].*$/, ''), name] as const));
    for (const name of kinds.values()) {
      if (LEADS_AWAY.test(name) || name.length > 60) continue;
      const button = page.locator('main').getByRole('button', { name, exact: true }).first();
      await button.click({ timeout: 700 }).catch(() => {});
      if ((await page.getByRole('dialog').count()) > 0) await page.keyboard.press('Escape');
      if (!new URL(page.url()).pathname.endsWith(address)) await page.goto(address);
    }
    for (const slider of await page.getByRole('slider', { disabled: true }).all()) {
      await slider.focus();
      await page.keyboard.press('ArrowRight');
    }
    await expect(page.getByText(REFUSED), view).toHaveCount(0);
    await page.goto(address);
    expect(await page.locator('[role=gridcell]').allTextContents(), view).toEqual(shown);
  }
  expect(writes).toEqual([]);
  expect(await revision()).toEqual(before);
  await page.context().close();
});

test(
  'fields of a draft show what is there, and tools are absent; an author has all of them',
  { tag: '@long' },
  async ({ signedIn: page, browser, baseURL }) => {
    const mirela = await windowOf(browser, baseURL, 'Mirela Cask');
    for (const [view, tool, field] of [
      ['', 'Add a breakpoint', 'Base'],
      ['/type', 'Remove style', 'Used for'],
      ['/layouts', 'Section', 'Layout name'],
      ['/rules', null, 'The sum adds up: on'],
      ['/finder', 'Use every breakpoint', null],
    ] as const) {
      for (const [window, may] of [
        [page, true],
        [mirela, false],
      ] as const) {
        await window.goto(`/tidewick/passenger-site${view}`);
        if (tool) await expect(window.getByRole('button', { name: tool, exact: true })).toBeVisible({ visible: may });
        if (field) await expect(window.getByLabel(field, { exact: true }).first()).toBeEnabled({ enabled: may });
      }
    }
    await mirela.context().close();
  },
);

test('readers and reviewers survey on their own and see from what specifications begin', async ({
  browser,
  baseURL,
  app,
}) => {
  await app.sql`update members set role = 'reader' where person_id = (select id from people where name = 'Obi Lorne')`;
  for (const name of ['Obi Lorne', 'Mirela Cask'] as const) {
    const page = await windowOf(browser, baseURL, name);
    expect((await page.goto('/survey/tidewick'))!.status()).toBe(200);
    await expect(page.getByRole('button', { name: 'Choose files…' }).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Create…' })).toHaveCount(0);
    expect((await page.goto('/sets/tidewick'))!.status()).toBe(200);
    await expect(page.getByRole('heading', { name: 'Starting sets' })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Remove/ })).toHaveCount(0);
    await page.context().close();
  }
  await app.sql`update members set role = 'author' where person_id = (select id from people where name = 'Obi Lorne')`;
});

test('an author is not offered to approve their own changes', async ({ page, app }) => {
  await signIn(page.request, 'Obi Lorne');
  const slug = await makeSpec(page.request, practiceSpec('Own changes'));
  const [{ id }] = (await app.sql`select id from specs where slug = ${slug}`) as unknown as [{ id: string }];
  await page.request.post(`/api/specs/${id}/review`, { data: { note: 'Look at it.', people: [] } });
  await page.goto(`/tidewick/${slug}/review`);
  await expect(page.getByText('so someone else has to approve it')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Approve' })).toHaveCount(0);
});
