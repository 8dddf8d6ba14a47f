import { describe, expect, test } from 'vitest';
import type { Breakpoint, Columns, Spec } from '../spec/schema';
import { breakpointOf, dividedRows, specWith } from '../spec/testing';
import { shippedFont } from '../type/shipped-fonts';
import { leastBump } from './differences';
import { publishedDifferences } from './published-differences';

const phone = breakpointOf({ count: 4, margin: '20px', gutter: '16px' }, 412, { id: 'phone' });
const wide = breakpointOf({ count: 12, margin: 'auto', container: '1296px', gutter: '24px' }, 1512, {
  id: 'wide',
  from: 1416,
});
const body: Spec['type'][number] = {
  name: 'body',
  role: 'body',
  font: shippedFont('vollkorn'),
  stands: 'line-box',
  at: { phone: { size: '16px', leading: '24px', span: 4 } },
};
const spec: Spec = { ...specWith(phone, wide), type: [body] };
const withWide = (some: Partial<Breakpoint>): Spec => ({ ...spec, breakpoints: [phone, { ...wide, ...some }] });
const withColumns = (some: Partial<Columns>): Spec => withWide({ columns: { ...wide.columns, ...some } });
const withSteps = (...names: string[]): Spec => ({
  ...spec,
  spacing: { ...spec.spacing, steps: names.map((name, index) => ({ name, times: String(index + 1) })) },
});

describe('the least version step', () => {
  test.each<[string, Spec, Spec, 'major' | 'minor' | 'patch']>([
    ['a step is gone', withSteps('space-1', 'space-2'), withSteps('space-1'), 'major'],
    ['a step has another name', withSteps('space-1'), withSteps('gap-1'), 'major'],
    ['a step is new', withSteps('space-1'), withSteps('space-1', 'space-2'), 'minor'],
    ['a style is gone', spec, { ...spec, type: [] }, 'major'],
    ['a style has another name', spec, { ...spec, type: [{ ...body, name: 'text' }] }, 'major'],
    ['a breakpoint is gone', spec, { ...spec, breakpoints: [phone] }, 'major'],
    ['a count is left to the browser', spec, withColumns({ count: 'auto', column: '86px' }), 'major'],
    ['a count is other', spec, withColumns({ count: 10 }), 'major'],
    ['rows are gone', spec, withWide({ rows: null }), 'major'],
    ['the baseline is gone', spec, withWide({ baseline: null }), 'major'],
    [
      'fixed becomes fluid with the same number today',
      spec,
      withColumns({ container: 'fill', margin: '108px' }),
      'minor',
    ],
    ['the column is given, as wide as it was', spec, withColumns({ column: '86px', gutter: 'auto' }), 'minor'],
    [
      'a font’s measures are other',
      spec,
      { ...spec, type: [{ ...body, font: { ...body.font, ascent: body.font.ascent + 1 } }] },
      'minor',
    ],
    [
      'a font comes from another file',
      spec,
      { ...spec, type: [{ ...body, font: { ...body.font, file: `team:${'0'.repeat(64)}` } }] },
      'minor',
    ],
    [
      'a least height is other',
      withWide({ rows: dividedRows() }),
      withWide({ rows: dividedRows({ minHeight: '500px' }) }),
      'minor',
    ],
    [
      'an overlay’s colour has moved',
      { ...spec, overlays: { columns: INK() } },
      { ...spec, overlays: { rows: INK() } },
      'minor',
    ],
    ['words are other', spec, withWide({ notes: 'For desks.' }), 'patch'],
    ['a waiver’s numbers are other', waived('1'), waived('2'), 'patch'],
  ])('%s', (_, before, after, bump) => {
    const found = publishedDifferences(before, after);
    expect(leastBump(found), JSON.stringify(found, null, 1)).toBe(bump);
  });

  test('the same is the same', () => expect(publishedDifferences(spec, structuredClone(spec))).toEqual([]));

  test('sizes of a new style are said', () => {
    const found = publishedDifferences({ ...spec, type: [] }, spec);
    expect(found.map(({ what, breakpoint, after }) => [what, breakpoint, after])).toContainEqual([
      'Text style body',
      'Phone',
      '16 / 24 over 4 columns',
    ]);
  });

  test('what is gone is named', () => {
    expect(publishedDifferences(withSteps('space-1', 'space-2'), withSteps('space-1'))).toContainEqual({
      at: [],
      follows: false,
      breakpoint: null,
      what: 'Names in grid.css',
      before: '--space-2',
      after: null,
      bump: 'major',
    });
  });
});

function INK() {
  return { colour: '#336699', strength: 40 };
}

function waived(over: string): Spec {
  return {
    ...spec,
    waivers: [{ rule: 'container-overflows', breakpoint: 'wide', values: { over }, reason: 'Desks.', by: 'Rin Sol' }],
  };
}
