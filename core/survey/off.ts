import { alignmentsOf } from './alignment';
import { depthsInBlocks } from './depths';
import { ON_LINE } from './score';
import { type Box, boxCount, type Screen } from './screens';

/** The lines of a grid: where columns start and where they end, in px. */
export type Lines = { starts: readonly number[]; ends: readonly number[]; width: number };

export type Side = 'start' | 'end';

/** An edge that is off its line, with the part of the height along which it runs. */
export type OffEdge = {
  screen: string;
  box: string;
  side: Side;
  at: number;
  nearest: number;
  by: number;
  top: number;
  height: number;
};

/** What is off against a grid: slips, and edges that leave it as if they were meant to. */
export type Off = { slips: OffEdge[]; leaving: OffEdge[]; on: number; edges: number };

/** Slips of one cause: the same side, by as much. */
export type Cause = { side: Side; by: number; edges: OffEdge[] };

/** Further from its line than this an edge is no slip any more, in px. */
const FURTHEST = 16;

/**
 * Every edge of the blocks of a screen against the lines of a grid. What lies in blocks (text, a card’s own parts) is not
 * held against the page’s grid; nor is the ragged side of words that were found in a picture.
 *
 * @param tolerance up to so many px off its line an edge stands on it; by default what browsers round
 */
export function offGrid(screen: Screen, { starts, ends, width }: Lines, tolerance = ON_LINE): Off {
  const off: Off = { slips: [], leaving: [], on: 0, edges: 0 };
  const gap = Math.min(...starts.slice(1).map((start, index) => Math.abs(start - ends[index]!)), Infinity);
  const furthest = Number.isFinite(gap) ? Math.max(8, Math.min(FURTHEST, gap * 0.75)) : FURTHEST;
  const blocks = blocksAmong(screen.boxes);
  const alignments = alignmentsOf(blocks);
  for (const [index, box] of blocks.entries()) {
    for (const [side, at, lines] of [
      ['start', box.x, starts],
      ['end', box.x + box.width, ends],
    ] as const) {
      // words of a picture end where they end: only the side at which they are aligned is held
      if (!alignments[index]![side]) continue;
      const nearest = nearestOf(lines, at);
      const by = at - nearest;
      off.edges++;
      if (Math.abs(by) <= tolerance) off.on++;
      else {
        const edge = { screen: screen.name, box: box.name, side, at, nearest, by, top: box.y, height: box.height };
        const isAtScreen = Math.abs(at) <= tolerance || Math.abs(at - width) <= tolerance;
        (isAtScreen || Math.abs(by) > furthest ? off.leaving : off.slips).push(edge);
      }
    }
  }
  return off;
}

/** A screen is held against one grid after another. */
const known = new WeakMap<readonly Box[], Box[]>();

/** The boxes that are laid out on the page: those in no other but wrappers around everything. */
export function blocksAmong(boxes: readonly Box[]): Box[] {
  const before = known.get(boxes);
  if (before) return before;
  const there = boxes.filter(({ width, height }) => width > 0 && height > 0);
  const depths = depthsInBlocks(there);
  const blocks = there.filter((_, index) => depths[index] === 0);
  known.set(boxes, blocks);
  return blocks;
}

function nearestOf(lines: readonly number[], at: number): number {
  return lines.reduce((best, line) => (Math.abs(line - at) < Math.abs(best - at) ? line : best), lines[0] ?? 0);
}

/** A length as a table of what is off shows it: to a quarter px. */
export function shownOff(length: number): number {
  return Math.round(length * 4) / 4;
}

/** Slips gathered by what they share, the most frequent first: eleven boxes that end 2 px late have one cause. */
export function causesOf(slips: readonly OffEdge[]): Cause[] {
  const causes = new Map<string, Cause>();
  for (const edge of slips) {
    const by = shownOff(edge.by);
    const key = `${edge.side} ${by}`;
    const cause = causes.get(key) ?? { side: edge.side, by, edges: [] };
    cause.edges.push(edge);
    causes.set(key, cause);
  }
  return [...causes.values()].sort((a, b) => b.edges.length - a.edges.length || Math.abs(b.by) - Math.abs(a.by));
}

/** A cause in words: `11 boxes end 2 px late`. */
export function causeText({ side, by, edges }: Cause): string {
  const verb = side === 'start' ? (edges.length === 1 ? 'starts' : 'start') : edges.length === 1 ? 'ends' : 'end';
  return `${boxCount(edges.length)} ${verb} ${Math.abs(by)} px ${by > 0 ? 'late' : 'early'}`;
}
