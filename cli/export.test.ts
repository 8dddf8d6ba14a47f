import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../core/spec/testing';
import { answer } from './answer';

const spec = specWith(breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone', height: 844 }));
const call = (line: string) => answer(['export', ...line.split(' ')], () => JSON.stringify(spec));

test('a format, by its id or by the name of its file', async () => {
  const [byId, byFile] = await Promise.all([call('- --format grid-css'), call('- --format grid.css')]);
  expect(byId.text).toContain('draft');
  expect(byId).toEqual(byFile);
});

test('of a page that is read from the right: the first column begins where the last of the other ended', async () => {
  const starts = async (direction: string) => {
    const { text } = await call(`- --format overlay-svg --breakpoint phone --direction ${direction}`);
    const [, columns] = /<g id="columns"[^>]*>(.*?)<\/g>/.exec(text!)!;
    return [...columns!.matchAll(/x="([\d.]+)" width="([\d.]+)"/g)].map(([, x, width]) => [Number(x), Number(width)]);
  };
  const [left, right] = [await starts('ltr'), await starts('rtl')];
  expect(left).toHaveLength(4);
  expect(right).toEqual(left.map(([x, width]) => [390 - x! - width!, width]).reverse());
});

test('of a breakpoint, at a height of one’s own: rows go on to the foot', async () => {
  const { text } = await call('- --format overlay-svg --breakpoint phone --height 100');
  expect(text).toContain('width="390" height="100"');
  expect(text).toContain('M0 96h390v8H0z');
});

test('into a file', async () => {
  const { files, text } = await call('- --format values-csv --to out/values.csv');
  expect(text).toBeUndefined();
  expect(files!.map(({ path }) => path)).toEqual(['out/values.csv']);
  expect(String(files![0]!.text)).toContain('Exact values,Column,Phone,77.5');
});

test('CSV with a byte order mark, size and leading by themselves', async () => {
  expect((await call('- --format values-csv --bom')).text!.startsWith('\ufefftable,quantity,of,value')).toBe(true);
  expect((await call('- --format grid-css --bom')).problem).toContain('--bom is only for CSV');
});

test.each([
  ['-', '--format is missing. Use one of grid-css, spec-json'],
  ['- --format pdf', '--format is “pdf”'],
  ['- --format overlay-svg', '--breakpoint is missing. Use one of phone'],
  ['- --format overlay-svg --breakpoint desk', '--breakpoint is “desk”'],
  ['- --format grid-css --breakpoint phone', 'grid-css covers the whole document'],
  ['- --format values-md --height 300', '--height is only for overlay-svg'],
  ['- --format values-md --direction rtl', '--direction is only for overlay-svg'],
  ['- --format overlay-svg --breakpoint phone --direction up', '--direction is “up”. Use ltr or rtl'],
  ['- --format values-md --prefix a', '--prefix is only for grid-css'],
  ['- --format grid-css --gutters none', '--gutters is “none”. Use one of gap, padding, shares'],
  ['- --format grid-css --prefix A', 'The prefix “A” cannot be used'],
  ['- --format page-pdf', 'page-pdf is created by the application'],
  ['- --format layout-css', 'this document has nothing to export as layout-css'],
])('%s', async (line, says) => {
  expect(await call(line)).toMatchObject({ problem: expect.stringContaining(says), status: 2 });
});

test('help is readable', async () => {
  expect((await answer(['--help'], () => '')).text).toContain('ypsiline pull --from ADDRESS');
});

test('grid.css with options', async () => {
  const { text } = await call('- --format grid-css --prefix tw --layer grid --gutters shares --media min-max');
  expect(text).toContain('@layer grid {');
  expect(text).toContain('.tw-grid > * {');
});
