import { describe, expect, test } from 'vitest';
import { STARTING_SETS } from '../document/defaults';
import { gridCss } from '../formats/grid-css/grid-css';
import { measureOf, withMeasure } from '../spec/measure';
import { readFile } from './read-file';
import { likelyTaking, takeReading } from './take-reading';

const columnsIn = (name: string, text: string) => {
  const { value, problem } = readFile(name, text);
  expect(problem).toBeUndefined();
  return value!.document.breakpoints.map(({ name: called, from, columns: { count, gutter, margin, container } }) => [
    called,
    from,
    count,
    gutter,
    margin,
    container,
  ]);
};

describe('tables', () => {
  const expected = [
    ['Small', 0, 4, '16px', '20px', 'fill'],
    ['Large', 1100, 12, '24px', 'auto', '1056px'],
  ];

  test('a row for each breakpoint, with commas, tabs or semicolons', () => {
    const rows = [
      ['Name', 'Min width', 'Columns', 'Gutter (px)', 'Margin', 'Max width'],
      ['Small', '0', '4', '16', '20', ''],
      ['Large', '1100', '12', '24', '=', '1056'],
    ];
    for (const delimiter of [',', '\t', ';'])
      expect(columnsIn('a.csv', rows.map((row) => row.join(delimiter)).join('\n'))).toEqual(expected);
  });

  test('a column for each breakpoint', () =>
    expect(
      columnsIn('a.csv', ',Small,Large\nFrom,0,1100\nColumns,4,12\nGutter,16,24\nMargin,20,=\nContainer,,1056'),
    ).toEqual(expected));

  test('what is wrong with a cell is named, and the rest is read', () => {
    const { value } = readFile('a.csv', 'Name,From,Columns,Gutter,Colour\nSmall,0,65,=1+1,red\nLarge,1100,12,24,blue');
    expect(value!.unread).toEqual([
      { what: 'Colour', why: 'This isn’t a grid term.' },
      { what: 'Small, Count', why: '65 columns are too many; the maximum is 64.' },
      { what: 'Small, Gutter', why: '“=1+1” is a formula. Paste its value instead.' },
    ]);
  });
});

describe('design tokens', () => {
  const tokens = (groups: object) => JSON.stringify(groups);

  test('groups with a count, references, both forms of a dimension', () =>
    expect(
      columnsIn(
        'a.json',
        tokens({
          size: { $type: 'dimension', s: { $value: '16px' }, m: { $value: { value: 1.5, unit: 'rem' } } },
          grid: {
            small: {
              count: { $type: 'number', $value: 4 },
              gutter: { $value: '{size.s}' },
              margin: { $value: '20px' },
              from: { $value: '0px' },
            },
            'large-screen': {
              columns: { $type: 'number', $value: 12 },
              gap: { $value: '{size.m}' },
              margin: { $value: '24px' },
              minWidth: { $value: '1100px' },
            },
          },
        }),
      ),
    ).toEqual([
      ['Small', 0, 4, '16px', '20px', 'fill'],
      ['Large screen', 1100, 12, '24px', '24px', 'fill'],
    ]));

  test('circles, and references that lead nowhere, are named', () => {
    const { value } = readFile(
      'a.json',
      tokens({
        a: { $value: '{b}' },
        b: { $value: '{a}' },
        c: { $value: '{none}' },
        colour: { red: { $type: 'color', $value: '#ff0000' } },
        grid: { count: { $type: 'number', $value: 4 }, gutter: { $value: '16px' } },
      }),
    );
    expect(value!.unread).toEqual([
      { what: 'a', why: 'The reference {b} refers to itself.' },
      { what: 'b', why: 'The reference {a} refers to itself.' },
      { what: 'c', why: 'The reference {none} points to no token.' },
      { what: 'colour', why: '1 token says nothing of columns, rows, baselines or spaces.' },
    ]);
  });

  test('numbers that contradict each other are named', () => {
    const { value } = readFile(
      'a.json',
      tokens({
        grid: {
          wide: {
            count: { $value: 12 },
            gutter: { $value: '24px' },
            margin: { $value: '20px' },
            column: { $value: '90px' },
            reference: { $value: '1000px' },
          },
        },
      }),
    );
    expect(value!.unread.map(({ why }) => why)).toEqual([
      'The column of 90 px doesn’t add up: with the other values it’s 58 px at 1000 px.',
    ]);
  });
});

describe('what is none of these is refused in a sentence', () => {
  test.each([
    ['a.css', '', 'a.css: This file is empty.'],
    ['a.css', 'PK\u0003\u0004', 'a.css: This is a zip archive. Extract the files first.'],
    ['a.css', 'a\0{\0', 'a.css: This isn’t UTF-8 text. Save it as UTF-8.'],
    ['a.json', '{"a": ', /^a\.json: This isn’t valid JSON: /],
    [
      'a.json',
      '[]',
      'a.json: Design tokens are a JSON object of groups, such as { "space": { "1": { "$value": "8px" } } }.',
    ],
    ['a.json', '{}', 'a.json: There is no token in this file; a token has a “$value”.'],
    [
      'a.json',
      '{"a":'.repeat(100_000) + '1' + '}'.repeat(100_000),
      'a.json: Groups are nested more than 40 deep; tokens need far fewer.',
    ],
    [
      'a.json',
      '{"ypsiline": 99}',
      'a.json: This document is of version 99; this Ypsiline reads versions up to 5. Open it with a newer one.',
    ],
    [
      'a.csv',
      'a,b\n1,2',
      'a.csv: Table: neither the first row nor the first column has grid terms, such as From, Columns, Gutter, Margin.',
    ],
    [
      'a.csv',
      `From,Columns\n${'0,4\n'.repeat(1000)}`,
      'a.csv: Table: there are 1000 breakpoints; a specification can have up to 24.',
    ],
    [
      'a.css',
      '.a { color: red; }',
      'a.css: No grid of columns was found in this style sheet; it needs grid-template-columns, or classes whose widths are shares of a row.',
    ],
  ])('%s %#', (name, text, problem) => expect(readFile(name, text).problem).toMatch(problem));
});

