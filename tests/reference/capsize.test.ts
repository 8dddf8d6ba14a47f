import { createStyleObject } from '@capsizecss/core';
import { createRequire } from 'node:module';
import { describe, expect, test } from 'vitest';
import { px } from '../../core/length/px';
import type { Font } from '../../core/spec/schema';
import { trimTo } from '../../core/type/line-box';
import { measuresOf } from '../../core/type/measures';
import { SHIPPED_FONTS } from '../../core/type/shipped-fonts';
import { standInFor } from '../../core/type/stand-ins';

/**
 * The trims of text, held against the packages @capsizecss/core (the arithmetic) and @capsizecss/metrics (measures of
 * real fonts).
 */
const FAMILIES = [
  'alegreya', 'archivo', 'bitter', 'barlow', 'cabin', 'cormorantGaramond', 'courierPrime', 'dmSans', 'ebGaramond', 'exo',
  'firaSans', 'hankenGrotesk', 'inconsolata', 'inter', 'josefinSans', 'karla', 'lato', 'libreBaskerville', 'lora',
  'merriweather', 'montserrat', 'nunito', 'oswald', 'playfairDisplay', 'raleway', 'sourceSerif4', 'vollkorn', 'workSans',
] as const; // prettier-ignore
const SETTINGS = [
  [16, 24],
  [21, 28],
  [48, 50],
] as const;

type Known = {
  familyName: string;
  capHeight: number;
  xHeight: number;
  ascent: number;
  descent: number;
  lineGap: number;
  unitsPerEm: number;
  xWidthAvg: number;
};
/** A version with a quarter of the files of the newest; its types name a file that it does not have. */
const known: Record<string, Known> = createRequire(import.meta.url)(
  '@capsizecss/metrics/entireMetricsCollection',
).entireMetricsCollection;

function fontOf({ unitsPerEm, ascent, descent, lineGap, capHeight, xHeight, xWidthAvg, familyName }: Known): Font {
  return {
    file: 'shipped:known',
    family: familyName,
    unitsPerEm,
    ascent,
    descent: -descent,
    lineGap,
    capHeight,
    xHeight,
    averageWidth: xWidthAvg,
  };
}

test('there are enough fonts of different build', () => {
  expect(FAMILIES.filter((name) => known[name]).length).toBeGreaterThanOrEqual(20);
});

describe.each(FAMILIES.filter((name) => known[name]))('%s', (name) => {
  test.each(SETTINGS)('%i / %i', (size, leading) => {
    const metrics = known[name]!;
    const theirs = createStyleObject({ fontSize: size, leading, fontMetrics: metrics });
    const { over, under } = trimTo('caps', {
      measures: measuresOf(fontOf(metrics)),
      size: px(size),
      leading: px(leading),
    });
    // theirs are negative margins in em, rounded to four places
    expect(-over.valueOf() / size).toBeCloseTo(Number.parseFloat(String(theirs['::before'].marginBottom)), 3.9);
    expect(-under.valueOf() / size).toBeCloseTo(Number.parseFloat(String(theirs['::after'].marginTop)), 3.9);
  });
});

describe('the shipped fonts', () => {
  const camel = (id: string): string =>
    id.replace('jetbrains', 'jet-brains').replace(/-(\w)/g, (_, letter: string) => letter.toUpperCase());

  test.each(SHIPPED_FONTS.map(({ id, font }) => [id, font] as const))(
    '%s has the measures that are known of it',
    (id, font) => {
      const metrics = known[camel(id)]!;
      const share = (units: number, of: number): number => units / of;
      for (const key of ['ascent', 'capHeight', 'xHeight'] as const)
        expect(share(font[key], font.unitsPerEm)).toBeCloseTo(share(metrics[key], metrics.unitsPerEm), 2);
      expect(share(font.descent, font.unitsPerEm)).toBeCloseTo(share(-metrics.descent, metrics.unitsPerEm), 2);
      // theirs weighs letters by how often Wikipedia has them, ours by a text of its own
      const [ours, theirs] = [share(font.averageWidth, font.unitsPerEm), share(metrics.xWidthAvg, metrics.unitsPerEm)];
      expect(Math.abs(ours / theirs - 1)).toBeLessThan(0.05);
    },
  );
});

test.each([
  ['arial', 'Body', 0.03],
  ['timesNewRoman', 'Body Serif', 0.03],
  ['courierNew', 'Body Mono', 0.001],
] as const)('the stand-in for %s is as wide as the published measures say', (name, family, apart) => {
  // ours is weighed by the letters of English, theirs (xWidthAvg) by those of another text: a few percent apart
  const { xWidthAvg, unitsPerEm } = known[name]!;
  const ours = standInFor({ family, file: 'team:any' }).averageWidth.valueOf();
  expect(Math.abs(ours / (xWidthAvg / unitsPerEm) - 1)).toBeLessThan(apart);
});
