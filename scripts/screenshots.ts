// `npm run screenshots`: takes the pictures of docs/screenshots/ anew, from the demo's data; with names, those alone.
import type { Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { withApplication } from './setup/application';
import { isRoot, mustExecute } from './setup/process.mjs';
import { run, say } from './setup/say.mjs';

const PICTURES: {
  name: string;
  path: string;
  dark?: boolean;
  signedOut?: boolean;
  open?: (page: Page) => Promise<void>;
}[] = [
  { name: 'sign-in', path: '/sign-in', signedOut: true },
  { name: 'specifications', path: '/tidewick' },
  { name: 'bench', path: '/tidewick/passenger-site', open: pointAtColumn },
  { name: 'bench-dark', path: '/tidewick/passenger-site', dark: true, open: allOverlays },
  {
    name: 'all-screens',
    path: '/tidewick/passenger-site',
    open: (page) => page.getByRole('button', { name: 'All screens' }).click(),
  },
  {
    name: 'spacing',
    path: '/tidewick/passenger-site',
    open: (page) => page.getByRole('button', { name: 'Spacing', exact: true }).click(),
  },
  { name: 'type-rhythm', path: '/tidewick/passenger-site/type' },
  { name: 'layouts', path: '/tidewick/passenger-site/layouts', open: chooseBlock },
  { name: 'survey', path: '/tidewick/passenger-site/survey', open: openSurvey },
  {
    name: 'rules',
    path: '/tidewick/passenger-site/rules',
    open: (page) => page.getByRole('row').filter({ hasText: 'phone-margin' }).scrollIntoViewIfNeeded(),
  },
  { name: 'finder', path: '/tidewick/passenger-site/finder', open: findGrids },
  { name: 'sweep', path: '/tidewick/passenger-site/sweep' },
  { name: 'publish', path: '/tidewick/passenger-site/publish' },
  { name: 'review', path: '/tidewick/passenger-site/review' },
  { name: 'editions', path: '/tidewick/ticket-kiosk/editions' },
  { name: 'reading-in', path: '/tidewick/passenger-site', open: readIn },
  { name: 'site-against-edition', path: '/tidewick/passenger-site/editions/1.0.0/compare', open: compareSite },
  {
    name: 'overlay',
    path: '/tidewick/passenger-site/editions/1.0.0/overlay',
    open: (page) => page.keyboard.press('o'),
  },
  { name: 'reading-page', path: '/tidewick/passenger-site/editions/1.0.0' },
];

async function readIn(page: Page) {
  await page.getByRole('button', { name: 'Import' }).click();
  await page
    .getByLabel('Or paste it here')
    .fill(
      'Name,From,Columns,Gutter,Margin,Colour\nPhone,0,4,16,20,red\nTablet,700,8,20,28,blue\nHuge,2400,12,32,=,red',
    );
  await page.getByLabel('Huge imports to').waitFor();
}

async function compareSite(page: Page) {
  const css = await (await page.request.get('/e/tidewick/passenger-site/1.0.0/grid.css')).text();
  const site = css.replace('--grid-gutter: 20px', '--grid-gutter: 24px').replaceAll('1416px', '1400px');
  const buffer = Buffer.from(site);
  await page.getByLabel('Files', { exact: true }).setInputFiles({ name: 'site.css', mimeType: 'text/css', buffer });
  await page.getByRole('heading', { name: 'Drawn' }).waitFor();
}

async function pointAtColumn(page: Page) {
  await page.getByRole('gridcell', { name: /^Gutter, Desktop: / }).click();
  const box = await page.getByRole('application').boundingBox();
  if (box) await page.mouse.move(box.x + box.width * 0.4, box.y + box.height * 0.45);
}

async function chooseBlock(page: Page) {
  await page.getByRole('button', { name: 'Desktop', exact: true }).click();
  await page.locator('[data-page] [data-block=farholm]').click();
}

async function openSurvey(page: Page) {
  await page.getByRole('button', { name: 'First build, staging', exact: true }).click();
  await page
    .getByRole('list', { name: 'Screens' })
    .getByRole('button', { name: /^Front page, 1512/ })
    .click();
  await page.getByRole('radio', { name: /^12 columns, gutter 24/ }).check();
}

async function findGrids(page: Page) {
  await page.getByLabel('Breakpoint', { exact: true }).selectOption('Laptop, 1344 × 840');
  await page.locator('#finder-widths').fill('1100 to 1200');
  await page.getByRole('checkbox', { name: 'compare' }).nth(0).check();
  await page.getByRole('checkbox', { name: 'compare' }).nth(2).check();
}

async function allOverlays(page: Page) {
  await page.getByRole('gridcell', { name: /^Column, Phone: / }).click();
  await page.getByRole('button', { name: 'Rows', exact: true }).click();
  await page.getByRole('button', { name: 'Baseline', exact: true }).click();
}

/** Names of pictures, where not all are wanted. */
const wanted = process.argv.slice(2);

await run(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-screenshots-'));
  if (isRoot) await mustExecute('Giving the folder to postgres', 'chown', ['postgres:', folder]);
  try {
    await withApplication(join(folder, 'application'), async ({ context, page: signedIn, url }) => {
      const cookies = await context.cookies();
      await signedIn.close();
      for (const { name, path, dark, signedOut, open } of PICTURES) {
        if (wanted.length > 0 && !wanted.includes(name)) continue;
        await context.clearCookies();
        if (!signedOut) await context.addCookies(cookies);
        const page = await context.newPage();
        await page.emulateMedia({ colorScheme: dark ? 'dark' : 'light' });
        await page.goto(url + path, { waitUntil: 'networkidle' });
        const hint = page.getByRole('main').getByRole('button', { name: 'Dismiss' });
        while ((await hint.count()) > 0) await hint.first().click();
        await open?.(page);
        await page.waitForTimeout(400);
        say(name);
        await page.screenshot({ path: `docs/screenshots/${name}.png` });
        await page.close();
      }
    });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
