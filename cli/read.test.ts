import { expect, test } from 'vitest';
import { readSpecText } from '../core/document/read';
import { version } from '../package.json';
import { answer } from './answer';

const files: Record<string, string> = {
  'grid.css': '.page { display: grid; grid-template-columns: repeat(12, 1fr); gap: 24px; padding: 0 40px }',
  'more.css':
    '@media (max-width: 600px) { .page { grid-template-columns: repeat(4, 1fr) } } @media (orientation: portrait) { .page { padding: 0 8px } }',
  'two.css':
    '.col-1 { width: 25% } .col-2 { width: 50% } .col-3 { width: 75% } .col-4 { width: 100% } .row { display: flex; margin: 0 -8px } .row > * { padding: 0 8px }',
};
const call = (...args: string[]) =>
  answer(args, (file) => {
    if (files[file] === undefined) throw new Error('no such file');
    return files[file];
  });

test('style sheets become a document; what was not understood is said beside it, with its place', async () => {
  const { text, words, status } = await call('read', 'grid.css', 'more.css', '--name', 'From code');
  const { value } = readSpecText(text!);
  expect(status).toBe(0);
  expect(value!.name).toBe('From code');
  expect(value!.breakpoints.map(({ from, columns }) => [from, columns.count, columns.gutter])).toEqual([
    [0, 4, '24px'],
    [601, 12, '24px'],
  ]);
  expect(words).toMatch(
    /^Style sheet, \.page: 2 breakpoints\nNot read: more\.css:1:\d+: @media \(orientation:portrait\)\./,
  );
});

test('into a file, quietly', async () => {
  const { text, words, files: written } = await call('read', 'grid.css', '--to', 'out/spec.json', '--quiet');
  expect([text, words, written!.map(({ path }) => path)]).toEqual([undefined, undefined, ['out/spec.json']]);
});

test.each<[string[], RegExp]>([
  [['read'], /needs at least one file; type read FILE…/],
  [['read', 'gone.css'], /gone\.css can’t be read: no such file$/],
  [['read', 'two.css', '--row', 'nosuch'], /^ypsiline: two\.css: No rule has the row class “nosuch”\.$/],
])('%j cannot be used', async (args, problem) => {
  const { problem: said, status } = await call(...args);
  expect([status, said]).toEqual([2, expect.stringMatching(problem)]);
});

test('each command says what it does and what its options mean', async () => {
  for (const name of ['check', 'finder', 'sweep', 'layout', 'survey', 'compare', 'export', 'read', 'pull']) {
    const { text, status } = await call(name, '--help');
    expect(status).toBe(0);
    expect(text, name).toMatch(new RegExp(`^ypsiline ${name} [\\s\\S]+\\n\\n[A-Z][\\s\\S]+\\n  -`));
  }
  expect((await call('export', '--help')).text).toMatch(/Formats: .*tokens-json, tokens-text/);
  expect((await call('--version')).text).toBe(version);
});

test('quietly, the exit code alone is left of what people read; JSON stays', async () => {
  const spec = (await call('read', 'grid.css')).text!;
  files['spec.json'] = spec;
  const loud = await call('check', 'spec.json');
  expect(await call('check', 'spec.json', '--quiet')).toEqual({ status: loud.status });
  expect((await call('check', 'spec.json', '--quiet', '--json')).text).toMatch(/^\{/);
});
