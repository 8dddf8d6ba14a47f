import { type Px, px, ZERO } from '../length/px';
import type { SolvedRows } from './rows-at';

/** A piece of a page's height with its edges from the top; rows and gaps are numbered from 1. */
export type HeightSegment = { part: 'above' | 'row' | 'gap' | 'below'; number: number; start: Px; end: Px };

/**
 * The piece of a page that lies at a height; null beside the page.
 *
 *     heightSegmentAt(bands, px(844), px(20))   // row 2: 16 → 24
 */
export function heightSegmentAt(rows: SolvedRows, page: Px, at: Px): HeightSegment | null {
  const { count, height, gap, offset } = rows;
  const step = height.add(gap);
  if (at.compare(ZERO) < 0 || at.compare(page) >= 0) return null;
  if (at.compare(offset) < 0) return { part: 'above', number: 1, start: ZERO, end: offset };
  if (step.compare(ZERO) <= 0) return null;
  const index = at.sub(offset).div(step).floor().valueOf();
  const top = offset.add(step.mul(index));
  const bottom = top.add(height);
  if (index < count && at.compare(bottom) < 0) return { part: 'row', number: index + 1, start: top, end: bottom };
  if (index < count - 1 || rows.rule !== 'divide')
    return { part: 'gap', number: index + 1, start: bottom, end: bottom.add(gap) };
  const last = offset.add(step.mul(count)).sub(gap);
  return { part: 'below', number: 1, start: last, end: page };
}

/** The segment after or before one, for stepping with keys. */
export function nextHeightSegment(
  rows: SolvedRows,
  page: Px,
  from: HeightSegment | null,
  direction: 1 | -1,
): HeightSegment | null {
  if (from === null) return heightSegmentAt(rows, page, rows.offset);
  const at = direction === 1 ? from.end : from.start.sub(HAIR);
  return heightSegmentAt(rows, page, at) ?? from;
}

/** Less than any row: just above an edge. */
const HAIR = px('1/1000000');
