import { describe, expect, test } from 'vitest';
import type { CellName } from '../checks/rule';
import { addBreakpoint, removeBreakpoint } from '../sheet/breakpoints';
import { writeCell } from '../sheet/write-cell';
import { breakpointOf, specOf } from '../spec/testing';
import { differences, leastBump } from './differences';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const desktop = breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' }, 1440, {
  id: 'desktop',
  from: 1200,
});
const spec = specOf(phone, desktop);

test('a changed gutter, and the column that follows it', () => {
  expect(differences(spec, writeCell(spec, 'desktop', 'gutter', '36').value!)).toEqual([
    { breakpoint: 'Desktop', what: 'Gutter', before: '24', after: '36', bump: 'minor' },
    { breakpoint: 'Desktop', what: 'Column', before: '74', after: '63', bump: 'patch' },
  ]);
});

test('nothing changed, nothing differs', () => {
  expect(differences(spec, structuredClone(spec))).toEqual([]);
  expect(leastBump([])).toBeNull();
});

// Semantic Versioning 2.0.0: major where what is built on it breaks, minor where something is added, patch otherwise
describe('the least step of the version that fits', () => {
  test.each<[CellName, string, string]>([
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
    expect(differences(spec, specOf(phone, rows))).toEqual([
      { breakpoint: 'Desktop', what: 'Rows, rule', before: 'repeat', after: 'none', bump: 'minor' },
    ]);
    expect(leastBump(differences(spec, { ...spec, layouts: [{ name: 'Home' }] }))).toBe('patch');
  });
});
