import type { Box } from './screens';

/** By which of its sides a box stands where it does: an area by both, words by the one at which they are aligned, or by none where they are centred. */
export type Alignment = { start: boolean; end: boolean };

/** Sides at one place, to so many px. */
const SAME = 1.2;
/** So many words end at one place where that is no chance. */
const ALIGNED = 4;
/** A drawing that stands in the middle of something is at most so large, in px; what stands under or over it is so near. */
const DRAWING = 96;
const NEAR = 72;

const BOTH: Alignment = { start: true, end: true };
const NONE: Alignment = { start: false, end: false };

/**
 * By which sides boxes stand where they do. Words end where they end: of text, the side counts at which it shares a place with most others; of text and small drawings that
 * share a middle with what is over or under them, and no side with anything, neither does.
 *
 *     alignmentsOf([heading, paragraph])   // [{ start: true, end: false }, { start: true, end: false }]
 */
export function alignmentsOf(boxes: readonly Box[]): Alignment[] {
  if (!boxes.some(({ is }) => is === 'text')) return boxes.map(() => BOTH);
  const starts = counted(boxes.map(({ x }) => x));
  const ends = counted(boxes.map(({ x, width }) => x + width));
  const middles = nearMiddles(boxes);
  return boxes.map((box, index): Alignment => {
    const isDrawing = box.width <= DRAWING && box.height <= DRAWING;
    if (box.is !== 'text' && !isDrawing) return BOTH;
    const [start, end] = [starts(box.x), ends(box.x + box.width)];
    if (middles.has(index) && start <= 2 && end <= 2) return NONE;
    if (box.is !== 'text') return BOTH;
    return end >= ALIGNED && end > start ? { start: false, end: true } : { start: true, end: false };
  });
}

/** How many of the places are where one is. */
function counted(places: readonly number[]): (at: number) => number {
  const sorted = Float64Array.from(places).sort();
  const firstFrom = (at: number): number => {
    let [low, high] = [0, sorted.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (sorted[middle]! < at) low = middle + 1;
      else high = middle;
    }
    return low;
  };
  return (at) => firstFrom(at + SAME) - firstFrom(at - SAME);
}

/** Boxes that share their middle, and neither side, with one that stands over or under them. */
function nearMiddles(boxes: readonly Box[]): Set<number> {
  const order = boxes.map((_, index) => index).sort((a, b) => boxes[a]!.y - boxes[b]!.y);
  const found = new Set<number>();
  for (const [place, index] of order.entries()) {
    const box = boxes[index]!;
    for (let next = place + 1; next < order.length; next++) {
      const other = boxes[order[next]!]!;
      if (other.y > box.y + box.height + NEAR) break;
      if (other.y < box.y + box.height - SAME) continue;
      const apart = other.x + other.width / 2 - box.x - box.width / 2;
      const areAlike = Math.abs(other.width - box.width) <= 4;
      if (Math.abs(apart) > 2 * SAME || areAlike) continue;
      found.add(index).add(order[next]!);
    }
  }
  return found;
}
