import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { practiceSpec } from '../../core/spec/testing';
import { shippedPath } from '../../server/fonts/shipped-files';
import { expect, makeSpec, saved, test } from './app';

const spec = practiceSpec('Set in type');

async function openType(page: Page): Promise<string> {
  const slug = await makeSpec(page.request, spec);
  await page.goto(`/tidewick/${slug}/type`);
  await page.getByRole('button', { name: 'Start with body text' }).click();
  await expect(page.getByRole('gridcell', { name: 'Size, Phone: 16' })).toBeVisible();
  return slug;
}

const commit = async (page: Page, field: string, text: string): Promise<void> => {
  await page.getByRole('gridcell', { name: new RegExp(`^${field}: `) }).click();
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
};

test('a first style is on the grid; its numbers follow what is typed, and undo takes it back', async ({
  signedIn: page,
}) => {
  const slug = await openType(page);
  const table = page.getByRole('table', { name: 'Resulting values of body at every breakpoint' });
  await expect(table.getByRole('row', { name: /^First baseline/ })).toContainText('17.608');
  await expect(table.getByRole('row', { name: /^Move down to the grid/ })).toContainText('2.392');
  await commit(page, 'Leading, Phone', '1.75');
  await expect(table.getByRole('row', { name: /^Line height/ })).toContainText('1.75');
  await expect(page.getByRole('gridcell', { name: 'Leading, Phone: 1.75 ×, 28 px' })).toBeVisible();
  await commit(page, 'Size, Desktop', '16 to 20 over 600 to 1440');
  await expect(page.getByRole('gridcell', { name: /^Size, Desktop: 16 to 20 over 600 to 1440/ })).toContainText('20');
  await commit(page, 'Size, Tablet', 'large');
  await expect(page.getByText('“large” isn’t a length. Enter a number with px')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('gridcell', { name: 'Size, Desktop: 16' })).toBeVisible();
  await expect(saved(page)).toHaveText(/^Draft [2-9]/);
  await page.goto(`/tidewick/${slug}/type`);
  await expect(page.getByRole('gridcell', { name: 'Leading, Phone: 1.75 ×, 28 px' })).toBeVisible();
});

test('a leading off the grid is a finding that leads here, and a suggestion puts it right', async ({
  signedIn: page,
}) => {
  const slug = await openType(page);
  await page.getByRole('button', { name: 'Tablet' }).click();
  await commit(page, 'Leading, Tablet', '25');
  await page.getByRole('link', { name: 'Bench' }).click();
  const finding = page.getByRole('button', { name: /^body has a leading of 25 px on baselines of 4/ });
  await finding.click();
  await expect(page).toHaveURL(new RegExp(`/tidewick/${slug}/type#body$`));
  await page.getByRole('group', { name: 'Leadings on the grid' }).getByRole('button', { name: /^28/ }).click();
  await expect(page.getByRole('gridcell', { name: 'Leading, Tablet: 28' })).toBeVisible();
});

test('names, fonts, what stands on the grid; as it falls and on the grid @long', async ({ signedIn: page }) => {
  await openType(page);
  await page.getByRole('textbox', { name: 'Style name' }).fill('Body Text');
  await page.keyboard.press('Enter');
  await expect(page.getByText('can’t be a style name, because it becomes a CSS class')).toBeVisible();
  await page.getByRole('textbox', { name: 'Style name' }).fill('running');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^running/ })).toHaveAttribute('aria-pressed', 'true');
  const drawing = page.getByRole('img', { name: /^running:/ });
  await expect(drawing).toHaveAccessibleName(
    /is 17.608 px below the top of its box, moved down by 2.392 px onto the grid/,
  );
  await page.getByRole('button', { name: 'Natural position' }).click();
  await expect(drawing).toHaveAccessibleName(/is 17.608 px below the top of its box$/);
  await page.getByLabel('Aligns by').selectOption('caps');
  await expect(page.getByRole('row', { name: /^Trim above/ })).toBeVisible();
  await page.getByLabel('Font', { exact: true }).selectOption('shipped:jetbrains-mono');
  await expect(page.getByText('Metrics of JetBrains Mono')).toBeVisible();
  expect(await page.evaluate(() => document.fonts.check("16px 'ypsiline-shipped-jetbrains-mono'"))).toBe(true);
  await page.getByRole('button', { name: 'Heading' }).click();
  await expect(page.getByRole('list', { name: 'Text styles' }).getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Remove style' }).click();
  await expect(page.getByRole('list', { name: 'Text styles' }).getByRole('listitem')).toHaveCount(1);
});

