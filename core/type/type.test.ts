import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { exactText, isMultipleOf, px } from '../length/px';
import { breakpointOf, specWith } from '../spec/testing';
import type { Spec, TextStyle } from '../spec/schema';
import { charactersPerLine, linesOfParagraph } from './characters';
import { browserBaseline, firstBaseline, halfLeading, letterTops, trimTo } from './line-box';
import { measuresOf } from './measures';
import { gridLeadings, nearestLeadings, shiftToGrid } from './on-the-grid';
import { setLines } from './set-lines';
import { SHIPPED_FONTS, shippedFont } from './shipped-fonts';
import { paragraphAt, pictureStart, settingAt, textAt } from './text-at';

const serif = shippedFont('source-serif-4'); // 1000 units: ascent 1036, descent 335, caps 670, x-height 475
const line = { measures: measuresOf(serif), size: px(16), leading: px(24) };

describe('one line of 16 / 24 Source Serif 4, by hand', () => {
  test('half-leading: (24 − 1.371 · 16) / 2', () => {
    expect(halfLeading(line).valueOf()).toBe(1.032);
    expect(halfLeading({ ...line, leading: px(16) }).valueOf()).toBe(-2.968);
  });

  test('first baseline: half-leading + 1.036 · 16', () => {
    expect(firstBaseline(line).valueOf()).toBe(17.608);
  });

  test('trims leave caps, or small letters, and nothing else', () => {
    for (const [edge, height] of [
      ['caps', 10.72],
      ['x-height', 7.6],
    ] as const) {
      const { over, under } = trimTo(edge, line);
      expect(line.leading.sub(over).sub(under).valueOf()).toBeCloseTo(height, 12);
    }
  });

  test('letters from the top of the line box', () => {
    const { ascenders, caps, xHeight, baseline } = letterTops(line);
    expect([ascenders, caps, xHeight, baseline].map((top) => top.valueOf())).toEqual([1.032, 6.888, 10.008, 17.608]);
  });

  test('Chromium rounds ascent and descent, and the half-leading down', () => {
    expect(browserBaseline(line).valueOf()).toBe(18); // ⌊(24 − 17 − 5) / 2⌋ + 17
  });
});

const size = fc.integer({ min: 8 * 16, max: 120 * 16 }).map((sixteenths) => px(sixteenths).div(16));
const leading = fc.integer({ min: 8 * 4, max: 160 * 4 }).map((quarters) => px(quarters).div(4));
const step = fc.integer({ min: 2, max: 64 }).map((halves) => px(halves).div(2));

describe('on the grid', () => {
  test('shifted text always lands on a baseline, in every font', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHIPPED_FONTS),
        size,
        leading,
        step,
        (shipped, textSize, textLeading, baseline) => {
          const first = firstBaseline({ measures: measuresOf(shipped.font), size: textSize, leading: textLeading });
          const shift = shiftToGrid(first, baseline);
          expect(isMultipleOf(first.add(shift), baseline)).toBe(true);
          expect(shift.compare(0)).toBeGreaterThanOrEqual(0);
          expect(shift.compare(baseline)).toBeLessThan(0);
        },
      ),
    );
  });

  test('with a leading of whole steps, so do all further lines', () => {
    const spec = specWith(breakpointOf({}, 390, { id: 'phone' })); // baselines of 4
    const text = textAt(spec, styleOf('24px'), spec.breakpoints[0]!);
    for (const { baseline } of setLines(text, 6, true)) expect(isMultipleOf(baseline, px(4))).toBe(true);
    const off = textAt(spec, styleOf('25px'), spec.breakpoints[0]!);
    expect(setLines(off, 2, true).map(({ baseline }) => isMultipleOf(baseline, px(4)))).toEqual([true, false]);
  });

  test('leadings that sit on the grid, as a search through every leading finds them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 80 }), fc.integer({ min: 2, max: 16 }), (textSize, baseline) => {
        const found = gridLeadings(px(textSize), px(baseline)).map(({ leading: fits }) => fits.valueOf());
        const all = Array.from({ length: textSize + 1 }, (_, index) => textSize + index);
        expect(found).toEqual(all.filter((each) => each % baseline === 0));
      }),
    );
  });

  test('the nearest leadings of one that is off', () => {
    expect(nearestLeadings(px(42), px(4)).map(exactText)).toEqual(['40', '44']);
    expect(nearestLeadings(px(3), px(4)).map(exactText)).toEqual(['4']);
    expect(nearestLeadings(px(40), px(4))).toEqual([]);
  });

  test('without a baseline nothing is moved', () => {
    expect(exactText(shiftToGrid(px(17), px(0)))).toBe('0');
    expect(gridLeadings(px(16), px(0))).toEqual([]);
  });
});

