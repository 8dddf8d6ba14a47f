import { describe, expect, test } from 'vitest';
import { breakpointOf, specWith } from '../core/spec/testing';
import { answer } from './answer';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone', height: 844 });
const laptop = breakpointOf({ margin: 'auto', container: '1140px', gutter: '24px' }, 1280, {
  id: 'laptop',
  from: 1024,
});
const files: Record<string, string> = {
  'phone.json': JSON.stringify(specWith(phone)),
  'site.json': JSON.stringify(specWith(phone, laptop)),
  '-': JSON.stringify(specWith(phone)),
  'fluid-rows.json': JSON.stringify(
    specWith({
      ...phone,
      rows: { rule: 'repeat', height: '1vw', gap: '0.5vw', offset: '0px' },
      baseline: { step: '0.5vw', offset: '0px' },
    }),
  ),
  'page.json': JSON.stringify({
    ...specWith(laptop),
    layouts: [
      {
        id: 'front',
        name: 'Front page',
        notes: '',
        sections: [
          {
            id: 'opening',
            name: 'Opening',
            tall: 'content',
            space: { laptop: { above: 2, between: [], below: 1 } },
            blocks: [
              { id: 'map', name: 'Map', holds: { picture: '4/3' }, at: { laptop: { columns: [1, 6] } } },
              { id: 'rest', name: 'Rest', holds: { area: 'plain' }, at: {} },
            ],
          },
        ],
      },
    ],
  }),
  'broken.json': '{',
  'future.json': '{ "ypsiline": 99 }',
};
const call = (line: string) =>
  answer(line.split(' '), (file) => {
    if (!(file in files)) throw new Error('no such file');
    return files[file]!;
  });
const json = async (line: string) => JSON.parse((await call(line)).text!);

describe('check', () => {
  test('each breakpoint at its reference size, exact', async () => {
    const { breakpoints, findings } = await json('check phone.json --json');
    expect(breakpoints).toHaveLength(1);
    expect(breakpoints[0]).toMatchObject({
      id: 'phone',
      width: 390,
      height: 844,
      columns: {
        count: 4,
        column: '155/2',
        gutter: '16',
        marginStart: '16',
        marginEnd: '16',
        container: '358',
        inset: '0',
        sum: '390',
      },
      rows: { count: 53, height: '8', gap: '8' },
      baseline: { step: '4', offset: '0', lines: 211 },
    });
    expect(breakpoints[0].columns.edges.slice(0, 2)).toEqual([
      ['16', '187/2'],
      ['219/2', '187'],
    ]);
    expect(findings.find(({ rule }: { rule: string }) => rule === 'column-whole')).toMatchObject({
      rule: 'column-whole',
      weight: 'note',
      breakpoint: 'phone',
      values: { column: '155/2', viewport: '390' },
    });
  });

  test('the one that applies at a width, at that width', async () => {
    const { breakpoints } = await json('check site.json --width 1366 --json');
    expect(breakpoints.map(({ id, width }: { id: string; width: number }) => [id, width])).toEqual([['laptop', 1366]]);
    expect(breakpoints[0].columns.marginStart).toBe('113');
  });

  test('rows and baselines in vw are those of the width that was asked for', async () => {
    const { rows, baseline } = (await json('check fluid-rows.json --width 1000 --json')).breakpoints[0];
    expect(rows).toMatchObject({ height: '10', gap: '5' });
    expect(baseline).toMatchObject({ step: '5' });
  });

  test('status 1 with must-fix findings, 0 without', async () => {
    expect((await call('check phone.json')).status).toBe(0);
    expect((await call('check site.json')).status).toBe(1);
    expect((await call('check site.json --width 400')).status).toBe(0);
    expect((await call('check - --json')).status).toBe(0);
  });

  test('text for people', async () => {
    expect((await call('check site.json')).text).toContain(
      'Phone (0–1023) at 390 × 844\n  16 + 4 × 77½ + 3 × 16 + 16 = 390',
    );
    expect((await call('check site.json')).text).toContain('must-fix  Laptop: The container is 1,140 px');
  });
});

test('finder', async () => {
  expect(
    (await json('finder --container 1200 --count 10 --json')).map(
      ({ column, gutter }: { column: number; gutter: number }) => [column, gutter],
    ),
  ).toEqual([
    [120, 0],
    [111, 10],
    [102, 20],
    [93, 30],
    [84, 40],
    [75, 50],
    [66, 60],
  ]);
  expect(await json('finder --container 1200 --count 10 --max-gutter 20 --json')).toHaveLength(3);
  expect(await json('finder --container 960 --count 12 --outer half --base 20 --json')).toEqual([
    { column: 80, gutter: 0 },
    { column: 60, gutter: 20 },
    { column: 40, gutter: 40 },
  ]);
  expect((await call('finder --container 7 --count 12')).text).toBe(
    'No whole pair of column and gutter fills 7 with 12 columns under these conditions.',
  );
});

