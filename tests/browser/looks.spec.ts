import type { Page } from '@playwright/test';
import { test } from './app';
import { inspect } from './inspect';

const VIEWS: { name: string; path: string; open?: (page: Page) => Promise<void> }[] = [
  { name: 'list', path: '/tidewick' },
  {
    name: 'new specification',
    path: '/new/tidewick',
    open: (page) => page.getByLabel('Your own screens').check(),
  },
  { name: 'bench', path: '/tidewick/passenger-site' },
  {
    name: 'bench, all overlays',
    path: '/tidewick/passenger-site',
    open: async (page) => {
      await page.getByRole('button', { name: 'Rows', exact: true }).click();
      await page.getByRole('button', { name: 'Baseline', exact: true }).click();
    },
  },
  {
    name: 'bench, all screens',
    path: '/tidewick/passenger-site',
    open: (page) => page.getByRole('button', { name: 'All screens' }).click(),
  },
  {
    name: 'keys',
    path: '/tidewick/crew-tablet',
    open: (page) => page.getByRole('button', { name: 'Keys' }).click(),
  },
  {
    name: 'bench, spans',
    path: '/tidewick/crew-tablet',
    open: (page) => page.getByRole('button', { name: 'Spans' }).click(),
  },
  {
    name: 'survey',
    path: '/tidewick/passenger-site/survey',
    open: async (page) => {
      await page.getByRole('button', { name: 'First build, staging', exact: true }).click();
      await page
        .getByRole('list', { name: 'Screens' })
        .getByRole('button', { name: /^Front page, 1512/ })
        .click();
      await page
        .getByRole('radio', { name: /columns, gutter/ })
        .first()
        .waitFor();
    },
  },
  { name: 'survey, empty', path: '/survey/tidewick' },
  {
    name: 'keys of the team',
    path: '/keys/tidewick',
    open: (page) => page.getByRole('button', { name: 'New key…' }).click(),
  },
  {
    name: 'finder',
    path: '/tidewick/passenger-site/finder',
    open: async (page) => {
      await page.getByRole('checkbox', { name: 'compare' }).first().check();
    },
  },
  {
    name: 'counts against each other',
    path: '/tidewick/passenger-site/finder',
    open: (page) => page.getByRole('button', { name: 'Compare counts' }).click(),
  },
  { name: 'sweep', path: '/tidewick/passenger-site/sweep' },
  {
    name: 'sweep, table',
    path: '/tidewick/passenger-site/sweep',
    open: (page) => page.getByRole('button', { name: 'Table', exact: true }).click(),
  },
  {
    name: 'bench, spacing',
    path: '/tidewick/crew-tablet',
    open: (page) => page.getByRole('button', { name: 'Spacing', exact: true }).click(),
  },
  {
    name: 'bench, leading',
    path: '/tidewick/crew-tablet',
    open: (page) => page.getByRole('button', { name: 'Leading', exact: true }).click(),
  },
  {
    name: 'bench, measuring dark page',
    path: '/tidewick/crew-tablet',
    open: async (page) => {
      await page.getByLabel('Backdrop').selectOption('dark-page');
      await page.getByRole('button', { name: 'Distance' }).click();
      await page.getByRole('application').focus();
      await page.keyboard.press('Shift+ArrowDown');
    },
  },
  {
    name: 'overlay colours',
    path: '/tidewick/crew-tablet',
    open: (page) => page.getByRole('button', { name: 'Overlays…' }).click(),
  },
  { name: 'type rhythm', path: '/tidewick/passenger-site/type' },
  { name: 'type rhythm, empty', path: '/tidewick/e-mail-timetable/type' },
  { name: 'layouts', path: '/tidewick/passenger-site/layouts' },
  {
    name: 'layouts, a block chosen, all screens',
    path: '/tidewick/passenger-site/layouts',
    open: async (page) => {
      await page.getByRole('button', { name: 'All screens' }).click();
      await page.locator('[data-block=promise]').first().click();
    },
  },
  {
    name: 'layouts, words typed on a page that is read from right to left',
    path: '/tidewick/passenger-site/layouts',
    open: async (page) => {
      await page.getByRole('button', { name: 'Right to left' }).click();
      await page.locator('[data-page] [data-block=promise]').dblclick();
      await page.getByText(/^\d of \d lines$/).waitFor();
    },
  },
  {
    name: 'new layout',
    path: '/tidewick/crew-tablet/layouts',
    open: (page) => page.getByRole('button', { name: 'New layout' }).click(),
  },
  {
    name: 'reading in',
    path: '/tidewick/passenger-site',
    open: async (page) => {
      await page.getByRole('button', { name: 'Import' }).click();
      await page
        .getByLabel('Or paste it here')
        .fill('Name,From,Columns,Gutter,Colour\nPhone,0,4,16,red\nWide,2200,12,24,red');
      await page.getByLabel('Wide imports to').waitFor();
    },
  },
  {
    name: 'a site against an edition',
    path: '/tidewick/ticket-kiosk/editions/1.0.0/compare',
    open: async (page) => {
      await page
        .getByLabel('Or paste it here')
        .fill('.page { display: grid; grid-template-columns: repeat(6, 1fr); gap: 20px; padding: 0 40px }');
      await page.getByRole('heading', { name: 'Drawn' }).waitFor();
    },
  },
  { name: 'review', path: '/tidewick/passenger-site/review' },
  {
    name: 'comparison',
    // against a named edition: other tests publish, and then the draft is like the newest one
    path: '/tidewick/passenger-site/comparison?before=1.0.0',
    open: async (page) => {
      await page.getByText('Result').click();
      await page.getByRole('button', { name: 'Front page' }).click();
    },
  },
  { name: 'remarks', path: '/tidewick/passenger-site/remarks' },
  {
    name: 'a remark',
    path: '/tidewick/crew-tablet',
    open: async (page) => {
      await page.getByRole('button', { name: 'Comment' }).click();
      await page.getByLabel('Your comment').waitFor();
    },
  },
  { name: 'history', path: '/tidewick/passenger-site/history' },
  { name: 'followers', path: '/tidewick/ticket-kiosk/followers' },
  { name: 'editions, one withdrawn', path: '/tidewick/ticket-kiosk/editions' },
  { name: 'people', path: '/people/tidewick' },
  { name: 'starting sets', path: '/sets/tidewick' },
  { name: 'web hooks', path: '/hooks/tidewick' },
  { name: 'log', path: '/log/tidewick' },
  { name: 'notices', path: '/notices' },
  { name: 'account', path: '/account' },
  { name: 'guide', path: '/guide/for-developers' },
  { name: 'rules', path: '/tidewick/departure-board/rules' },
  { name: 'publish', path: '/tidewick/passenger-site/publish' },
  { name: 'editions', path: '/tidewick/passenger-site/editions' },
  { name: 'reading page', path: '/tidewick/ticket-kiosk/editions/1.0.0' },
];

// each stands alone, so that two workers share the longest file
test.describe.configure({ mode: 'parallel' });

test('sign-in', async ({ page }) => {
  await page.goto('/sign-in');
  await inspect(page);
});

/** Another part of a view that is looked at already: its dialogs, its other ways to show. */
const isPart = (name: string): boolean => /^(bench|layouts|sweep|survey|type rhythm|editions), /.test(name);

// views in light and in dark by turns; `YPSILINE_LONG=1` takes each in both, and their parts
const shown = VIEWS.filter((view) => process.env.YPSILINE_LONG || !isPart(view.name));
for (const [index, { name, path, open }] of shown.entries()) {
  test(name, async ({ signedIn: page }) => {
    await page.goto(path);
    await open?.(page);
    await inspect(page, process.env.YPSILINE_LONG ? ['light', 'dark'] : [index % 2 === 0 ? 'light' : 'dark']);
  });
}
