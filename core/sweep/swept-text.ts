import { exactText } from '../length/px';
import type { Breakpoint, Spec, TextStyle } from '../spec/schema';
import { textAt } from '../type/text-at';
import type { Corner } from './corners';
import { sweptRanges } from './sweep';

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
export function sweptText(spec: Spec, range: Range): SweptText[] {
  return spec.type.map((style) => sweptStyle(spec, range, style));
}

function sweptStyle(spec: Spec, { breakpoint, from, to }: Range, style: TextStyle): SweptText {
  const at = (width: number) => textAt(spec, style, breakpoint, width);
  const [first, last] = [at(from), at(to)];
  const counts = widthsBetween(from, to).map((width) => ({ width, count: at(width).characters.valueOf() }));
  const fewest = counts.reduce((best, next) => (next.count < best.count ? next : best));
  const most = counts.reduce((best, next) => (next.count > best.count ? next : best));
  return {
    name: style.name,
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

/** Characters a line of every text style over a range of widths, for drawing. */
export function characterLines(spec: Spec, from: number, to: number): CharacterLine[] {
  return spec.type.map((style) => ({
    name: style.name,
    points: sweptRanges(spec, from, to).flatMap((range) =>
      widthsBetween(range.from, range.to).map((width) => ({
        width,
        value: Number(textAt(spec, style, range.breakpoint, width).characters.valueOf().toFixed(1)),
      })),
    ),
  }));
}

const EVERY = 8;

/** Every eighth width, and both ends: exact enough for a count of characters, which is an average anyway. */
function widthsBetween(from: number, to: number): number[] {
  const inside = Array.from({ length: Math.ceil((to - from) / EVERY) }, (_, index) => from + index * EVERY);
  return [...inside, to];
}
