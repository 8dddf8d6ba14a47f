import { ratioOf } from '../length/ratio';
import { HALF, type Px, roundHalfUp } from '../length/px';
import { type Edge, edgeHeight, type Measures } from './measures';

/** One line of text: its font's measures in em, its size and leading in px. */
export type Line = { measures: Measures; size: Px; leading: Px };

/**
 * Half of what a line box is higher than its letters: (leading − (A + D) · size) / 2. Below zero for tight leading.
 * CSS Inline Layout, level 3, section 5.1.
 *
 *     halfLeading({ measures: workSans, size: px(16), leading: px(24) })   // 327/125 with A 0.93, D 0.243
 */
export function halfLeading({ measures: { ascent, descent }, size, leading }: Line): Px {
  return leading.sub(ascent.add(descent).mul(size)).mul(HALF);
}

/** The first baseline below the top of the line box: half-leading + A · size. */
export function firstBaseline(line: Line): Px {
  return halfLeading(line).add(line.measures.ascent.mul(line.size));
}

/** How much to trim so that a box runs from the caps (or x-height) of its first line to the baseline of its last. */
export type Trim = { over: Px; under: Px };

/**
 * The trims of `text-box: trim-both cap alphabetic` (or `ex`).
 *
 *     trimTo('caps', { measures: workSans, size: px(16), leading: px(24) })   // over 6.972, under 6.504
 */
export function trimTo(edge: Edge, line: Line, tops = letterTops(line)): Trim {
  return { over: edge === 'caps' ? tops.caps : tops.xHeight, under: line.leading.sub(tops.baseline) };
}

/** Heights of a line's letters below the top of its line box: where a picture beside the text lines up with them. */
export type LetterTops = { ascenders: Px; caps: Px; xHeight: Px; baseline: Px };

/** Where ascenders, caps, small letters and baseline of a first line lie below the top of its line box. */
export function letterTops(line: Line): LetterTops {
  const baseline = firstBaseline(line);
  const { ascent } = line.measures;
  return {
    ascenders: baseline.sub(ascent.mul(line.size)),
    caps: baseline.sub(edgeHeight(line.measures, 'caps', line.size)),
    xHeight: baseline.sub(edgeHeight(line.measures, 'x-height', line.size)),
    baseline,
  };
}

/**
 * Where Chromium draws the first baseline of an untrimmed line: it rounds ascent and descent to whole px, half up, and
 * the half-leading down. Seen in Chromium 156 on Linux for every shipped font; trimmed boxes are exact to 1/64 px.
 *
 *     browserBaseline({ measures: hanken, size: px(16), leading: px(24) })   // 17, where the exact one is 17.576
 */
export function browserBaseline({ measures: { ascent, descent }, size, leading }: Line): Px {
  const [above, below] = [roundHalfUp(ascent.mul(size)), roundHalfUp(descent.mul(size))];
  return leading.sub(above).sub(below).mul(HALF).floor().add(above);
}

/** A multiple of the size as a leading: 1.5 × 16 = 24. */
export function timesSize(times: string, size: Px): Px {
  return size.mul(ratioOf(times));
}
