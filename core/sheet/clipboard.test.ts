import { describe, expect, test } from 'vitest';
import { breakpointOf, practiceSpec, specWith } from '../spec/testing';
import { placementCells } from '../quantities/layouts/placement-cells';
import { copyRange, fillRight, pasteRange } from './clipboard';
import { writePlaces } from './write-places';
import { readingOf } from '../quantities/registry';
import { rowOf } from '../quantities/registry';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const desktop = breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' }, 1440, {
  id: 'desktop',
  from: 1200,
});
const spec = specWith(phone, desktop);
const [count, column, gutter] = [rowOf('count'), rowOf('column'), rowOf('gutter')];
const all = { top: count, left: 0, bottom: column, right: 1 };

describe('copying', () => {
  test('a range is tab-separated text; what follows says so and shows its value', () => {
    expect(copyRange(spec, all)).toBe(['4\t12', 'fills\t1152', '16\t= 144', '16\t24', '= 77.5\t= 74'].join('\n'));
  });
});

describe('pasting', () => {
  test('what was copied changes nothing where it came from', () => {
    expect(pasteRange(spec, count, 0, copyRange(spec, all)).value!.spec).toEqual(spec);
  });

  test('what follows stays so, also as a spreadsheet gives it back, and where two margins follow', () => {
    const thirds = specWith(breakpointOf({ margin: '20px', count: 3, gutter: '16px' }, 412));
    expect(pasteRange(thirds, column, 0, '113.3333').value!.spec).toEqual(thirds);
    const uneven = specWith(breakpointOf({ margin: 'auto', container: '400px', whole: 'margins', count: 3 }, 412));
    const copied = copyRange(uneven, { top: count + 2, left: 0, bottom: count + 2, right: 0 });
    expect(copied).toBe('= 6 | 7');
    expect(pasteRange(uneven, count + 2, 0, copied).value!.spec.breakpoints[0]!.columns.margin).toBe('auto');
    const given = specWith(breakpointOf({ margin: '20px', container: '372px', count: 3 }, 412));
    expect(pasteRange(given, count + 2, 0, '= 20 | 21').value!.spec.breakpoints[0]!.columns.margin).toBe('auto');
  });

  test('numbers from a spreadsheet', () => {
    const pasted = pasteRange(spec, gutter, 0, '8\t32\r\n').value!;
    expect(pasted.spec.breakpoints.map((breakpoint) => breakpoint.columns.gutter)).toEqual(['8px', '32px']);
    expect(pasted.range).toEqual({ top: gutter, left: 0, bottom: gutter, right: 1 });
  });

  test('all of it or nothing', () => {
    expect(pasteRange(spec, gutter, 0, '8\twide').problem).toMatch(
      /^Gutter, Desktop: “wide” isn’t a length. .* Nothing was pasted\.$/,
    );
  });

  test('more than there is room for', () => {
    expect(pasteRange(spec, gutter, 1, '8\t16').problem).toBe(
      'The clipboard holds 1 × 2 cells; there’s only room for 20 × 1. Nothing was pasted.',
    );
  });

  test('2 MB', () => {
    expect(pasteRange(spec, gutter, 0, '8'.repeat(2_000_000)).problem).toBe(
      'The clipboard holds 2,000,000 characters; you can paste up to 50,000. Nothing was pasted.',
    );
  });
});

describe('filling right', () => {
  test('copies the first cells of a range over the rest', () => {
    const filled = fillRight(spec, { top: count, left: 0, bottom: gutter, right: 1 }).value!;
    expect(readingOf(filled, filled.breakpoints[1]!, 'margin').text).toBe('16');
    expect(filled.breakpoints[1]!.columns).toMatchObject({ count: 4, gutter: '16px' });
  });

  test('what is filled is given, also where it was the same and followed', () => {
    const area = {
      id: 'a',
      name: 'A',
      holds: { area: 'plain' as const },
      at: { phone: { columns: [1, 4] as [number, number] } },
    };
    const layout = {
      id: 'page',
      name: 'Page',
      notes: '',
      sections: [{ id: 's', name: 'S', tall: 'content' as const, space: {}, blocks: [area] }],
    };
    const page = { ...practiceSpec('Filled'), layouts: [layout] };
    const rows = placementCells(layout, 'stands');
    const filled = fillRight(page, { top: 0, left: 0, bottom: 0, right: 2 }, rows).value!;
    expect(filled.layouts[0]!.sections[0]!.blocks[0]!.at).toMatchObject({
      tablet: { stands: 'top' },
      desktop: { stands: 'top' },
    });
    // another placement in between changes nothing of it
    const changed = writePlaces(filled, [{ breakpoint: 'tablet', quantity: 'a' }], () => 'foot', rows).value!;
    const [, , desktop] = changed.breakpoints;
    expect(placementCells(changed.layouts[0]!, 'stands')[0]!.read(changed, desktop!)).toMatchObject({
      text: 'top',
      follows: false,
    });
  });

  test('names and starts are each their own', () => {
    expect(fillRight(spec, { top: rowOf('from'), left: 0, bottom: rowOf('from'), right: 1 }).problem).toBe(
      'From width can’t be filled right: each breakpoint has its own.',
    );
  });
});
