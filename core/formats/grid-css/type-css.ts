import Fraction from 'fraction.js';
import { HALF } from '../../length/px';
import type { Size } from '../../length/size';
import { isGrowing } from '../../length/growing';
import { screenOf } from '../../spec/ranges';
import type { Breakpoint, Spec, TextStyle } from '../../spec/schema';
import { measuresOf } from '../../type/measures';
import { isTimes, settingAt } from '../../type/text-at';
import { cssNumbers, cssReader, type CssSum, cssText, NOTHING, roundedUp } from './css-numbers';

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
  const { add, sub, times } = cssNumbers;
  const reader = cssReader(screenOf(spec, breakpoint), 'vw');
  const read = (value: Size): CssSum => (isGrowing(value) ? reader.growing(value) : reader.length(value));
  const { ascent, descent, capHeight, xHeight } = measuresOf(style.font);
  const setting = settingAt(spec, style, breakpoint);
  const size = read(setting.size);
  const leading = isTimes(setting.leading) ? times(size, new Fraction(setting.leading.times)) : read(setting.leading);
  const baseline = add(times(leading, HALF), times(size, ascent.sub(descent).mul(HALF)));
  const edge = times(size, style.stands === 'x-height' ? xHeight : capHeight);
  const isTrimmed = style.stands !== 'line-box';
  const standing = isTrimmed ? edge : baseline;
  const step = breakpoint.baseline && cssReader(screenOf(spec, breakpoint), 'vh').length(breakpoint.baseline.step);
  return {
    size,
    leading,
    shift: step ? sub(roundedUp(standing, step), standing) : NOTHING,
    ...(isTrimmed ? { 'trim-over': sub(baseline, edge), 'trim-under': sub(leading, baseline) } : {}),
  };
}

/** A class for each text style; its first baseline lies on the baseline grid when its box begins on it. */
export function typeCss(spec: Spec): string | null {
  if (spec.type.length === 0) return null;
  const note =
    '/* Text styles. Their first baseline lies on a baseline of the grid when their box begins on one. Bring the fonts yourself. */';
  return [note, ...spec.type.map(styleClass)].join('\n');
}

function styleClass({ name, font, stands }: TextStyle): string {
  const shared = `.type-${name} {
  margin-block: 0;
  padding-block-start: var(--type-${name}-shift);
  font-family: ${cssString(font.family)};
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

/** A family's name as a CSS string; what could end it is left out. */
function cssString(text: string): string {
  return `'${text.replace(/[^\p{L}\p{N} ._-]/gu, '')}'`;
}
