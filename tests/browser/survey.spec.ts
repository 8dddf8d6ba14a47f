import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { drawn } from '../survey/generator';
import { pageHtml } from '../survey/drawn-page';
import { CARDS, pasteList } from './survey-page';

const SURVEY = '/tidewick/passenger-site/survey';
/** A page rendered to a PNG, with the truth of its grid. */
async function pngOf(page: Page, seed: number): Promise<{ file: Buffer; truth: ReturnType<typeof drawn>['truth'] }> {
  const { screen, truth } = drawn(seed, 'plain');
  const drawing = await page.context().newPage();
  await drawing.setViewportSize({ width: screen.width, height: 800 });
  await drawing.setContent(pageHtml(screen, seed));
  const file = await drawing.screenshot({ fullPage: true });
  await drawing.close();
  return { file, truth };
}

const bring = (page: Page, name: string, mimeType: string, buffer: Buffer): Promise<void> =>
  page.getByLabel('Files to survey').setInputFiles({ name, mimeType, buffer });
const listed = (page: Page, name: RegExp) => page.getByRole('list', { name: 'Screens' }).getByRole('button', { name });
const best = (page: Page) =>
  page.getByRole('list', { name: 'Matching grids' }).getByRole('listitem').filter({ hasNotText: 'Your grid' }).first();