test('sweep', async () => {
  const { breakpoints } = await json('sweep phone.json --from 320 --to 332 --json');
  expect(breakpoints[0]).toMatchObject({
    id: 'phone',
    whole: [320, 324, 328, 332],
    narrowest: { width: 320, column: '60' },
    widest: { width: 332, column: '63' },
  });
  expect((await call('sweep phone.json --from 320 --to 332')).text).toContain(
    'columns from 60 at 320 to 63 at 332, whole at 4 of 13 widths',
  );
});

describe('unusable input: one line, status 2', () => {
  test.each([
    ['bake', '“bake” isn’t a command'],
    ['check', 'needs one file, or - for standard input; type check FILE'],
    ['check missing.json', 'missing.json can’t be read: no such file'],
    ['check broken.json', 'broken.json: This isn’t valid JSON:'],
    ['check future.json', 'future.json: This document is of version 99;'],
    ['check phone.json --depth 3', "Unknown option '--depth'"],
    ['check phone.json --width wide', '--width is “wide”. Use a whole number from 1 to 100000'],
    ['check phone.json --width 0', '--width is “0”'],
    ['finder --count 10', '--container is missing. Use finder --container N'],
    ['finder --container 0 --count 10', '--container is “0”. Use a whole number from 1 to 100000'],
    ['finder --container 1200 --count 65', '--count is “65”. Use a whole number from 1 to 64'],
    ['finder --container 1200 --count 10 --outer both', '--outer is “both”. Use none or half'],
    ['sweep phone.json --from 900 --to 320', '--from 900 is above --to 320. Put the smaller width first'],
  ])('%s', async (line, problem) => {
    const { text, problem: said, status } = await call(line);
    expect([text, status]).toEqual([undefined, 2]);
    expect(said).toContain(`ypsiline: ${problem}`);
    expect(said).not.toContain('\n');
  });
});

describe('layout', () => {
  test('every block, section and white space, exact', async () => {
    // 12 columns of 73 with gutters of 24 from 70; bands of 8 with gaps of 8: a picture 558 wide is 418½ high, in 27 rows
    expect(await json('layout page.json --layout front --width 1280 --json')).toEqual({
      breakpoint: 'laptop',
      height: '488',
      sections: [{ id: 'opening', top: '0', height: '488' }],
      blocks: [
        {
          id: 'map',
          section: 'opening',
          columns: [1, 6],
          rows: [3, 29],
          x: '70',
          y: '32',
          width: '558',
          height: '837/2',
          given: true,
        },
        {
          id: 'rest',
          section: 'opening',
          columns: [1, 12],
          rows: [30, 30],
          x: '70',
          y: '464',
          width: '1140',
          height: '8',
          given: false,
        },
      ],
      space: [
        { kind: 'section to picture', section: 'opening', after: null, rows: 2, px: '32' },
        { kind: 'picture to area', section: 'opening', after: 'map', rows: 0, px: '8' },
        { kind: 'area to section', section: 'opening', after: 'rest', rows: 1, px: '16' },
      ],
      findings: [
        {
          rule: 'pictures-on-rows',
          grid: null,
          weight: 'note',
          breakpoint: 'laptop',
          message: 'Map is 418½ px high: it ends 2½ px into its row 27.',
          values: { layout: 'front', block: 'map', height: '837/2', rows: '27' },
        },
      ],
    });
    expect((await call('layout page.json --layout front --width 1280')).text).toContain(
      'map: columns 1–6, rows 3–29, 558 × 418½',
    );
  });

  test.each([
    ['layout page.json --layout front', '--width is required, such as --width 1512'],
    ['layout page.json --layout back --width 1280', '--layout is “back”; the layouts of page.json are: front'],
    ['layout page.json --width 1280', '--layout is missing; the layouts of page.json are: front'],
    ['layout phone.json --layout front --width 390', 'the layouts of phone.json are: it has none'],
    ['layout page.json --layout front --width wide', '--width is “wide”. Use a whole number'],
  ])('%s is refused', async (line, problem) => {
    expect(await call(line)).toMatchObject({ status: 2 });
    expect((await call(line)).problem).toContain(problem);
  });
});