test.describe('font files', () => {
  const bring = (page: Page, name: string, buffer: Buffer) =>
    page.getByLabel('Font file').setInputFiles({ name, mimeType: 'font/woff2', buffer });

  test('a good one is measured, kept for the team, and set', async ({ signedIn: page }) => {
    await openType(page);
    await bring(page, 'Our Zilla.woff2', readFileSync(shippedPath('zilla-slab')));
    await expect(page.getByText('Zilla Slab uploaded for the team.')).toBeVisible();
    await expect(page.getByText('Metrics of Zilla Slab')).toBeVisible();
    await expect
      .poll(() =>
        page.evaluate(() =>
          [...document.fonts].some(({ family, status }) => family.startsWith('ypsiline-team-') && status === 'loaded'),
        ),
      )
      .toBe(true);
    await expect(saved(page)).toHaveText(/^Draft [2-9]/);
    const other = await makeSpec(page.request, spec);
    await page.goto(`/tidewick/${other}/type`);
    await page.getByRole('button', { name: 'Start with body text' }).click();
    await expect(
      page.getByLabel('Font', { exact: true }).getByRole('option', { name: 'Zilla Slab', exact: true }),
    ).toHaveCount(2); // the shipped one, and the one that was brought
  });

  test('bad ones are refused with a sentence, and the style stays as it is', async ({ signedIn: page }) => {
    const woff2 = readFileSync(shippedPath('vollkorn'));
    const cases: [string, Buffer, string][] = [
      ['empty.woff2', Buffer.alloc(0), 'empty.woff2: This file is empty. Choose a TTF, OTF, WOFF or WOFF2 font.'],
      ['cut.woff2', woff2.subarray(0, 5000), 'cut.woff2: This font is incomplete: it should have '],
      [
        'letter.otf',
        Buffer.from('Dear team'),
        'letter.otf: This isn’t a font file. Choose a TTF, OTF, WOFF or WOFF2 font.',
      ],
      ['large.ttf', Buffer.alloc(6 * 1024 * 1024), 'large.ttf has 6.0 MB; a font can have up to 5 MB.'],
      [
        'drawing.ttf',
        Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
        'drawing.ttf: This isn’t a font file: it’s an SVG drawing',
      ],
    ];
    await openType(page);
    for (const [name, file, sentence] of cases) {
      await bring(page, name, file);
      await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
      await expect(page.getByLabel('Font', { exact: true })).toHaveValue('shipped:source-serif-4');
    }
  });

  test('50 MB that are sent all the same are refused by the server, which goes on serving', async ({
    signedIn: page,
  }) => {
    const answer = await page.request.post('/api/teams/tidewick/fonts', { data: Buffer.alloc(50 * 1024 * 1024) });
    expect(answer.status()).toBe(413);
    expect(await answer.json()).toMatchObject({ detail: 'This file has 50 MB; a font can have up to 5 MB.' });
    expect((await page.request.get('/api/teams/tidewick/fonts/vollkorn')).headers()['content-type']).toBe('font/woff2');
    expect((await page.request.get('/api/teams/tidewick/fonts/..%2f..%2fpackage')).status()).toBe(404);
  });
});

test('text sizes are a sheet: one text for several breakpoints, keys, clipboard, follow again', async ({
  signedIn: page,
}) => {
  await openType(page);
  const at = (label: string) => page.getByRole('gridcell', { name: new RegExp(`^${label}: `) });
  await at('Size, Tablet').click();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.type('18');
  await page.keyboard.press('Enter');
  await expect(at('Size, Phone')).toHaveText('16');
  await expect(at('Size, Tablet')).toHaveText('18');
  await expect(at('Size, Desktop')).toHaveText('18');
  await expect(at('Leading, Desktop')).toBeFocused();
  await at('Size, Phone').click();
  await page.keyboard.press('Alt+R');
  await expect(at('Size, Desktop')).toHaveText('16');
  await page.keyboard.press('ControlOrMeta+Z');
  await expect(at('Size, Desktop')).toHaveText('18');
  await at('Size, Phone').click();
  await page.keyboard.press('ControlOrMeta+C');
  await at('Size, Tablet').click();
  await page.keyboard.press('ControlOrMeta+V');
  await expect(at('Size, Tablet')).toHaveText('16');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Delete');
  await expect(at('Size, Desktop')).toHaveText('16');
  await page.keyboard.type('huge');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '“huge” isn’t a length' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(at('Size, Desktop')).toHaveText('16');
});
