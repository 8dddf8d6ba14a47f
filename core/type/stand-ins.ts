import Fraction from 'fraction.js';
import type { Font } from '../spec/schema';
import { measuresOf } from './measures';

/** A font that every system has in some clothes, in whose place a style is set until its own has come. */
export type StandIn = {
  generic: 'serif' | 'sans-serif' | 'monospace';
  local: readonly string[];
  averageWidth: Fraction;
};

/**
 * Widths in em of a letter of English, on average, as `server/fonts/measure.ts` measures them in the Liberation fonts,
 * whose letters are as wide as those of the other names.
 */
const STAND_INS: Record<StandIn['generic'], StandIn> = {
  serif: {
    generic: 'serif',
    local: ['Times New Roman', 'Liberation Serif', 'Tinos'],
    averageWidth: new Fraction(812, 2048),
  },
  'sans-serif': {
    generic: 'sans-serif',
    local: ['Arial', 'Liberation Sans', 'Arimo'],
    averageWidth: new Fraction(900, 2048),
  },
  monospace: {
    generic: 'monospace',
    local: ['Courier New', 'Liberation Mono', 'Cousine'],
    averageWidth: new Fraction(1229, 2048),
  },
};

/** The stand-in for a font, told by its family's name: `Mono` and `Code`, `Serif` and `Slab`, else a sans serif. */
export function standInFor({ family, file }: Pick<Font, 'family' | 'file'>): StandIn {
  if (/\b(mono|code)/i.test(family)) return STAND_INS.monospace;
  const isSerif = /(?<!sans[ -]?)\bserif|\bslab\b/i.test(family) || SERIFS.includes(file);
  return STAND_INS[isSerif ? 'serif' : 'sans-serif'];
}

/** Shipped serifs whose names do not say so. */
const SERIFS = ['shipped:vollkorn'];

/**
 * How a stand-in is set so that its lines are as high, their baselines where they will be, and its letters about as wide
 * (CSS Fonts 5, `size-adjust`; CSS Fonts 4, metrics overrides): shares of 1.
 *
 *     adjusted(sourceSerif).sizeAdjust   // 1.185…
 */
export function adjusted(font: Font): { sizeAdjust: Fraction; ascent: Fraction; descent: Fraction; lineGap: Fraction } {
  const { ascent, descent, averageWidth } = measuresOf(font);
  const sizeAdjust = averageWidth.div(standInFor(font).averageWidth);
  return {
    sizeAdjust,
    ascent: ascent.div(sizeAdjust),
    descent: descent.div(sizeAdjust),
    lineGap: new Fraction(font.lineGap, font.unitsPerEm).div(sizeAdjust),
  };
}
