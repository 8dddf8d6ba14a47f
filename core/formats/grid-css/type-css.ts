import type Fraction from 'fraction.js';
import { ratioOf } from '../../length/ratio';
import { HALF } from '../../length/px';
import type { Size } from '../../length/size';
import { isGrowing } from '../../length/growing';
import { measureOf, WIDTH_UNIT } from '../../spec/measure';
import type { Breakpoint, Font, Spec, TextStyle } from '../../spec/schema';
import { measuresOf } from '../../type/measures';
import { adjusted, standInFor } from '../../type/stand-ins';
import { fontName } from '../../type/style-text';
import { isTimes, settingAt } from '../../type/text-at';
import { cssNumbers, type CssSum, cssText, NO_SUM, roundedUp } from './css-numbers';
import { cssReader } from './css-reader';

/** Custom properties of every text style in one range, by name without `--type-`. */
export function typeProperties(spec: Spec, breakpoint: Breakpoint): Record<string, string> {
  return Object.fromEntries(
    spec.type.flatMap((style) =>
      Object.entries(styleSums(spec, breakpoint, style)).map(([name, sum]) => [`${style.name}-${name}`, cssText(sum)]),
    ),
  );
}

/**
 * Size, leading, shift and trims of a style as sums for the browser: the same formulas as in `text-at`. A first
 * baseline lies half of leading + (A − D) · size below the top of its line box.
 */
function styleSums(spec: Spec, breakpoint: Breakpoint, style: TextStyle): Record<string, CssSum> {
  const { size, leading, shift, baseline, edge, isTrimmed } = lineSums(spec, breakpoint, style);
  const { sub } = cssNumbers;
  return {
    size,
    leading,
    shift,
    ...(isTrimmed ? { 'trim-over': sub(baseline, edge), 'trim-under': sub(leading, baseline) } : {}),
  };
}

/** A line of a style: from the top of its line box to the baseline; from the baseline to the caps, x-height and edge. */
export type LineSums = Record<'size' | 'leading' | 'shift' | 'baseline' | 'edge' | 'caps' | 'xHeight', CssSum> & {
  isTrimmed: boolean;
};

export function lineSums(spec: Spec, breakpoint: Breakpoint, style: TextStyle): LineSums {
  const { add, sub, times } = cssNumbers;
  const reader = cssReader(spec, breakpoint, WIDTH_UNIT[measureOf(spec)]);
  const read = (value: Size): CssSum => (isGrowing(value) ? reader.growing(value) : reader.length(value));
  const { ascent, descent, capHeight, xHeight } = measuresOf(style.font);
  const setting = settingAt(spec, style, breakpoint);
  const size = read(setting.size);
  const leading = isTimes(setting.leading) ? times(size, ratioOf(setting.leading.times)) : read(setting.leading);
  const baseline = add(times(leading, HALF), times(size, ascent.sub(descent).mul(HALF)));
  const edge = times(size, style.stands === 'x-height' ? xHeight : capHeight);
  const isTrimmed = style.stands !== 'line-box';
  const standing = isTrimmed ? edge : baseline;
  const step = breakpoint.baseline && cssReader(spec, breakpoint, 'vh').length(breakpoint.baseline.step);
  return {
    size,
    leading,
    shift: step ? sub(roundedUp(standing, step), standing) : NO_SUM,
    baseline,
    edge,
    caps: times(size, capHeight),
    xHeight: times(size, xHeight),
    isTrimmed,
  };
}

/** A class for each text style; its first baseline lies on the baseline grid when its box begins on it. */
export function typeCss(spec: Spec): string | null {
  if (spec.type.length === 0) return null;
  const note =
    '/* Text styles. Their first baseline sits on the grid when their box starts on a baseline. Load the fonts yourself. */';
  return [note, ...standIns(spec), ...spec.type.map(styleClass)].join('\n');
}

/** A stand-in for each family, so that lines keep their height and their baselines until the font has come. */
function standIns(spec: Spec): string[] {
  const fonts = new Map(spec.type.map(({ font }) => [standInName(font), font]));
  return [...fonts].map(([name, font]) => {
    const { sizeAdjust, ascent, descent, lineGap } = adjusted(font);
    const percent = (share: Fraction): string => `${Number((share.valueOf() * 100).toFixed(4))}%`;
    return `@font-face {
  font-family: '${name}';
  src: ${standInFor(font)
    .local.map((local) => `local('${local}')`)
    .join(', ')};
  size-adjust: ${percent(sizeAdjust)};
  ascent-override: ${percent(ascent)};
  descent-override: ${percent(descent)};
  line-gap-override: ${percent(lineGap)};
}`;
  });
}

function standInName(font: Font): string {
  return `${cssName(fontName(font))} stand-in`;
}

/** Weight and slant of a font, where they are not the usual ones. */
function cut({ weight, italic }: Font): string {
  return `${weight ? `\n  font-weight: ${weight};` : ''}${italic ? '\n  font-style: italic;' : ''}`;
}

function styleClass({ name, font, stands }: TextStyle): string {
  const shared = `.type-${name} {
  margin-block: 0;
  padding-block-start: var(--type-${name}-shift);
  font-family: '${cssName(font.family)}', '${standInName(font)}', ${standInFor(font).generic};${cut(font)}
  font-size: var(--type-${name}-size);
  line-height: var(--type-${name}-leading);`;
  if (stands === 'line-box') return `${shared}\n  margin-block-end: calc(-1 * var(--type-${name}-shift));\n}`;
  const edge = stands === 'caps' ? 'cap' : 'ex';
  return `${shared}
}

.type-${name}::before {
  content: '';
  display: table;
  margin-block-end: calc(-1 * var(--type-${name}-trim-over));
}

.type-${name}::after {
  content: '';
  display: table;
  margin-block-start: calc(-1 * var(--type-${name}-trim-under));
}

@supports (text-box: trim-both ${edge} alphabetic) {
  .type-${name} {
    text-box: trim-both ${edge} alphabetic;
  }

  .type-${name}::before,
  .type-${name}::after {
    content: none;
  }
}`;
}

/** A family's name as it stands in a CSS string; what could end it is left out. */
export function cssName(text: string): string {
  return text.replace(/[^\p{L}\p{N} ._-]/gu, '');
}
