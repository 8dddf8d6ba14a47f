import { describe, expect, test } from 'vitest';
import { canonicalJson } from '../core/edition/canonical';
import { breakpointOf, specWith } from '../core/spec/testing';
import { answer } from './answer';

type Row = [x: number, y: number, width: number, height: number, name: string];

/** Four columns of 81 with gutters of 16 from 20, 412 wide; the cards of one row end 2 px late. */
const rows: Row[] = Array.from({ length: 6 }, (_, row) =>
  [0, 1, 2, 3].map((column): Row => [20 + column * 97, 8 + row * 144, 81, 120, `${row}/${column}`]),
).flat();
const late = rows.map(([x, y, width, height, name], index): Row => [x, y, index < 4 ? width + 2 : width, height, name]);
const screens = (boxes: Row[]): string =>
  JSON.stringify({ screens: [{ name: 'Home', width: 412, height: 915, boxes }] });

const files: Record<string, string> = {
  'tidy.json': screens(rows),
  'late.json': screens(late),
  'strewn.json': screens(
    Array.from({ length: 30 }, (_, index): Row => [
      (index * 37.3) % 300,
      index * 31,
      20 + ((index * 53.7) % 80),
      20,
      '',
    ]),
  ),
  // a narrow card and a wide one: few edges that tell
  'few.json': screens(
    [0, 1, 2, 3].flatMap((row): Row[] => [
      [20, 8 + row * 144, 81, 120, 'narrow'],
      [117, 8 + row * 144, 275, 120, 'wide'],
    ]),
  ),
  'negative.json': screens([[0, 0, -4, 10, 'odd']]),
  'spec.json': canonicalJson(specWith(breakpointOf({ margin: '20px', count: 4, gutter: '16px' }, 412))),
};
const call = (line: string) =>
  answer(line.split(' '), (file) => {
    const text = files[file];
    if (text === undefined) throw new Error('no such file');
    return text;
  });
const json = async (line: string) => JSON.parse((await call(line)).text!);

test('against a grid beside the main one', async () => {
  const main = specWith(breakpointOf({ margin: '0px', count: 2, gutter: '40px' }, 412));
  const columns = { margin: '20px', count: 4, gutter: '16px' };
  files['beside.json'] = canonicalJson({
    ...main,
    grids: [{ id: 'cards', name: 'Cards', at: { screen: { columns } } }],
  });
  expect((await call('survey tidy.json --against beside.json')).status).toBe(1);
  expect((await call('survey tidy.json --against beside.json --grid cards')).status).toBe(0);
  expect((await call('survey tidy.json --grid cards')).problem).toContain('Add --against SPEC');
  const mirrored = await call('survey tidy.json --against beside.json --grid cards --direction rtl --json');
  expect(mirrored.status).toBe(0);
  expect(await call('survey tidy.json --direction up')).toMatchObject({ status: 2 });
});

describe('survey', () => {
  test('the grid that was drawn on, exact, and the unit down the page', async () => {
    const { grids, verticals } = await json('survey tidy.json --json');
    expect(grids[0]).toMatchObject({
      width: 412,
      count: 4,
      gutter: '16',
      column: '81',
      marginStart: '20',
      marginEnd: '20',
      container: '372',
      explained: 1,
      sure: true,
      edges: 48,
      on: 48,
      off: [],
    });
    expect(verticals).toMatchObject({ unit: '24', offset: '8', distances: [{ px: '24', times: 20 }] });
  });

  test('what is off, with one cause', async () => {
    const [grid] = (await json('survey late.json --json')).grids;
    expect(grid.off[0]).toEqual({ screen: 'Home', box: '0/0', side: 'end', at: '103', nearest: '101', by: '2' });
    expect(grid.causes).toEqual(['4 boxes end 2 px late']);
  });

  test('against a specification, status 1 where more is off than is borne', async () => {
    expect((await call('survey tidy.json --against spec.json --json')).status).toBe(0);
    const { text, status } = await call('survey late.json --against spec.json');
    expect(status).toBe(1);
    expect(text).toContain('412 px: 20 + 4 × 81 + 3 × 16 + 20');
    expect(text).not.toContain('not sure');
    expect((await json('survey late.json --against spec.json --json')).grids[0].sure).toBeNull();
    expect(text).toContain('4 boxes end 2 px late');
    expect((await call('survey late.json --against spec.json --tolerance 2')).status).toBe(0);
  });

  test('where others come close, it says that it is not sure', async () => {
    const { text } = await call('survey few.json');
    expect(text).toContain('; not sure');
    expect((await json('survey few.json --json')).grids[0]).toMatchObject({ count: 4, sure: false });
    expect((await call('survey tidy.json')).text).not.toContain('not sure');
  });

  test('no grid where there is none', async () => {
    expect((await json('survey strewn.json --json')).grids).toEqual([]);
    expect((await call('survey strewn.json')).text).toContain('No grid explains these boxes better than chance.');
  });

  test.each([
    ['survey', 'needs one file, or - for standard input; type survey SCREENS'],
    ['survey missing.json', 'missing.json can’t be read: no such file'],
    ['survey spec.json', 'spec.json: screens: A survey holds a list of screens'],
    [
      'survey negative.json',
      'negative.json: screens[0].boxes[0]: A box is 0 px or more wide and high; this one is -4 × 10.',
    ],
    ['survey tidy.json --tolerance wide', '--tolerance is “wide”. Use px from 0 to 100'],
    ['survey tidy.json --against tidy.json', 'tidy.json: '],
  ])('%s', async (line, problem) => {
    const { problem: said, status } = await call(line);
    expect(status).toBe(2);
    expect(said).toContain(`ypsiline: ${problem}`);
  });
});
