import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { exactText } from '../length/px';
import type { Block, Layout, NamedGrid, Rows, Section, Spec } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { solveLayout } from './solve-layout';

const rows = (height: string, offset = '0px'): Rows => ({ rule: 'repeat', height, gap: '0px', offset });
/** 12 columns of 100 without gutters and margins; rows of 10. */
const MAIN: Spec = specWith({ ...breakpointOf({ count: 12 }, 1200), rows: rows('10px') });

function page(
  grid: Partial<NamedGrid['at'][string]>,
  ...sections: { on?: string; tall: number; columns?: [number, number] }[]
): Spec {
  const block = (index: number, tall: number, columns: [number, number]): Block => ({
    id: `block-${index}`,
    name: `Block ${index}`,
    holds: { area: 'plain' },
    at: { screen: { columns, lanes: [1, 1], height: { rows: tall } } },
  });
  const layout: Layout = {
    id: 'front',
    name: 'Front',
    notes: '',
    sections: sections.map(({ on, tall, columns = [1, 2] }, index): Section => ({
      id: `section-${index}`,
      name: `Section ${index}`,
      tall: 'content',
      ...(on && { grid: on }),
      space: {},
      blocks: [block(index, tall, columns)],
    })),
  };
  return { ...MAIN, grids: [{ id: 'article', name: 'Article', at: { screen: grid } }], layouts: [layout] };
}

const solved = (spec: Spec): { x: string; width: string; y: string; height: string }[] =>
  solveLayout(spec, spec.layouts[0]!, 1200).blocks.map(({ x, width, y, height }) => ({
    x: exactText(x),
    width: exactText(width),
    y: exactText(y),
    height: exactText(height),
  }));

/** By hand; numbers of common practice, no source. */
describe('a section on a grid beside the main one', () => {
  test('stands on its columns, in the rows of the page', () => {
    const spec = page(
      { columns: { container: '800px', margin: 'auto', count: 8 } },
      { tall: 3 },
      { on: 'article', tall: 2 },
      { tall: 1 },
    );
    expect(solved(spec)).toEqual([
      { x: '0', width: '200', y: '0', height: '30' },
      { x: '200', width: '200', y: '30', height: '20' },
      { x: '0', width: '200', y: '50', height: '10' },
    ]);
  });

  test('counts rows of its own from its top; the page’s go on at the first whose head is not above its end', () => {
    const spec = page(
      { rows: rows('16px', '2px') },
      { tall: 3 },
      { on: 'article', tall: 1 },
      { on: 'article', tall: 1 },
      { tall: 1 },
    );
    expect(solved(spec).map(({ y, height }) => [y, height])).toEqual([
      ['0', '30'],
      // 30 + 2, 16 high; the next begins where it ends, 48 + 2; it ends at 66, and the page's next row begins at 70
      ['32', '16'],
      ['50', '16'],
      ['70', '10'],
    ]);
  });

  test('follows from narrower breakpoints by its own count', () => {
    const spec = page({ columns: { count: 6 } }, { on: 'article', tall: 1, columns: [1, 4] });
    const wide = { ...breakpointOf({ count: 12 }, 2400, { id: 'wide', from: 1800 }), rows: rows('10px') };
    const both = { ...spec, breakpoints: [...spec.breakpoints, wide] };
    // 4 of 6 are 8 of 12 of 200
    expect(exactText(solveLayout(both, both.layouts[0]!, 2400).blocks[0]!.width)).toBe('1600');
  });

  test('a grid that is not there is refused with its place', () => {
    expect(readSpec(structuredClone(page({}, { on: 'story', tall: 1 }))).problem).toContain(
      'layouts[0].sections[0].grid: There is no grid “story”.',
    );
  });
});
