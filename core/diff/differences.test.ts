import { describe, expect, test } from 'vitest';
import type { QuantityId } from '../quantities/registry';
import { addBreakpoint, removeBreakpoint } from '../breakpoints/breakpoints';
import { writeCell } from '../quantities/write-cell';
import { breakpointOf, specWith } from '../spec/testing';
import { differences, leastBump } from './differences';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const desktop = breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' }, 1440, {
  id: 'desktop',
  from: 1200,
});
const spec = specWith(phone, desktop);

test('a changed gutter, and the column that follows it', () => {
  expect(differences(spec, writeCell(spec, 'desktop', 'gutter', '36').value!)).toEqual([
    {
      at: ['breakpoints', 'desktop', 'columns', 'gutter'],
      breakpoint: 'Desktop',
      what: 'Gutter',
      before: '24',
      after: '36',
      follows: false,
      bump: 'minor',
    },
    {
      at: ['breakpoints', 'desktop', 'columns', 'column'],
      breakpoint: 'Desktop',
      what: 'Column',
      before: '74',
      after: '63',
      follows: true,
      bump: 'patch',
    },
  ]);
});

test('a block that moved, and white space, at the breakpoint where they did', () => {
  const at = (columns: [number, number], above: number): typeof spec => ({
    ...spec,
    layouts: [
      {
        id: 'home',
        name: 'Home',
        notes: '',
        sections: [
          {
            id: 'top',
            name: 'Top',
            tall: 'content',
            space: { phone: { above } },
            blocks: [{ id: 'map', name: 'Map', holds: { area: 'plain' }, at: { desktop: { columns } } }],
          },
        ],
      },
    ],
  });
  const found = differences(at([1, 6], 2), at([1, 8], 3));
  expect(found.map(({ what, breakpoint, before, after, bump }) => [what, breakpoint, before, after, bump])).toEqual([
    ['Home, section Top, white space', 'Phone', '2 above', '3 above', 'minor'],
    ['Home, block Map, place', 'Desktop', 'columns 1–6', 'columns 1–8', 'minor'],
  ]);
});

test('nothing changed, nothing differs', () => {
  expect(differences(spec, structuredClone(spec))).toEqual([]);
  expect(leastBump([])).toBeNull();
});

// Semantic Versioning 2.0.0: major where what is built on it breaks, minor where something is added, patch otherwise
describe('the least step of the version that fits', () => {
  test.each<[QuantityId, string, string]>([
    ['count', '16', 'major'],
    ['gutter', '36', 'minor'],
    ['container', 'up to 1152', 'minor'],
    ['from', '1280', 'minor'],
    ['reference', '1366 × 768', 'patch'],
    ['name', 'Desk', 'patch'],
    ['notes', 'Keep the map whole.', 'patch'],
  ])('%s to %s is %s', (quantity, text, bump) => {
    expect(leastBump(differences(spec, writeCell(spec, 'desktop', quantity, text).value!))).toBe(bump);
  });

  test('a new breakpoint is minor, one that is gone is major', () => {
    expect(leastBump(differences(spec, addBreakpoint(spec, 600).value!.spec))).toBe('minor');
    expect(leastBump(differences(spec, removeBreakpoint(spec, 'phone').value!))).toBe('major');
  });

  test('rows that are gone', () => {
    const rows = { ...desktop, rows: null };
    expect(differences(spec, specWith(phone, rows))).toEqual([
      {
        at: ['breakpoints', 'desktop', 'rows'],
        breakpoint: 'Desktop',
        what: 'Rows, rule',
        before: 'repeat',
        after: 'none',
        follows: false,
        bump: 'minor',
      },
    ]);
    const layouts = [{ id: 'home', name: 'Home', notes: '', sections: [] }];
    expect(leastBump(differences(spec, { ...spec, layouts }))).toBe('minor');
    expect(leastBump(differences({ ...spec, layouts }, spec))).toBe('major');
    const noted = layouts.map((layout) => ({ ...layout, notes: 'For the front.' }));
    expect(leastBump(differences({ ...spec, layouts }, { ...spec, layouts: noted }))).toBe('patch');
  });
});
