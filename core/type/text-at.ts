import type Fraction from 'fraction.js';
import { baselineAt } from '../baseline/baseline-at';
import { columnsAt, type SolvedColumns, spanWidth } from '../columns/columns-at';
import { oncePer } from '../length/once-per';
import { type Px, ZERO } from '../length/px';
import { sizeAt } from '../length/size';
import { type InRows, inRows } from '../rows/row-sum';
import { rowsAt } from '../rows/rows-at';
import { byWidth, screenOf } from '../spec/ranges';
import type { Breakpoint, Leading, Spec, TextStyle, TypeSetting } from '../spec/schema';
import { charactersPerLine, linesOfParagraph } from './characters';
import { halfLeading, type LetterTops, letterTops, type Line, timesSize, type Trim, trimTo } from './line-box';
import { measuresOf } from './measures';
import { shiftToGrid } from './on-the-grid';

/** A text style at one breakpoint and viewport width; lengths in px, exact. */
export type TextAt = {
  setting: TypeSetting;
  size: Px;
  leading: Px;
  /** leading / size */
  ratio: Fraction;
  halfLeading: Px;
  /** Below the top of the box that stands on the grid: the line box, or the text trimmed to its caps or x-height. */
  baseline: Px;
  /** From the top of the line box. */
  letters: LetterTops;
  /** What lies over the caps (or the x-height, where that stands on the grid) and under the baseline of a line box. */
  edgeTrim: Trim;
  /** What is cut from the line box; nothing where the line box stands on the grid. */
  trim: Trim;
  /** Down to the next baseline line, when the box begins on one. */
  shift: Px;
  /** How many columns the text runs over, of those that are there. */
  span: number;
  width: Px;
  characters: Fraction;
};

/** The setting of a style at a breakpoint: its own, or that of the nearest narrower one, or of the narrowest that has one. */
export function settingAt(spec: Spec, style: TextStyle, breakpoint: Breakpoint): TypeSetting {
  const own = style.at[breakpoint.id];
  if (own) return own;
  const set = byWidth(spec.breakpoints).filter(({ id }) => Object.hasOwn(style.at, id));
  const nearest = set.findLast(({ from }) => from <= breakpoint.from) ?? set[0];
  return (nearest && style.at[nearest.id]) ?? Object.values(style.at)[0]!;
}

/**
 * Everything about a text style at a breakpoint, by default at its reference width.
 *
 *     textAt(spec, body, phone).shift   // 303/125 px down puts 16/24 Hanken Grotesk on a baseline of 4
 */
export function textAt(
  spec: Spec,
  style: TextStyle,
  breakpoint: Breakpoint,
  width: Px | number = breakpoint.reference.width,
  solved: SolvedColumns = columnsAt(spec, breakpoint, width),
): TextAt {
  const isDrawn = width === breakpoint.reference.width && solved === columnsAt(spec, breakpoint);
  return isDrawn ? drawn(spec, breakpoint)(style) : workedOut(spec, style, breakpoint, width, solved);
}

/** Texts as they are drawn, which checks and tables ask for again and again. */
const drawn = oncePer((spec: Spec, breakpoint: Breakpoint) => {
  const known = new WeakMap<TextStyle, TextAt>();
  return (style: TextStyle): TextAt => {
    const { width } = breakpoint.reference;
    const text = known.get(style) ?? workedOut(spec, style, breakpoint, width, columnsAt(spec, breakpoint));
    known.set(style, text);
    return text;
  };
});

function workedOut(
  spec: Spec,
  style: TextStyle,
  breakpoint: Breakpoint,
  width: Px | number,
  solved: SolvedColumns,
): TextAt {
  const setting = settingAt(spec, style, breakpoint);
  const screen = screenOf(spec, breakpoint, width);
  const size = sizeAt(setting.size, screen);
  const leading = leadingAt(setting.leading, size, (value) => sizeAt(value, screen));
  const line: Line = { measures: measuresOf(style.font), size, leading };
  const letters = letterTops(line);
  const isTrimmed = style.stands !== 'line-box';
  const edgeTrim = trimTo(style.stands === 'x-height' ? 'x-height' : 'caps', line, letters);
  const trim = isTrimmed ? edgeTrim : { over: ZERO, under: ZERO };
  const baseline = letters.baseline.sub(trim.over);
  const span = Math.min(setting.span, solved.count);
  const textWidth = spanWidth(solved, span);
  return {
    setting,
    size,
    leading,
    ratio: size.equals(ZERO) ? ZERO : leading.div(size),
    halfLeading: halfLeading(line),
    baseline,
    letters,
    edgeTrim,
    trim,
    shift: shiftToGrid(baseline, stepOf(spec, breakpoint, width)),
    span,
    width: textWidth,
    characters: charactersPerLine(style.font, size, textWidth),
  };
}

function leadingAt(leading: Leading, size: Px, read: (value: Exclude<Leading, { times: string }>) => Px): Px {
  return isTimes(leading) ? timesSize(leading.times, size) : read(leading);
}

export function isTimes(leading: Leading): leading is { times: string } {
  return typeof leading === 'object' && 'times' in leading;
}

/** The baseline step of a breakpoint in px; 0 where it has none. */
export function stepOf(spec: Spec, breakpoint: Breakpoint, width: Px | number = breakpoint.reference.width): Px {
  return baselineAt(spec, breakpoint, breakpoint.reference.height, width)?.step ?? ZERO;
}

/** Where a picture beside a text begins, below the top of the box in which the text was laid, by what it lines up with. */
export type PictureStart = { ascenders: Px; caps: Px; xHeight: Px };

/**
 * How far below the grid line on which the text's box begins a picture beside it must start to line up with its letters.
 *
 *     pictureStart(textAt(spec, body, phone)).caps
 */
export function pictureStart({ letters, trim, shift }: TextAt): PictureStart {
  const down = shift.sub(trim.over);
  return {
    ascenders: letters.ascenders.add(down),
    caps: letters.caps.add(down),
    xHeight: letters.xHeight.add(down),
  };
}

/** A paragraph of a style: its lines, its height, and the rows it takes. */
export type Paragraph = { lines: number; height: Px; inRows: InRows | null };

/** A paragraph of so many characters, set in a style at a breakpoint. */
export function paragraphAt(spec: Spec, breakpoint: Breakpoint, text: TextAt, length: number): Paragraph {
  const lines = linesOfParagraph(length, text.characters);
  const height = text.leading.mul(lines).sub(text.trim.over).sub(text.trim.under);
  const rows = rowsAt(spec, breakpoint);
  return { lines, height, inRows: rows && inRows(height, rows) };
}