test('a picture is read, corrected, and its grid taken into the sheet and back', async ({ signedIn: page }) => {
  await page.goto(SURVEY);
  const { file, truth } = await pngOf(page, 11);
  await bring(page, 'staging.png', 'image/png', file);
  await expect(best(page)).toContainText(`gutter ${truth.gutter}`);
  const drawing = page.getByRole('group', { name: /^staging: arrows go through/ });
  await expect(page.getByText(/^1136 × \d+, \d+ boxes$/)).toBeVisible();

  // a box removed by keys, and brought back
  const count = async (): Promise<number> =>
    Number(/(\d+) boxes/.exec((await listed(page, /^staging/).textContent()) ?? '')?.[1]);
  const before = await count();
  await drawing.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('start of the box, px')).toBeVisible();
  await page.keyboard.press('Delete');
  await expect.poll(count).toBe(before - 1);
  await page.getByRole('button', { name: 'Undo correction' }).click();
  await expect.poll(count).toBe(before);

  // an edge nudged in the field and by keys
  await drawing.focus();
  await page.keyboard.press('ArrowRight');
  const start = page.getByLabel('start of the box, px');
  const at = Number(await start.inputValue());
  await start.fill(String(at + 4));
  await start.press('Enter');
  await expect(start).toHaveValue(String(at + 4));
  await drawing.focus();
  await page.keyboard.press('Alt+Shift+ArrowLeft');
  await expect(start).toHaveValue(String(at + 3));

  // a part left out with the pointer
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Exclude area' }).click();
  const box = (await drawing.boundingBox())!;
  await page.mouse.move(box.x + 40, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width - 40, box.y + 300, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(/boxes and \d+ excluded/)).toBeVisible();
  await page.getByRole('button', { name: 'Include part 1 again' }).click();
  await expect(page.getByText(/left out$/)).toHaveCount(0);

  await best(page).getByRole('radio').check();
  await best(page).getByRole('button', { name: 'Apply to sheet…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: /^New breakpoint from 1136 px/ }).check();
  await dialog.getByRole('button', { name: 'Apply to sheet' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Ctrl+Z undoes it' })).toContainText(
    `${truth.count} columns`,
  );
  await page.getByRole('link', { name: 'Go to Bench' }).click();
  const cell = page.getByRole('gridcell', { name: /^Gutter, Breakpoint 6: / });
  await expect(cell).toContainText(String(truth.gutter));
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cell).toHaveCount(0);
});

test('a list of boxes: its grid, its slips as one cause, as CSV; and it is there after a reload', async ({
  signedIn: page,
}) => {
  await page.goto(SURVEY);
  await pasteList(page, CARDS);
  await expect(best(page)).toContainText('4 columns, gutter 16');
  await expect(best(page)).toContainText('20 + 4 × 81 + 3 × 16 + 20');
  const off = page.getByRole('region', { name: 'Off grid' });
  await expect(off).toContainText('6 boxes start 3 px late');
  await expect(off.getByRole('row')).toHaveCount(7);
  await off.getByRole('button', { name: 'Box', exact: true }).click();
  await expect(off.getByRole('row').nth(1)).toContainText('Card 1.3, start');
  const saved = page.waitForEvent('download');
  await off.getByRole('button', { name: 'CSV' }).click();
  const csv = readFileSync((await (await saved).path())!, 'utf8').split('\r\n');
  expect(csv[1]).toBe('6 boxes start 3 px late,"Screen, 412",Card 1.3,start,217,214,3');
  await expect(page.getByRole('region', { name: 'Down the page' })).toContainText('40 px');
  await page.reload();
  await expect(best(page)).toContainText('4 columns, gutter 16');

  // the spec’s own grid, which is the same, and a trial layout on it
  await page.getByRole('radio', { name: /^Your grid: Phone/ }).check();
  await expect(off).toContainText('6 boxes start 3 px late');
  await page.getByRole('button', { name: 'Make a trial layout' }).click();
  await page.getByRole('link', { name: 'Go to Layouts' }).click();
  await expect(page.getByRole('combobox', { name: 'Layout', exact: true })).toContainText('Screen, 412');
  await page.getByRole('button', { name: 'Undo' }).click();
});

test('a saved page is measured at several widths; its scripts do not run, and nothing is fetched', async ({
  signedIn: page,
}) => {
  await page.goto(SURVEY);
  const { origin } = new URL(page.url());
  const elsewhere: string[] = [];
  page.on('request', (request) => {
    if (/^https?:/.test(request.url()) && !request.url().startsWith(origin)) elsewhere.push(request.url());
  });
  const html = `<!doctype html><html><head>
    <meta http-equiv="refresh" content="0;url=http://elsewhere.example/">
    <base href="http://elsewhere.example/"><link rel="stylesheet" href="http://elsewhere.example/a.css">
    <style>@import url(http://elsewhere.example/b.css); body { margin: 0; background: url(http://elsewhere.example/c.png) }
      main { max-width: 1296px; margin: 0 auto; padding: 24px 20px; display: grid; grid-template-columns: repeat(4, minmax(0, 1fr)); gap: 16px }
      @media (min-width: 900px) { main { grid-template-columns: repeat(12, minmax(0, 1fr)); gap: 24px } .wide { grid-column: span 3 } }
      .card { background: #dde; height: 120px }</style>
    <script>parent.document.title = 'taken'; fetch('http://elsewhere.example/d')</script></head>
    <body onload="parent.document.title = 'taken'"><main>
      ${'<div class="card wide">Card</div>'.repeat(16)}
      <iframe src="http://elsewhere.example/e"></iframe><img src="http://elsewhere.example/f.png" width="40" height="40">
      <form action="javascript:parent.document.title='taken'"><input autofocus></form><a href="javascript:alert(1)">x</a>
      <object data="http://elsewhere.example/g"></object></main></body></html>`;
  await bring(page, 'front.html', 'text/html', Buffer.from(html));
  const dialog = page.getByRole('dialog', { name: 'Measure front' });
  await dialog.getByLabel('Widths (px)').fill('412, 1512, 1920');
  await dialog.getByRole('button', { name: 'Measure page' }).click();
  await expect(best(page)).toContainText('4 columns, gutter 16');
  await listed(page, /^front, 1512/).click();
  await expect(best(page)).toContainText('gutter 24');
  await expect(
    page.getByText(/^Together, at 412, 1512, 1920: margins of 20 px, .* stops at 1296 px from 1512 on/),
  ).toBeVisible();
  await expect(page).toHaveTitle(/Survey/);
  expect(elsewhere).toEqual([]);
});

test('a survey is kept with the spec, opened again, and compared with the spec as it is now', async ({
  signedIn: page,
}) => {
  await page.goto(SURVEY);
  await pasteList(page, CARDS);
  await expect(best(page)).toContainText('4 columns, gutter 16');
  await page.getByRole('button', { name: 'Save survey…' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Cards in March');
  await page.getByRole('dialog').getByRole('button', { name: 'Save survey' }).click();
  const kept = page.getByRole('region', { name: 'Saved surveys' });
  await expect(kept.getByRole('listitem').first()).toContainText('1 screen, 6 off');
  await page.getByRole('button', { name: 'New survey' }).click();
  await expect(page.getByRole('heading', { name: /^Add screenshots/ })).toBeVisible();
  await kept.getByRole('button', { name: 'Cards in March', exact: true }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Cards in March' })).toContainText(
    /6 were off on .+; against the spec as it is now, 6 are\./,
  );
  await expect(best(page)).toContainText('4 columns, gutter 16');
  await kept.getByRole('button', { name: 'First build, staging', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Screens and breakpoints' }).getByRole('row')).toHaveCount(10);
  await kept.getByRole('button', { name: 'Remove Cards in March' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(kept.getByRole('button', { name: 'Cards in March', exact: true })).toHaveCount(0);
});

test('what cannot be read is said in a sentence each @long', async ({ signedIn: page }) => {
  test.setTimeout(400_000);
  await page.goto(SURVEY);
  const says = (sentence: string | RegExp) =>
    expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
  await bring(page, 'plan.png', 'image/png', Buffer.from('%PDF-1.7 a plan'));
  await says('plan isn’t a picture Survey can read. Use a PNG, JPEG or WebP.');
  await bring(page, 'moving.gif', 'image/gif', Buffer.from('474946383961640064008000', 'hex'));
  await says('moving is a GIF. Use a PNG, JPEG or WebP.');
  await bring(page, 'huge.png', 'image/png', pngHeader(30_000, 30_000));
  await says('huge is 30,000 × 30,000 pixels; at most 64 million can be read. Cut it in two.');
  await bring(page, 'broken.png', 'image/png', pngHeader(800, 600));
  await says('broken is damaged');
  await bring(page, 'notes.docx', 'application/msword', Buffer.from('PK'));
  await says('notes.docx can’t be surveyed');
  await bring(page, 'big.html', 'text/html', Buffer.alloc(20 * 1024 * 1024, 'a'));
  await says('big.html has 20 MB; a saved page can have up to 8.');
  const blank = await page.context().newPage();
  await blank.setContent('<body style="background: #eee">');
  await bring(page, 'blank.png', 'image/png', await blank.screenshot());
  await says('blank has no boxes');
  await page.evaluate(() => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', Array(100_000).fill('1,2,3,4').join('\n'));
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  });
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('A list of 100,000 lines')).toBeVisible();
  await dialog.getByRole('button', { name: 'Survey boxes' }).click();
  await expect(dialog.getByRole('alert')).toContainText('A survey can have up to 20,000 boxes');
  await dialog.getByRole('button', { name: 'Use another' }).click();
  for (const [list, sentence] of [
    ['20,80,-4,40', 'a box is more than 0 px wide and high'],
    ['20,80,NaN,40', 'width is “NaN”'],
    ['900,80,40,40', 'outside a screen of 412 px'],
  ] as const) {
    await dialog.getByLabel(/^One box per line/).fill(list);
    await dialog.getByLabel('Screen width (px)').fill('412');
    await dialog.getByRole('button', { name: 'Survey boxes' }).click();
    await expect(dialog.getByRole('alert')).toContainText(sentence);
  }
});

/** The beginning of a PNG of a size, and no more. */
function pngHeader(width: number, height: number): Buffer {
  const size = Buffer.alloc(8);
  size.writeUInt32BE(width, 0);
  size.writeUInt32BE(height, 4);
  return Buffer.concat([
    Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex'),
    size,
    Buffer.from('0802000000', 'hex'),
    Buffer.alloc(64),
  ]);
}

test('who comes without a survey sees the last one that was kept; one begun anew stays', async ({ signedIn: page }) => {
  await page.goto(SURVEY);
  await expect(page.getByText(/^First build, staging: \d+ were off on/)).toBeVisible();
  await expect(listed(page, /^Front page, 1512/)).toBeVisible();
  // screens that come begin one of their own, and the kept one stays as it is
  await pasteList(page, CARDS);
  await expect(page.getByRole('list', { name: 'Screens' }).getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('region', { name: 'Saved surveys' }).getByRole('listitem').first()).toContainText(
    '9 screens',
  );
  await page.getByRole('button', { name: 'New survey' }).click();
  await page.reload();
  await expect(page.getByRole('heading', { name: /^Add screenshots/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'First build, staging', exact: true })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Screens' }).getByRole('button')).toHaveCount(0);
});