function styleOf(textLeading: string, some: Partial<TextStyle> = {}): TextStyle {
  return {
    name: 'body',
    role: 'body',
    font: serif,
    stands: 'line-box',
    at: { phone: { size: '16px', leading: textLeading, span: 4 } },
    ...some,
  };
}

describe('a style at a breakpoint', () => {
  const phone = breakpointOf({ count: 4, gutter: '16px', margin: '16px' }, 390, { id: 'phone' });
  const desktop = breakpointOf({ container: '1152px', gutter: '24px', margin: 'auto' }, 1440, {
    id: 'desktop',
    from: 1200,
  });
  const spec = specWith(phone, desktop);
  const growing: Spec['type'][number] = styleOf('24px', {
    at: { phone: { size: { between: ['16px', '20px'], over: [390, 1440] }, leading: { times: '3/2' }, span: 6 } },
  });

  test('takes the setting of the nearest narrower one that has any, or of the narrowest', () => {
    const desktopOnly = styleOf('24px', { at: { desktop: { size: '18px', leading: '28px', span: 6 } } });
    expect(settingAt(spec, styleOf('24px'), desktop).size).toBe('16px');
    expect(settingAt(spec, desktopOnly, phone).size).toBe('18px');
  });

  test('grows between two widths, and its leading with it', () => {
    const at = (width: number) => {
      const { size: is, leading: its } = textAt(spec, growing, phone, width);
      return [exactText(is), exactText(its)];
    };
    expect([at(390), at(915), at(1440), at(2000)]).toEqual([
      ['16', '24'],
      ['18', '27'],
      ['20', '30'],
      ['20', '30'],
    ]);
  });

  test('a span beyond the columns takes all of them', () => {
    expect(exactText(textAt(spec, growing, phone).width)).toBe('358');
    expect(exactText(textAt(spec, growing, desktop).width)).toBe('564');
  });

  test('trimmed, it stands on its caps: the shift is from the cap height', () => {
    const caps = textAt(spec, styleOf('24px', { stands: 'caps' }), phone);
    expect(caps.baseline.valueOf()).toBe(10.72);
    expect(caps.shift.valueOf()).toBeCloseTo(1.28, 12);
    expect(pictureStart(caps).caps.equals(caps.shift)).toBe(true);
  });

  test('a picture level with the caps begins where they do', () => {
    const text = textAt(spec, styleOf('24px'), phone); // moved down from 17.608 to 20
    expect(text.shift.valueOf()).toBeCloseTo(2.392, 12);
    expect(pictureStart(text).caps.valueOf()).toBeCloseTo(9.28, 12);
    expect(setLines(text, 1, true)[0]!.caps.equals(pictureStart(text).caps)).toBe(true);
  });

  test('a paragraph in lines, height and rows', () => {
    const text = textAt(spec, styleOf('24px'), phone);
    const { lines, height, inRows } = paragraphAt(spec, phone, text, 300);
    expect(lines).toBe(Math.ceil(300 / Math.floor(text.characters.valueOf())));
    expect(exactText(height)).toBe(String(lines * 24));
    expect(inRows!.rows).toBeGreaterThan(0);
  });
});

describe('characters a line', () => {
  test('the line over the average letter', () => {
    const half = { ...serif, averageWidth: 500 };
    expect(exactText(charactersPerLine(half, px(16), px(560)))).toBe('70');
    expect(exactText(charactersPerLine(half, px(0), px(560)))).toBe('0');
  });

  test('lines of a paragraph', () => {
    expect(linesOfParagraph(300, px(70))).toBe(5);
    expect(linesOfParagraph(1, px(70))).toBe(1);
    expect(linesOfParagraph(3, px('1/2'))).toBe(3);
  });
});
