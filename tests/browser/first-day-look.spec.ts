import { practiceSpec } from '../../core/spec/testing';
import { cell, expect, openBench, test, type } from './app';

/** What a new designer looks at on a first day: nothing is cut, covered or out of reach. */

const DEMO = '/tidewick/passenger-site';

test('at 1024 × 768 five breakpoints are whole, and no value is cut though there is room', async ({
  signedIn: page,
}) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await page.goto(DEMO);
  for (const name of ['Phone', 'Wide'])
    await expect(cell(page, 'Design size', name), name).toBeInViewport({ ratio: 1 });
  const cut = await page
    .locator('[role=gridcell] span')
    .evaluateAll((spans) =>
      spans
        .filter((span) => getComputedStyle(span).textOverflow === 'ellipsis' && span.scrollWidth > span.clientWidth + 1)
        .map((span) => span.textContent),
    );
  // a note is longer than any cell
  expect(cut.filter((text) => !text?.startsWith('Trying'))).toEqual([]);
});

test('the menu of a choice and what is wrong with a value stand at their cell, over whatever is there @long', async ({
  signedIn: page,
}) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await page.goto(DEMO);
  for (const quantity of ['Rule', 'Alignment']) {
    await cell(page, quantity, 'Wide').click();
    await page.keyboard.press('Enter');
    const last = page.getByRole('option').last();
    await expect(last).toBeInViewport({ ratio: 1 });
    const isOnTop = await last.evaluate((option) => {
      const { x, y, width, height } = option.getBoundingClientRect();
      return option.contains(document.elementFromPoint(x + width / 2, y + height / 2));
    });
    expect(isOnTop, quantity).toBe(true);
    await page.keyboard.press('Escape');
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${DEMO}/layouts`);
  const place = page.getByRole('gridcell', { name: /^Headline, Wide: / });
  await place.click();
  await page.keyboard.type('nowhere');
  await page.keyboard.press('Enter');
  const says = page.getByRole('alert').filter({ hasText: 'Enter columns, such as 2–6' });
  await expect(says).toBeInViewport({ ratio: 1 });
  const [at, box] = [(await says.boundingBox())!, (await place.boundingBox())!];
  expect(Math.min(Math.abs(at.y - box.y - box.height), Math.abs(box.y - at.y - at.height))).toBeLessThan(12);
});

test('what must be fixed stands first, whatever is selected @long', async ({ signedIn: page }) => {
  await openBench(page, practiceSpec('Must be fixed first'));
  await type(page, 'Gutter', 'Phone', '7');
  await type(page, 'Margin', 'Desktop', '700');
  const first = page.getByRole('region', { name: 'Findings' }).getByRole('listitem').first();
  for (const breakpoint of ['Phone', 'Tablet', 'Desktop']) {
    await cell(page, 'Gutter', breakpoint).click();
    await expect(first, breakpoint).toContainText('Must fix');
  }
});

test('the wordmark leads where it says @long', async ({ signedIn: page }) => {
  await page.goto(`${DEMO}/publish`);
  await page.getByRole('link', { name: 'Ypsiline, all specifications of Tidewick Ferries' }).click();
  await expect(page).toHaveURL(/\/tidewick$/);
  await expect(page.getByRole('link', { name: 'Ticket kiosk' }).first()).toBeVisible();
});

test('on paper nothing of the reading page is cut or scrolls', async ({ signedIn: page }) => {
  await page.goto(`${DEMO}/editions/1.0.0`);
  await page.emulateMedia({ media: 'print' });
  // A4 between margins of 10 mm, in CSS px
  await page.setViewportSize({ width: 718, height: 1000 });
  const cut = await page
    .locator('main *')
    .evaluateAll((all) =>
      all
        .filter(
          (each) =>
            each.getClientRects().length > 0 &&
            ['auto', 'scroll'].includes(getComputedStyle(each).overflowX) &&
            each.scrollWidth > each.clientWidth + 1,
        )
        .map((each) => each.className),
    );
  expect(cut).toEqual([]);
  const drawings = await page
    .locator('main figure svg, main section svg')
    .evaluateAll((all) => all.map((each) => each.getBoundingClientRect().right));
  expect(Math.max(...drawings)).toBeLessThanOrEqual(720);
  await page.emulateMedia({ media: 'screen' });
});
