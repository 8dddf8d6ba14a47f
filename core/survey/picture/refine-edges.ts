import type { Pixels } from '../../picture/pixels';
import { apart } from './sampling';

/** An edge, in pixels of the picture, and how sure it is: the share of its length at which colours change there. */
export type Edge = { at: number; sure: number };

/** Which way along the axis the outside of the thing lies. */
export type Outward = 1 | -1;

type Window = { from: number; to: number; near: number; outward: Outward };

/** So many lines across an edge are looked at. */
const SAMPLES = 48;
/** The outermost of the steps that are nearly the greatest is the edge: a border’s outer side, not its inner. */
const NEARLY = 0.6;
/** A step is cut off here, so that a few letters on it do not outweigh a faint edge all along. */
const MOST_STEP = 48;
const CHANGE = 3;

/**
 * Where a side of a thing lies, looked for in a window around the place at which it was found: at the strongest step that is seen all along it. Of an edge
 * that is blurred over several pixels its middle counts.
 *
 * @param axis `x` for the start and end of a thing, `y` for its top and foot
 * @param along the part of the side that is looked at, in pixels along the other axis
 */
export function edgeAt(pixels: Pixels, axis: 'x' | 'y', along: [from: number, to: number], window: Window): Edge {
  const from = Math.max(1, window.from);
  const to = Math.min(axis === 'x' ? pixels.width - 1 : pixels.height - 1, window.to);
  const steps: { at: number; mean: number; sure: number }[] = [];
  for (let at = from; at <= to; at++) steps.push({ at, ...stepAt(pixels, axis, at, along) });
  const most = Math.max(0, ...steps.map(({ mean }) => mean));
  if (most < 0.75) return { at: window.near, sure: 0 };
  const outer = window.outward === 1 ? steps.toReversed() : steps;
  const edge = outer.find(({ mean }) => mean >= most * NEARLY)!;
  return { at: middleOf(steps, edge), sure: edge.sure };
}

function stepAt({ width, height, data }: Pixels, axis: 'x' | 'y', at: number, [from, to]: [number, number]) {
  const [low, high] = [Math.max(0, from), Math.min(axis === 'x' ? height : width, to)];
  const every = Math.max(1, Math.floor((high - low) / SAMPLES));
  let [sum, count, changed] = [0, 0, 0];
  for (let each = low + (every >> 1); each < high; each += every) {
    const pixel = axis === 'x' ? each * width + at : at * width + each;
    const by = apart(data, pixel, pixel - (axis === 'x' ? 1 : width));
    sum += Math.min(MOST_STEP, by);
    if (by >= CHANGE) changed++;
    count++;
  }
  return count === 0 ? { mean: 0, sure: 0 } : { mean: sum / count, sure: changed / count };
}

/** A step with less of the change around it than this is part of a blur. */
const SHARP = 0.35;

/** Pages are drawn on whole pixels: a sharp edge lies where its step is, one that is spread over many at their middle, by weight. */
function middleOf(steps: readonly { at: number; mean: number }[], edge: { at: number; mean: number }): number {
  const index = steps.findIndex(({ at }) => at === edge.at);
  let [weight, sum] = [0, 0];
  for (const way of [-1, 1]) {
    for (let each = index + (way === 1 ? 0 : -1); each >= 0 && each < steps.length; each += way) {
      const { at, mean } = steps[each]!;
      if (mean < edge.mean * 0.25 || Math.abs(at - edge.at) > 12) break;
      weight += mean;
      sum += mean * at;
    }
  }
  return edge.mean >= weight * SHARP ? edge.at : Math.round(sum / weight);
}
