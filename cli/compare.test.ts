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