describe('taking', () => {
  const spec = STARTING_SETS[0]!.spec('Trial');
  const reading = readFile('a.csv', 'Name,From,Columns,Gutter,Margin\nPhone,0,6,10,15\nWide,1800,16,32,40').value!;

  test('goes to the breakpoint of its name, or to a new one', () =>
    expect(likelyTaking(spec, reading)).toEqual({
      breakpoints: { phone: { into: 'phone' }, wide: 'new' },
      parts: ['columns'],
      ranges: true,
      spacing: false,
      measure: true,
    }));

  test('changes what is taken, and nothing else', () => {
    const taken = takeReading(spec, reading, likelyTaking(spec, reading)).value!;
    expect(taken.breakpoints.map(({ name, from, columns }) => [name, from, columns.count])).toEqual([
      ['Phone', 0, 6],
      ['Tablet', 640, 8],
      ['Desktop', 1416, 12],
      ['Wide', 1800, 16],
    ]);
    expect(taken.breakpoints[0]!.rows).toEqual(spec.breakpoints[0]!.rows);
    expect({ ...taken, breakpoints: [] }).toEqual({ ...spec, breakpoints: [] });
  });

  test('where a breakpoint begins stays, where that is not taken', () => {
    const later = readFile('a.csv', 'Name,From,Columns,Gutter\nPhone,0,6,10\nTablet,700,9,10').value!;
    const from = (ranges: boolean) =>
      takeReading(spec, later, { ...likelyTaking(spec, later), ranges }).value!.breakpoints.map((each) => each.from);
    expect([from(true), from(false)]).toEqual([
      [0, 700, 1416],
      [0, 640, 1416],
    ]);
  });

  test('nowhere is nowhere', () =>
    expect(
      takeReading(spec, reading, {
        breakpoints: { phone: 'nowhere' },
        parts: ['columns'],
        ranges: true,
        spacing: false,
        measure: true,
      }).value,
    ).toEqual(spec));

  test('what cannot be taken changes nothing', () =>
    expect(takeReading(spec, reading, { ...likelyTaking(spec, reading), breakpoints: { phone: 'new' } }).problem).toBe(
      'Phone already starts at 0 px. Enter another width.',
    ));
});

describe('ranges of a container', () => {
  const grid = (of: string): string => `
    .wrap { ${of === '@container' ? 'container-type: inline-size' : ''} }
    .page { display: grid; grid-template-columns: repeat(4, 1fr); column-gap: 16px; padding-inline: 20px }
    ${of} (min-width: 700px) { .page { grid-template-columns: repeat(12, 1fr); column-gap: 24px } }`;
  const spec = STARTING_SETS[0]!.spec('Trial');

  test('are read with their widths, and with what they go by', () => {
    for (const [of, measure] of [
      ['@container', 'container'],
      ['@media', 'viewport'],
    ] as const) {
      expect(columnsIn('a.css', grid(of))).toEqual([
        ['Phone', 0, 4, '16px', '20px', 'fill'],
        ['Tablet', 700, 12, '24px', '20px', 'fill'],
      ]);
      const { value } = readFile('a.css', grid(of));
      expect([value!.measure, measureOf(value!.document)]).toEqual([measure, measure]);
    }
  });

  test('the draft goes by what the file says, unless that is not taken', () => {
    const reading = readFile('a.css', grid('@container')).value!;
    const taking = likelyTaking(spec, reading);
    expect(measureOf(takeReading(spec, reading, taking).value!)).toBe('container');
    expect(measureOf(takeReading(spec, reading, { ...taking, measure: false }).value!)).toBe('viewport');
  });

  test('a table does not say it, and changes nothing', () => {
    const reading = readFile('a.csv', 'Name,From,Columns,Gutter,Margin\nPhone,0,6,10,15').value!;
    const inContainer = withMeasure(spec, 'container');
    expect(measureOf(takeReading(inContainer, reading, likelyTaking(inContainer, reading)).value!)).toBe('container');
  });

  test('grid.css of a specification in a container comes back', () => {
    const own = gridCss(withMeasure(spec, 'container'), { version: '1.0.0', published: '', sha256: '' });
    const { document, measure } = readFile('grid.css', own).value!;
    expect(measure).toBe('container');
    const said = (of: typeof spec) =>
      of.breakpoints.map(({ from, columns: { count, gutter } }) => [from, count, gutter]);
    expect(said(document)).toEqual(said(spec));
  });
});
