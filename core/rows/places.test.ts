import { describe, expect, test } from 'vitest';
import { columnsAt } from '../columns/columns-at';
import { exactText, px } from '../length/px';
import { breakpointOf, specWith } from '../spec/testing';
import { distanceAcross, distanceDown } from './distance';
import { heightSegmentAt, nextHeightSegment } from './height-segments';
import { rowsAt } from './rows-at';
import { edgeAcross, edgeDown, snapped } from './snap';
import { baselineAt } from '../baseline/baseline-at';

const breakpoint = breakpointOf({ margin: '144px', gutter: '24px' }, 1440, { height: 100 });
const spec = specWith(breakpoint); // bands of 8 and 8, baselines of 4, a base of 8
const rows = rowsAt(spec, breakpoint)!;
const page = px(100);

describe('the piece of a page at a height', () => {
  const divided = rowsAt(
    spec,
    {
      ...breakpoint,
      rows: {
        rule: 'divide',
        count: 3,
        gap: '10px',
        marginTop: '5px',
        marginBottom: '5px',
        minHeight: '1px',
        maxHeight: '900px',
      },
    },
    100,
  )!;

  test.each([
    [rows, 0, 'row 1: 0 to 8'],
    [rows, 20, 'row 2: 16 to 24'],
    [rows, 24, 'gap 2: 24 to 32'],
    [divided, 2, 'above 1: 0 to 5'],
    [divided, 99, 'below 1: 95 to 100'],
    [divided, 6, 'row 1: 5 to 85/3'],
  ] as const)('%#', (solved, at, expected) => {
    const { part, number, start, end } = heightSegmentAt(solved, page, px(at))!;
    expect(`${part} ${number}: ${exactText(start)} to ${exactText(end)}`).toBe(expected);
  });

  test('beside the page there is nothing', () => {
    expect(heightSegmentAt(rows, page, px(-1))).toBeNull();
    expect(heightSegmentAt(rows, page, px(100))).toBeNull();
  });

  test('stepping goes down and up again, and stays at the ends', () => {
    const first = nextHeightSegment(rows, page, null, 1)!;
    const second = nextHeightSegment(rows, page, first, 1)!;
    expect([first.part, second.part, second.number]).toEqual(['row', 'gap', 1]);
    expect(nextHeightSegment(rows, page, second, -1)).toEqual(first);
    expect(nextHeightSegment(rows, page, first, -1)).toEqual(first);
  });
});

describe('points are drawn to edges', () => {
  const solved = columnsAt(spec, breakpoint); // columns of 74 from 144
  const grids = { rows, baseline: null, guides: [{ name: 'fold', axis: 'y' as const, at: px(70) }], page };
  const down = (at: string, among: Parameters<typeof edgeDown>[1], reach: string) =>
    snapped(px(at), edgeDown(px(at), among), px(reach));

  test.each([
    [147, '144'],
    [215, '218'],
    [180, '180'],
    [2, '0'],
  ])('across, from %i', (at, edge) => {
    expect(exactText(snapped(px(at), edgeAcross(px(at), solved), px(4)))).toBe(edge);
  });

  test('each edge has a name', () => {
    expect(edgeAcross(px(147), solved).name).toBe('the start of column 1');
    expect(edgeAcross(px(215), solved).name).toBe('the end of column 1');
    expect(edgeAcross(px(2), solved).name).toBe('the screen’s start');
    expect(edgeDown(px(23), grids).name).toBe('the foot of row 2');
  });

  test('down, to rows, to baselines, to the foot of the page', () => {
    expect(exactText(down('23', grids, '4'))).toBe('24');
    expect(exactText(down('21.4', { ...grids, rows: null, baseline: baselineAt(spec, breakpoint) }, '2'))).toBe('20');
    expect(exactText(down('98', { ...grids, rows: null }, '4'))).toBe('100');
    expect(exactText(down('50.6', { ...grids, rows: null }, '4'))).toBe('51');
    expect(exactText(down('68.2', { ...grids, rows: null }, '4'))).toBe('70');
    expect(edgeDown(px(68), { ...grids, rows: null }).name).toBe('the guide fold');
  });
});

describe('a distance in every unit of the grids', () => {
  test('24 px down are 3 base units of 8, 2 rows and 1 gap, 6 baselines of 4', () => {
    const { baseUnits, rows: inRows, baselines } = distanceDown(spec, breakpoint, px(24));
    expect([exactText(baseUnits!), inRows!.rows, inRows!.gaps, exactText(baselines!)]).toEqual(['3', 2, 1, '6']);
  });

  test('across there are px and base units; without rows and baselines there are none', () => {
    expect(distanceAcross(spec, px(12))).toMatchObject({ rows: null, baselines: null });
    const bare = { ...breakpoint, rows: null, baseline: null };
    expect(distanceDown(specWith(bare), bare, px(12))).toMatchObject({ rows: null, baselines: null });
  });
});
