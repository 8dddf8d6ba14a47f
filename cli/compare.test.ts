import { expect, test } from 'vitest';
import { STARTING_SETS } from '../core/document/defaults';
import { gridCss } from '../core/formats/grid-css/grid-css';
import { answer } from './answer';

const spec = STARTING_SETS[0]!.spec('Trial');
const css = gridCss(spec, { version: '1.0.0', published: '2026-11-26', sha256: 'ab' });
const files: Record<string, string> = {
  'spec.json': JSON.stringify(spec),
  'same.css': css,
  'off.css': css.replaceAll('--grid-gutter: 24px', '--grid-gutter: 20px'),
  'none.css': 'a { color: red }',
  'turned.css': `${css}\n@media (orientation: portrait) { .grid { column-gap: 3px } }`,
  'unsure.css':
    '.a { display: grid; grid-template-columns: repeat(6, 1fr); gap: 8px } .b { display: grid; grid-template-columns: repeat(6, 1fr); gap: 20px }',
  'archive.css': 'PK\u0003\u0004',
};
const read = (file: string): string => {
  if (files[file] === undefined) throw new Error('no such file');
  return files[file];
};
const call = (...args: string[]) => answer(['compare', ...args], read);

test('a site that does what the specification says', async () => {
  expect(await call('spec.json', 'same.css')).toEqual({
    text: 'The page’s grid: .grid\nEverything checked matches the specification.\n24 checks, 0 of them off.',
    status: 0,
  });
});

test('what is off ends with 1, and is written for build servers', async () => {
  const { text, files: written, status } = await call('spec.json', 'off.css', '--junit', 'out.xml', '--json');
  expect(status).toBe(1);
  expect(JSON.parse(text!).checks.filter(({ verdict }: { verdict: string }) => verdict !== 'same')).toHaveLength(1);
  expect(written!.map(({ path }) => path)).toEqual(['out.xml']);
  expect(String(written![0]!.text)).toContain('failures="1"');
});

test('a grid beside the main one, by its own class', async () => {
  const grids = [{ id: 'article', name: 'Article', at: { [spec.breakpoints[0]!.id]: { columns: { count: 2 } } } }];
  const beside = { ...spec, grids };
  files['beside.json'] = JSON.stringify(beside);
  files['beside.css'] = gridCss(beside, { version: '1.0.0', published: '2026-11-26', sha256: 'ab' });
  expect((await call('beside.json', 'beside.css', '--grid', 'article')).text).toContain(
    '.grid-article\nEverything checked',
  );
  // the main grid is another on the phone
  expect((await call('beside.json', 'same.css', '--grid', 'article')).status).toBe(1);
  expect((await call('beside.json', 'same.css', '--grid', 'story')).problem).toContain(
    '--grid is “story”. Use one of article',
  );
});

test.each<[string[], RegExp]>([
  [['spec.json'], /needs a document and at least one style sheet; type compare SPEC/],
  [['spec.json', 'none.css'], /^ypsiline: none\.css: No grid of columns was found in this style sheet; it needs/],
  [['spec.json', 'archive.css'], /This is a zip archive. Extract the style sheets first\.$/],
  [['spec.json', 'gone.css'], /gone\.css can’t be read: no such file$/],
  [['same.css', 'same.css'], /^ypsiline: same\.css: This isn’t valid JSON/],
  [['-', '-'], /only one file can be standard input$/],
])('%j cannot be used', async (args, problem) => {
  const { problem: said, status } = await call(...args);
  expect(status).toBe(2);
  expect(said).toMatch(problem);
});

test('what is asked and cannot be told is not checked, and ends with 1 unless that is allowed', async () => {
  const { text, files: written, status } = await call('spec.json', 'turned.css', '--junit', 'out.xml');
  expect(status).toBe(1);
  expect(text).toMatch(
    /turned\.css:\d+:\d+: Phone, gutter: not checked at \d+–\d+ px\. @media \(orientation:portrait\): It depends on more than the screen width\./,
  );
  expect(text).toMatch(/\d+ checks, 0 of them off, \d+ not checked\.$/);
  expect(String(written![0]!.text)).toMatch(/failures="0"[\s\S]*<skipped message="Phone, gutter: not checked/);
  expect((await call('spec.json', 'turned.css', '--allow-unread')).status).toBe(0);
});

test('JSON has numbers of px, verdicts, places, and what was not understood', async () => {
  const { text } = await call('spec.json', 'off.css', '--json');
  const { systems, compared, checks, notUnderstood } = JSON.parse(text!);
  expect(systems[0]).toEqual({ title: '.grid', container: null, row: '.grid', columns: null, sure: 1, why: [] });
  expect(compared).toBe(0);
  expect(checks.filter(({ verdict }: { verdict: string }) => verdict !== 'same')).toEqual([
    {
      breakpoint: 'Desktop',
      grid: '.grid',
      quantity: 'Gutter',
      at: '1416–3840',
      specification: 24,
      code: 20,
      verdict: 'differs',
      why: 'Desktop: the page has a gutter of 20 px where the specification has 24 px (at 1416 px; it is off at 1416–3840 px).',
      where: null,
    },
  ]);
  expect(notUnderstood).toEqual([]);
  const turned = JSON.parse((await call('spec.json', 'turned.css', '--json')).text!);
  expect(turned.notUnderstood).toEqual([
    expect.objectContaining({
      text: '@media (orientation:portrait)',
      asked: true,
      where: expect.stringMatching(/^turned/),
    }),
  ]);
});

test('two grids that are as likely are named, and none of them is compared', async () => {
  const { text, status } = await call('spec.json', 'unsure.css');
  expect(status).toBe(1);
  expect(text).toMatch(
    /^Which grid is the page’s isn’t sure, so none was compared\. Say it with --container, --row or --columns:\n {2}\.a, 75 % sure: \.b is as likely/,
  );
  expect((await call('spec.json', 'unsure.css', '--row', '.b')).text).toMatch(/^The page’s grid: \.b\n/);
});

test.each([
  ['--container', '.nosuch', 'No rule has the container class “nosuch”.'],
  ['--row', 'nosuch', 'No rule has the row class “nosuch”.'],
  ['--columns', 'nosuch', 'No classes of columns begin with “nosuch-”. Use the part before the number, such as col.'],
])('%s that matches nothing is refused by name', async (option, name, problem) => {
  const { problem: said, status } = await call('spec.json', 'same.css', option, name);
  expect([status, said]).toEqual([2, `ypsiline: same.css: ${problem}`]);
});
