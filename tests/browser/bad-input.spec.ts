import { practiceSpec } from '../../core/spec/testing';
import { PASSENGER_STYLES } from '../../scripts/demo/text-styles';
import { cell, expect, makeSpec, openBench, saved, test, type } from './app';

const spec = practiceSpec('Slips of the finger');

test('each wrong text gets its sentence, stays in its cell, and changes nothing', async ({ signedIn: page }) => {
  await openBench(page, spec);
  // right at the cell
  const says = page.getByRole('alert').filter({ hasText: /isn’t|below|too many|at least|possible/ });
  for (const [quantity, text, sentence] of [
    [
      'Gutter',
      'wide',
      '“wide” isn’t a length. Enter a number with px, rem, %, vw, pt, mm or in, such as 24 or 1.5rem.',
    ],
    ['Margin', '1e9', '“1e9” isn’t a length. Write out the digits, such as 1512.'],
    ['Column', '-5', '“-5” is below zero. Enter 0 or more.'],
    ['Count', '0', 'A grid needs at least 1 column. Enter a number from 1 to 64, such as 12.'],
    ['Count', '65', '65 columns are too many; the maximum is 64.'],
  ] as const) {
    await cell(page, quantity, 'Phone').click();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    await expect(says).toHaveText(sentence);
    const [at, box] = [(await says.boundingBox())!, (await cell(page, quantity, 'Phone').boundingBox())!];
    expect(Math.min(Math.abs(at.y - box.y - box.height), Math.abs(box.y - at.y - at.height))).toBeLessThan(12);
    // looking elsewhere keeps the text where it was typed; Esc puts back what was there
    await cell(page, 'From width', 'Tablet').click();
    await expect(cell(page, quantity, 'Phone')).toHaveText(text);
    await cell(page, quantity, 'Phone').click();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: `${quantity}, Phone` })).toHaveValue(text);
    await page.keyboard.press('Escape');
  }
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('16');
  await expect(saved(page)).toHaveText(/^Draft 1/);
});

test('two breakpoints at one width are refused at the cell; those of a document are reported', async ({
  signedIn: page,
}) => {
  await openBench(page, spec);
  await type(page, 'From width', 'Tablet', '1200');
  await expect(page.getByRole('alert').filter({ hasText: 'Desktop already starts at 1200 px.' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(cell(page, 'From width', 'Tablet')).toHaveText('600');
  const twice = spec.breakpoints.map((each) => (each.id === 'tablet' ? { ...each, from: 1200 } : each));
  await openBench(page, { ...spec, name: 'Twice', breakpoints: twice });
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText(
    'both start at 1200 px. Only one of them can apply. Change one of the widths.',
  );
});

test('a paste of 2 MB, or of one wrong cell, changes nothing and says so', async ({ signedIn: page }) => {
  await openBench(page, spec);
  await cell(page, 'Gutter', 'Phone').click();
  await page.evaluate(() => navigator.clipboard.writeText('8\t'.repeat(1_000_000)));
  await page.keyboard.press('Control+v');
  await expect(
    page.getByText('The clipboard holds 2,000,000 characters; you can paste up to 50,000. Nothing was pasted.'),
  ).toBeVisible();
  await page.evaluate(() => navigator.clipboard.writeText('8\twide'));
  await page.keyboard.press('Control+v');
  await expect(page.getByText('Gutter, Tablet: “wide” isn’t a length.')).toBeVisible();
  await expect(cell(page, 'Gutter', 'Phone')).toHaveText('16');
});

test('documents that cannot be read are refused with their place', async ({ signedIn: page }) => {
  const send = async (document: unknown) => {
    const answer = await page.request.post('/api/teams/tidewick/specs', { data: { document } });
    expect(answer.headers()['content-type']).toBe('application/problem+json');
    return (await answer.json()) as { status: number; detail: string; problem: string };
  };
  // problem details (RFC 9457, section 3.1)
  expect(await send({ ...spec, ypsiline: 99 })).toMatchObject({
    type: 'about:blank',
    status: 422,
    code: 'not-taken',
    detail: 'This document is of version 99; this Ypsiline reads versions up to 5. Open it with a newer one.',
  });
  expect((await send({ ...spec, colour: 'red' })).problem).toBe('“colour” is a key that does not belong here.');
  expect((await send({ ...spec, name: 'x'.repeat(2_000_000) })).status).toBe(413);
  const noJson = await page.request.post('/api/teams/tidewick/specs', {
    data: Buffer.from('{'),
    headers: { 'Content-Type': 'application/json' },
  });
  expect(await noJson.json()).toMatchObject({ code: 'malformed', detail: 'The request body isn’t JSON.' });
});

test('remarks of 1 MB, with control characters, or of nothing are refused; markup is text', async ({
  signedIn: page,
  app,
}) => {
  const slug = await makeSpec(page.request, { ...spec, name: 'Said of' });
  const [made] = await app.sql<{ id: string }[]>`select id from specs where slug = ${slug}`;
  const write = async (data: object) => {
    const answer = await page.request.post(`/api/specs/${made!.id}/remarks`, { data });
    return [answer.status(), ((await answer.json()) as { problem?: string }).problem];
  };
  expect(await write({ text: 'x'.repeat(1_000_000) })).toEqual([413, expect.stringMatching(/^This is too large/)]);
  expect(await write({ text: 'x'.repeat(5_001) })).toEqual([400, expect.stringMatching(/at most 5,000 characters/)]);
  expect(await write({ text: 'a\u0007b' })).toEqual([400, expect.stringMatching(/control character/)]);
  expect(await write({ text: '' })).toEqual([400, expect.stringMatching(/Enter a comment/)]);
  expect(await write({ text: 'x', mentions: ['999999'] })).toEqual([422, expect.stringMatching(/isn’t in this team/)]);
  expect((await write({ text: '<img src=x onerror=alert(1)>', about: '<b>All</b>' }))[0]).toBe(201);
  await page.goto(`/tidewick/${slug}/remarks`);
  await expect(page.getByText('<img src=x onerror=alert(1)>')).toBeVisible();
});

test('a request from another site changes nothing', async ({ signedIn: page }) => {
  const answer = await page.request.post('/api/teams/tidewick/specs', {
    data: { document: spec },
    headers: { Origin: 'https://elsewhere.example' },
  });
  expect(answer.status()).toBe(403);
});

test('many breakpoints with long names push no view sideways @long', async ({ signedIn: page }) => {
  const [first] = practiceSpec('Many').breakpoints;
  const breakpoints = Array.from({ length: 24 }, (_, index) => ({
    ...first!,
    id: `range-${index}`,
    name: `Range ${index} ${'of a very long name '.repeat(3)}`.slice(0, 60),
    from: index * 100,
    reference: { width: index * 100 + 50, height: 900 },
  }));
  const type = PASSENGER_STYLES.map((style) => ({ ...style, at: { 'range-0': Object.values(style.at)[0]! } }));
  const slug = await makeSpec(page.request, { ...practiceSpec('Many'), breakpoints, type });
  for (const view of ['', '/finder', '/sweep', '/type', '/rules']) {
    await page.goto(`/tidewick/${slug}${view}`);
    const beyond = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(beyond, view || '/bench').toBeLessThanOrEqual(0);
  }
});
