import { columnsAt } from '../columns/columns-at';
import { exactText } from '../length/px';
import type { Breakpoint, Font, Spec, TextStyle } from '../spec/schema';
import { settingAt, type TextAt, textAt } from '../type/text-at';
import type { Corner } from './corners';
import { sizeOver } from './size-over';
import { type Sweep, sweptRanges } from './sweep';

/** What a text style comes to over a range of viewport widths; lengths in px as exact text. */
export type SweptText = {
  name: string;
  size: { narrowest: string; widest: string };
  leading: { narrowest: string; widest: string };
  /** Characters in a line: the fewest and the most, and where. */
  characters: { fewest: number; at: number; most: number; mostAt: number };
};

type Range = { breakpoint: Breakpoint; from: number; to: number };

/** Every text style over one swept range. Between the turning points of a range, line lengths and sizes change evenly. */
export function sweptText(spec: Spec, sweep: Sweep, range: Range): SweptText[] {
  const ends = [range.from, range.to].map((width) => ({ width, solved: columnsAt(spec, range.breakpoint, width) }));
  return spec.type.map((style) => {
    const [first, last] = ends.map(({ width, solved }) => textAt(spec, style, range.breakpoint, width, solved));
    return sweptStyle(style.name, first!, last!, charactersOver(spec, sweep, range, style));
  });
}

type CharactersAt = { width: number; count: number };

function sweptStyle(name: string, first: TextAt, last: TextAt, counts: CharactersAt[]): SweptText {
  const fewest = counts.reduce((best, next) => (next.count < best.count ? next : best));
  const most = counts.reduce((best, next) => (next.count > best.count ? next : best));
  return {
    name,
    size: { narrowest: exactText(first.size), widest: exactText(last.size) },
    leading: { narrowest: exactText(first.leading), widest: exactText(last.leading) },
    characters: {
      fewest: Math.round(fewest.count),
      at: fewest.width,
      most: Math.round(most.count),
      mostAt: most.width,
    },
  };
}

/** The characters in a line of one text style over viewport widths, as points of a line that jumps at breakpoints. */
export type CharacterLine = { name: string; points: Corner[] };

/** Characters a line of every text style over the widths of a sweep, for drawing. */
export function characterLines(spec: Spec, sweep: Sweep): CharacterLine[] {
  return spec.type.map((style) => ({
    name: style.name,
    points: sweptRanges(spec, sweep.from, sweep.to).flatMap((range) =>
      charactersOver(spec, sweep, range, style).map(({ width, count }) => ({ width, value: Number(count.toFixed(1)) })),
    ),
  }));
}

/** Characters in a line at widths of a range, from columns that are swept already: an average, which needs no fractions. */
function charactersOver(spec: Spec, sweep: Sweep, { breakpoint, from, to }: Range, style: TextStyle): CharactersAt[] {
  const { size, span } = settingAt(spec, style, breakpoint);
  const sizeAt = sizeOver(spec, breakpoint, size);
  return widthsBetween(from, to).map((width) => {
    return { width, count: charactersSwept(sweep, width, style.font, sizeAt(width), span) };
  });
}

/** Characters that a line over so many swept columns holds at a width, at a size in px. */
export function charactersSwept(sweep: Sweep, width: number, font: Font, px: number, span: number): number {
  const index = width - sweep.from;
  const columns = Math.min(span, sweep.count[index]!);
  const line = sweep.column[index]! * columns + sweep.gutter[index]! * (columns - 1);
  return px > 0 && line > 0 ? line / (px * (font.averageWidth / font.unitsPerEm)) : 0;
}

const EVERY = 8;

/** Every eighth width, and both ends: exact enough for a count of characters, which is an average anyway. */
function widthsBetween(from: number, to: number): number[] {
  const inside = Array.from({ length: Math.ceil((to - from) / EVERY) }, (_, index) => from + index * EVERY);
  return [...inside, to];
}
