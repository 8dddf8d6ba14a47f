import type { Style } from './style';
import { type NoGrid, placeOf } from './walk';

/** From a track to a track of a grid, counted from 1, both taken. */
export type Span = [first: number, last: number];

type Line = { at: number } | { span: number } | 'auto' | { why: string };

/**
 * The tracks that an element takes along an axis, from the lines that its style names (CSS Grid Layout 2, 8.3): `4 / 7`, `2 / span 3`, `span 2 / -1`.
 *
 *     spanOf(style, 'column', 12)   // of `grid-column: 2 / -1`: [2, 12]
 *
 * @param count how many tracks there are, from which negative lines are counted back; null where that is not known
 * @returns why not, where the browser finds the place by itself, or a line is called by a name
 */
export function spanOf(style: Style, axis: 'column' | 'row', count: number | null): Span | NoGrid {
  const property = `grid-${axis}-start`;
  const place = placeOf(style, style.has(property) ? property : `grid-${axis}-end`);
  const [start, end] = [lineOf(style.get(property), count), lineOf(style.get(`grid-${axis}-end`), count)];
  for (const line of [start, end]) if (isUnknown(line)) return { why: line.why, ...place };
  const from = numbersOf(start, end);
  if (!from) return { why: `the browser finds its ${axis}s by itself`, ...place };
  const [first, last] = from[0] <= from[1] ? from : [from[1], from[0]];
  if (first < 1) return { why: `it stands before the first ${axis}`, ...place };
  return [first, Math.max(first, last - 1)];
}

/** Both lines; null where neither is a number. */
function numbersOf(start: Line, end: Line): [number, number] | null {
  const [at, to] = [numberOf(start), numberOf(end)];
  if (at !== null && to !== null) return [at, to];
  if (at !== null) return [at, at + spanIn(end)];
  return to === null ? null : [to - spanIn(start), to];
}

function numberOf(line: Line): number | null {
  return typeof line === 'object' && 'at' in line ? line.at : null;
}

function spanIn(line: Line): number {
  return typeof line === 'object' && 'span' in line ? line.span : 1;
}

function isUnknown(line: Line): line is { why: string } {
  return typeof line === 'object' && 'why' in line;
}

function lineOf(text: string | undefined, count: number | null): Line {
  if (text === undefined || text === 'auto') return 'auto';
  const [, number] = /^([-+]?\d{1,7})$/.exec(text) ?? [];
  if (number !== undefined) {
    const line = Number(number);
    if (line > 0) return { at: line };
    if (count === null)
      return { why: `line ${line} is counted from the end, and how many tracks there are isn’t known` };
    return { at: count + 2 + line };
  }
  const [, span] = /^span\s+(\d{1,7})$/.exec(text) ?? [];
  return span !== undefined && Number(span) > 0 ? { span: Number(span) } : { why: `the line “${text}” is a name` };
}
