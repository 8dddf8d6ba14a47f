import type { Spec } from '../../core/spec/schema';
import { expect, test } from './app';
import { builtPage, html, measured, withSite } from './built-site';

const SURVEY = '/tidewick/passenger-site/survey';

test('a build sends what it measured with a key that may, and the team sees what is off over time', async ({
  signedIn: page,
  app,
}) => {
  const made = async (name: string, mayReport: boolean): Promise<string> => {
    await page.goto('/keys/tidewick');
    await page.getByRole('button', { name: 'New key…' }).click();
    await page.getByLabel('Name', { exact: true }).fill(name);
    await page.getByLabel('send measurements of the built site').setChecked(mayReport);
    const [answer] = await Promise.all([
      page.waitForResponse((response) => response.url().endsWith('/keys') && response.request().method() === 'POST'),
      page.getByRole('button', { name: 'Create key' }).click(),
    ]);
    return ((await answer.json()) as { secret: string }).secret;
  };
  const [reports, reads] = [await made('Measures', true), await made('Only reads', false)];
  const address = `${app.url}/e/tidewick/passenger-site`;
  const edition = await page.request.get(`${address}/latest/spec.json`, {
    headers: { Authorization: `Bearer ${reads}` },
  });
  const spec = (await edition.json()) as Spec;
  const fault = "#front [data-block='ness'] { margin-inline-start: 8px !important }";
  await withSite(html(builtPage(spec, spec.layouts[0]!, fault)), async (site) => {
    const keep = (key: string, to = address, document = spec) =>
      measured(
        process.env.YPSILINE_CHROMIUM!,
        document,
        [
          '--widths',
          '1512',
          '--url',
          `${site}/front?token=secret`,
          '--keep',
          to,
          '--key-from-env',
          'KEY',
          '--as',
          'release',
        ],
        { KEY: key },
      );
    const kept = await keep(reports);
    expect(kept.says).toContain('The Ness starts 8 px late');
    expect(kept.says).toMatch(/Kept with http\S+\/passenger-site \S+: 1 off\./);
    expect(kept.status).toBe(1);
    // what was measured is answered all the same where it is refused
    const refused = await keep(reads);
    expect(refused.says).toContain('The Ness starts 8 px late');
    expect(refused.says).toContain('This key only downloads editions.');
    expect(refused.status).toBe(2);
    const other = await keep(reports, `${app.url}/e/tidewick/ticket-kiosk`);
    expect(other.says).toContain('This document is no edition of ticket-kiosk');
    expect((await keep('')).says).toContain('the environment variable KEY is empty');
  });
  await page.goto(SURVEY);
  const list = page.getByRole('region', { name: 'Measured by builds' });
  await expect(list.getByRole('listitem').first()).toContainText('release1 off, edition');
  await list.getByRole('button', { name: 'release', exact: true }).click();
  await expect(
    page.getByText(/^release: 1 off against edition \S+; against the draft as it is now, \d+\./),
  ).toBeVisible();
  // by its path alone: what may be a secret is not kept
  await expect(
    page.getByRole('list', { name: 'Screens' }).getByRole('button', { name: /^\/front, 1512/ }),
  ).toBeVisible();
  await list.getByRole('button', { name: 'Off over time…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Off over time' });
  await expect(dialog).toContainText('1 off when it was first measured.');
  await dialog.getByLabel('Measured').selectOption('main');
  await expect(dialog).toContainText(/^Off over time.*14 off on \d+ \w+, 5 now\./s);
  await expect(dialog.getByRole('row', { name: /^\/front/ })).toContainText('664');
  await expect(dialog).toContainText("/front: [data-block='farholm'] (layout)");
  await page.keyboard.press('Escape');
  await list.getByRole('button', { name: 'Remove the measurement release' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(list.getByRole('button', { name: 'release', exact: true })).toHaveCount(0);
});
