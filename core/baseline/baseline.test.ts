import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { parseLength } from '../length/length';
import { exactText, type Px, px } from '../length/px';
import { toPx } from '../length/resolve';
import { breakpointOf, specWith } from '../spec/testing';
import { disagreements } from '../rows/agreement';
import { latticeCell, leadingsThatFit, nearestLines } from './leading-that-fits';
import { writeFittingLeading } from '../breakpoints/write-leading';

/** Every count of lines up to a thousand, and the one whose leading comes nearest; of two equally near, the more lines. */
function bruteForce(wanted: number, height: number): number {
  let best = 1;
  for (let lines = 1; lines <= 3000; lines++) {
    // n = H / L rounded: the count nearest to H / L, which is what "divides the height" asks for
    const [is, was] = [Math.abs(lines - height / wanted), Math.abs(best - height / wanted)];
    if (is <= was) best = lines;
  }
  return best;
}

describe('a leading that divides the height', () => {
  test.each([
    [24, 1024, 43, '1024/43'],
    [20, 1080, 54, '20'],
    [18, 1188, 66, '18'],
    [4, 844, 211, '4'],
    [4000, 844, 1, '844'],
  ])('wanted %i in %i: %i lines', (wanted, height, lines, leading) => {
    expect(nearestLines(px(wanted), px(height))).toBe(lines);
    const fitting = leadingsThatFit(px(wanted), { width: px(1440), height: px(height) });
    expect(exactText(fitting.find((each) => each.lines === lines)!.leading)).toBe(leading);
  });

  test('as a search through every count of lines finds it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 400 }), fc.integer({ min: 16, max: 3000 }), (quarters, height) => {
        const wanted = quarters / 4;
        expect(nearestLines(px(wanted), px(height))).toBe(bruteForce(wanted, height));
      }),
      { numRuns: 150 },
    );
  });

  test('neighbours stand around it, the most spacious first, and all divide the height', () => {
    const fitting = leadingsThatFit(px(24), { width: px(1440), height: px(1024) }, 2);
    expect(fitting.map(({ lines }) => lines)).toEqual([41, 42, 43, 44, 45]);
    for (const { lines, leading } of fitting) expect(leading.mul(lines).equals(1024)).toBe(true);
  });

  test('a wanted leading of nothing is one line', () => {
    expect(nearestLines(px(0), px(1024))).toBe(1);
  });

  test('it is written as the division it comes from', () => {
    const breakpoint = breakpointOf({}, 1440, { height: 1024 });
    const written = (lines: number) =>
      writeFittingLeading(specWith(breakpoint), breakpoint, 1024, lines).breakpoints[0]!.baseline!.step;
    expect(written(43)).toEqual({ typed: '1024/43', is: '1024/43px' });
    expect(written(64)).toBe('16px');
  });
});

/** A side of an ISO 216 sheet in CSS px: 1in = 96px = 25.4mm (CSS Values and Units 4, 6.2). */
function mm(length: number): Px {
  return toPx(parseLength(`${length}mm`).value!, {
    width: px(0),
    height: px(0),
    rootFontSize: px(16),
    pixelsPerInch: 96,
  });
}

describe('lattice in proportion', () => {
  // ISO 216: A3, A4, A5, A6, B5 in mm
  test.each([
    [297, 420],
    [210, 297],
    [148, 210],
    [105, 148],
    [176, 250],
  ])('%i × %i mm: every cell has the proportion of the sheet', (width, height) => {
    const page = { width: mm(width), height: mm(height) };
    for (const { lines, cell } of leadingsThatFit(px(16), page)) {
      expect(cell.width.div(cell.height).equals(px(width).div(height))).toBe(true);
      expect(cell.width.mul(lines).equals(page.width)).toBe(true);
      expect(cell.height.mul(lines).equals(page.height)).toBe(true);
    }
  });

  test('A4 in 66 lines', () => {
    const { width, height } = latticeCell({ width: mm(210), height: mm(297) }, 66);
    expect([width.valueOf().toFixed(3), height.valueOf().toFixed(3)]).toEqual(['12.026', '17.008']);
  });
});

describe('rows and baselines in step', () => {
  const step = { step: px(4), offset: px(0) };
  test.each<[string, [number, number, number], string[]]>([
    ['8 and 8', [8, 8, 0], []],
    ['a first row 2 px down', [8, 8, 2], ['first row 2']],
    ['20 and 5 on 4', [20, 5, 0], ['row and gap 25']],
    ['both', [10, 5, 3], ['row and gap 15', 'first row 3']],
  ])('%s', (_, [height, gap, offset], expected) => {
    const found = disagreements({ height: px(height), gap: px(gap), offset: px(offset) }, step);
    expect(found.map(({ part, length }) => `${part} ${exactText(length)}`)).toEqual(expected);
  });

  test('where they agree, every row begins on a baseline', () => {
    const whole = fc.integer({ min: 1, max: 40 });
    fc.assert(
      fc.property(whole, fc.nat(40), fc.nat(40), whole, fc.nat(30), (height, gap, offset, baseline, row) => {
        const rows = { height: px(height), gap: px(gap), offset: px(offset) };
        const lines = { step: px(baseline), offset: px(0) };
        if (disagreements(rows, lines).length > 0) return;
        expect((offset + row * (height + gap)) % baseline).toBe(0);
      }),
    );
  });
});
