import { describe, expect, test } from 'vitest';
import { STARTING_SETS } from './defaults';
import { LARGEST_DOCUMENT, readSpec, readSpecText } from './read';
import { breakpointOf, specWith } from '../spec/testing';

const good = specWith(breakpointOf({ gutter: '24px' }));
const withColumns = (columns: object) => ({
  ...good,
  breakpoints: [{ ...good.breakpoints[0]!, columns: { ...good.breakpoints[0]!.columns, ...columns } }],
});

describe('a document is read as it is', () => {
  test('what was written comes back', () => {
    expect(readSpecText(JSON.stringify(good)).value).toEqual(good);
  });

  test.each(STARTING_SETS.map((set) => [set.title, set] as const))('the starting set %s', (_, set) => {
    const spec = set.spec('New');
    expect(readSpec(spec)).toEqual({ value: spec });
  });

  test.each<[object]>([
    [{ margin: { start: '1rem', end: 'auto' } }],
    [{ margin: { between: ['16px', '48px'], over: [600, 1440] } }],
    [{ container: { upTo: { typed: '2*768', is: '1536px' } } }],
    [{ container: { share: '90%' } }],
    [{ gutter: { ofColumn: '1/4' } }],
    [{ gutter: 24 }],
    [{ count: 'auto', column: '72px' }],
  ])('columns may say %j', (columns) => {
    expect(readSpec(withColumns(columns)).problem).toBeUndefined();
  });
});

describe('what cannot be read is refused with its place', () => {
  test.each<[string, unknown, string]>([
    [
      'from the future',
      { ...good, ypsiline: 99 },
      'This document is of version 99; this Ypsiline reads versions up to 5. Open it with a newer one.',
    ],
    [
      'without a version',
      { name: 'x' },
      'This isn’t a specification document: the key "ypsiline" with the version is missing.',
    ],
    ['no object', [1], 'This isn’t a specification document. One starts with { "ypsiline": 5, "name": … }.'],
    ['an unknown key', { ...good, colour: 'red' }, '“colour” is a key that does not belong here.'],
    [
      'an unknown key, deep',
      withColumns({ gap: '4px' }),
      'breakpoints[0].columns: “gap” is a key that does not belong here.',
    ],
    ['0 columns', withColumns({ count: 0 }), 'breakpoints[0].columns.count: A grid has at least 1 column.'],
    ['65 columns', withColumns({ count: 65 }), 'breakpoints[0].columns.count: A grid has at most 64 columns.'],
    ['a wrong length', withColumns({ column: 'wide' }), '“wide” isn’t a length'],
    [
      'arithmetic that says otherwise',
      withColumns({ column: { typed: '2*30', is: '61px' } }),
      '“2*30” comes to 60px, not 61px.',
    ],
    [
      'a gutter share of 0',
      withColumns({ gutter: { ofColumn: '0' } }),
      'A gutter is more than 0 and at most 10 columns wide',
    ],
    [
      'a gutter share of 1000',
      withColumns({ gutter: { ofColumn: '1000' } }),
      'A gutter is more than 0 and at most 10 columns wide',
    ],
    [
      'a length that grows backwards',
      withColumns({ margin: { between: ['16px', '48px'], over: [1440, 600] } }),
      'A growing length needs two widths, the smaller first',
    ],
    [
      'a length that grows from a share',
      withColumns({ margin: { between: ['2%', '48px'], over: [600, 1440] } }),
      'A growing length starts and ends with a fixed length',
    ],
    ['no breakpoints', { ...good, breakpoints: [] }, 'breakpoints: A specification needs at least one breakpoint.'],
    [
      'one id twice',
      specWith(breakpointOf({}), breakpointOf({})),
      'Two breakpoints have the id “screen”. Rename one of them.',
    ],
    ['no name', { ...good, name: '  ' }, 'name: Enter a name.'],
  ])('%s', (_, document, problem) => {
    expect(readSpec(document).problem).toContain(problem);
  });

  test('text that is no JSON', () => {
    expect(readSpecText('{').problem).toMatch(/^This isn’t valid JSON: /);
  });

  test('2 MB of text are not even parsed', () => {
    expect(readSpecText(' '.repeat(2_000_000)).problem).toBe(
      `This text has 2000000 characters; a specification document can have up to ${LARGEST_DOCUMENT}.`,
    );
  });
});
