import { describe, expect, test } from 'vitest';
import { breakpointOf, solvedColumns, specWith } from '../spec/testing';
import { columnEdges } from '../columns/columns-at';
import { samplePage } from '../sample/sample-page';
import { overlayContrast, verdictOn } from './contrast';
import { inkOf, inksOf, USUAL_INKS, withInk } from './inks';

const spec = specWith(breakpointOf({}));

describe('inks', () => {
  test('a spec has the usual ones until it sets its own', () => {
    expect(inksOf(spec)).toEqual(USUAL_INKS);
    const red = withInk(spec, 'rows', { colour: '#cc0000', strength: 40 });
    expect(red.overlays).toEqual({ rows: { colour: '#cc0000', strength: 40 } });
    expect(inkOf(red, 'columns')).toEqual(USUAL_INKS.columns);
    expect(withInk(red, 'rows', USUAL_INKS.rows)).toEqual(spec);
  });
});

describe('contrast with what lies under (WCAG 2.2, relative luminance)', () => {
  // black on white is 21 : 1 by definition
  test.each([
    ['#000000', 100, '#ffffff', 21],
    ['#ffffff', 100, '#ffffff', 1],
    ['#767676', 100, '#ffffff', 4.54], // WCAG's own example of a grey that just passes 4.5 on white
  ])('%s at %i %% on %s', (colour, strength, under, expected) => {
    expect(overlayContrast({ colour, strength }, under)).toBeCloseTo(expected, 2);
  });

  test('weaker ink has less of it', () => {
    const at = (strength: number) => overlayContrast({ colour: '#6b3a78', strength }, '#ffffff');
    expect(at(10)).toBeLessThan(at(40));
    expect(at(40)).toBeLessThan(at(100));
  });

  test('the usual inks can be seen on light and on dark, and hide neither', () => {
    for (const ink of Object.values(USUAL_INKS))
      for (const under of ['#ffffff', '#161922']) expect(verdictOn(overlayContrast(ink, under))).toBe('fits');
  });
});

describe('the sample page', () => {
  test.each([4, 8, 12, 10, 1])('%i columns: every block starts and ends on a column line', (count) => {
    const solved = solvedColumns(1440, { count, gutter: '24px', margin: '144px' });
    const edges = columnEdges(solved);
    const blocks = samplePage(solved, 1024, 8);
    expect(blocks.length).toBeGreaterThan(3);
    for (const { x, y, width, height } of blocks) {
      expect(edges.map(([start]) => start.valueOf())).toContain(x);
      expect(edges.some(([, end]) => Math.abs(end.valueOf() - x - width) < 1e-9)).toBe(true);
      expect([y % 8, height % 8]).toEqual([0, 0]);
    }
  });
});
