import { rowFramesAt } from '../layouts/row-frames';
import { ZERO } from '../length/px';
import type { Parsed } from '../parsed';
import { LIMITS } from '../limits';
import { breakpointAt } from '../spec/ranges';
import type { Block, Layout, Leaving, Placement, Spec } from '../spec/schema';
import { idOf } from '../spec/slug';
import { specLines } from './lines';
import { blocksAmong, type Lines } from './off';
import type { Box, Screen } from './screens';

/** Tops nearer to each other than this begin one lane, in px. */
const SAME_TOP = 16;
/** An edge so near to the screen’s runs to it. */
const AT_SCREEN = 2;

/**
 * A spec with the blocks of a surveyed screen as a trial layout: each on the columns of the spec’s own grid that it is nearest to, in lanes by its top, as
 * many rows tall as it is. What runs to the edge of the screen leaves the grid there.
 */
export function takeLayout(spec: Spec, screen: Screen): Parsed<{ spec: Spec; id: string; left: number }> {
  if (spec.layouts.length >= LIMITS.layouts)
    return { problem: `A specification can have up to ${LIMITS.layouts} layouts. Remove one first.` };
  const breakpoint = breakpointAt(spec, screen.width);
  const lines = specLines(spec, screen.width);
  if (lines.starts.length === 0) return { problem: `${breakpoint.name} has no columns at ${screen.width} px.` };
  const boxes = withoutTwins(blocksAmong(screen.boxes)).filter((box) => box.height < screen.height * 0.9);
  const placed = boxes.slice(0, LIMITS.blocks);
  if (placed.length === 0) return { problem: `${screen.name} has no blocks to lay out.` };
  const lanes = lanesOf(placed);
  const frame = rowFramesAt(spec, breakpoint, screen.width, breakpoint.reference.height).content(ZERO);
  const step = Math.max(1, frame.head(2).sub(frame.head(1)).valueOf());
  const rows = (px: number, least: number): number =>
    Math.min(LIMITS.rowsInLayout, Math.max(least, Math.round(px / step)));
  const ids: string[] = [];
  const blocks = placed.map((box): Block => {
    const name = box.name.slice(0, LIMITS.breakpointName) || 'Block';
    const id = idOf('block', name, ids);
    ids.push(id);
    const own = { lanes: lanesAt(lanes, box), height: { rows: rows(box.height, 1) } };
    const at: Record<string, Placement> = { [breakpoint.id]: { ...onColumns(box, lines), ...own } };
    return { id, name, holds: { area: 'plain' }, at };
  });
  const id = idOf(
    'layout',
    screen.name,
    spec.layouts.map((layout) => layout.id),
  );
  const layout: Layout = {
    id,
    name: screen.name.slice(0, LIMITS.breakpointName),
    notes: `Surveyed at ${screen.width} px.`,
    sections: [
      {
        id: 'page',
        name: 'Page',
        tall: 'content',
        space: { [breakpoint.id]: spaceOf(lanes, placed, (px) => rows(px, 0)) },
        blocks,
      },
    ],
  };
  return { value: { spec: { ...spec, layouts: [...spec.layouts, layout] }, id, left: boxes.length - placed.length } };
}

/** Where lanes begin. */
function lanesOf(boxes: readonly Box[]): number[] {
  const tops: number[] = [];
  for (const { y } of [...boxes].sort((a, b) => a.y - b.y)) {
    const last = tops.at(-1);
    if (tops.length < LIMITS.lanes && (last === undefined || y - last > SAME_TOP)) tops.push(y);
  }
  return tops;
}

/** From the lane in which a box begins to the last that begins before its foot. */
function lanesAt(tops: readonly number[], { y, height }: Box): [number, number] {
  const first = Math.max(1, tops.filter((top) => top <= y + SAME_TOP).length);
  const last = tops.filter((top) => top < y + height - SAME_TOP).length;
  return [first, Math.max(first, last)];
}

/** White space over, between and under lanes: from the lowest foot before to the next top. */
function spaceOf(tops: readonly number[], boxes: readonly Box[], rows: (px: number) => number) {
  const between = tops.slice(1).map((top) => {
    const feet = boxes.filter(({ y, height }) => y + height <= top + SAME_TOP).map(({ y, height }) => y + height);
    return rows(feet.length === 0 ? 0 : Math.max(0, top - Math.max(...feet)));
  });
  return { above: rows(Math.max(0, tops[0] ?? 0)), between, below: 0 };
}

function onColumns({ x, width }: Box, { starts, ends, width: screen }: Lines): Pick<Placement, 'columns' | 'leaves'> {
  const first = nearestIndex(starts, x);
  const last = Math.max(first, nearestIndex(ends, x + width));
  const leaves: Leaving[] = [];
  const reason = 'Runs to the edge of the surveyed screen.';
  if (x <= AT_SCREEN && starts[0]! > AT_SCREEN) leaves.push({ side: 'start', to: 'screen', reason });
  if (x + width >= screen - AT_SCREEN && ends.at(-1)! < screen - AT_SCREEN)
    leaves.push({ side: 'end', to: 'screen', reason });
  return { columns: [first + 1, last + 1], ...(leaves.length > 0 ? { leaves } : {}) };
}

function nearestIndex(lines: readonly number[], at: number): number {
  return lines.reduce((best, line, index) => (Math.abs(line - at) < Math.abs(lines[best]! - at) ? index : best), 0);
}

/** Boxes that are the same to a px, as a link and the card in it, are one block. */
function withoutTwins(boxes: readonly Box[]): Box[] {
  const seen = new Set<string>();
  return boxes.filter(({ x, y, width, height }) => {
    const key = [x, y, width, height].map(Math.round).join(' ');
    return !seen.has(key) && seen.add(key);
  });
}
