import { columnsAt, containerEdges } from '../columns/columns-at';
import { px, type Px, ZERO } from '../length/px';
import { breakpointAt, screenOf } from '../spec/ranges';
import type { Breakpoint, Layout, Section, Spec } from '../spec/schema';
import { pageTracks } from './block-edges';
import { solveCard } from './cards';
import { heightOf, type Ground } from './heights';
import { layLanes, rowAfter, type Tall } from './lanes';
import { memoized } from './memoized';
import { placeBlocks, type PlacedBlock } from './place-blocks';
import { placementsAt, spaceAt } from './placements';
import { rowFrame } from './row-frame';
import { type RowFrames, rowFramesAt } from './row-frames';
import { type WhiteSpace, whiteSpaces } from './white-space';

/** A section of a layout, worked out. Lengths in px, exact, from the top of the page. */
export type SolvedSection = { id: string; top: Px; height: Px };

/** A trial layout at a viewport: everything that stands on the page, and the white space between. */
export type SolvedLayout = {
  breakpoint: Breakpoint;
  width: Px;
  height: Px;
  sections: SolvedSection[];
  blocks: PlacedBlock[];
  space: WhiteSpace[];
};

/**
 * A trial layout at a viewport width and height, by default the height at which the breakpoint is drawn.
 *
 * Rows are counted down the page: each section first leaves rows above, then places its lanes, each at the head of the
 * next row, with white space between, then leaves rows below. The first section begins at 0, or under the top bar, any other at the head of its
 * first row; each ends where the next begins, the last at the foot of its last row. A section as tall as the screen is
 * exactly that, and the next begins at the first row that is not above its end.
 *
 *     solveLayout(spec, front, 1512).blocks[0]   // columns 1–6, x 108, width 636, …
 */
export function solveLayout(
  spec: Spec,
  layout: Layout,
  width: Px | number,
  height: Px | number = breakpointAt(spec, px(width).valueOf()).reference.height,
): SolvedLayout {
  const breakpoint = breakpointAt(spec, px(width).valueOf());
  const frames = rowFramesAt(spec, breakpoint, width, height);
  const columns = columnsAt(spec, breakpoint, width);
  const page: Omit<Ground, 'unit' | 'stack' | 'countAt'> = {
    spec,
    breakpoint,
    columns,
    tracks: pageTracks(columns),
    container: containerEdges(columns),
    screen: screenOf(spec, breakpoint, width, height),
  };
  // blocks are counted in the rows of their section
  const stacks = memoized(
    (tall: Section['tall']) => rowFrame({ origin: ZERO, offset: ZERO, ...frames.unit[tall] }).stack,
  );
  const counts = memoized(
    (id: string): number =>
      columnsAt(
        spec,
        spec.breakpoints.find((each) => each.id === id)!,
      ).count,
  );
  const countAt = ({ id }: Breakpoint): number => (id === breakpoint.id ? columns.count : counts(id));
  const groundOf = ({ tall }: Section): Ground => ({
    ...page,
    countAt,
    unit: frames.unit[tall],
    stack: stacks(tall),
  });
  const solved = layout.sections.map((section) => layOut(section, groundOf(section)));
  const sections: SolvedSection[] = [];
  const blocks: PlacedBlock[] = [];
  const space: WhiteSpace[] = [];
  let [y, row] = [frames.sides.top, 1];
  for (const [index, { section, tall, spaceIn, ground }] of solved.entries()) {
    const isLast = index === solved.length - 1;
    const top = index === 0 ? y : frames.goOn ? frames.content(y).head(row) : y;
    const first = frames.goOn ? row : 1;
    const frame = section.tall === 'screen' ? frames.screen(top) : frames.content(top);
    const lanes = layLanes(tall, spaceIn, frame, first);
    const after = rowAfter(lanes, spaceIn, first);
    const end = endOf(section, { top, first, after, isLast }, frames);
    placeBlocks(tall, { lanes, frame, top, end, section: section.id, ground }, blocks);
    // divided rows belong to a screen; they are not counted beside other rows
    const on = section.tall === 'screen' && !frames.goOn ? ', on a screen' : '';
    space.push(
      ...whiteSpaces(spec, tall, { lanes, space: spaceIn, frame, top, end, section, on, unit: ground.unit.name }),
    );
    sections.push({ id: section.id, top, height: end.sub(top) });
    y = end;
    row = section.tall === 'screen' ? frame.from(end) : after;
  }
  return { breakpoint, width: columns.viewport, height: y.add(frames.sides.bottom), sections, blocks, space };
}

/** The blocks of a section with their heights, and its white space. */
function layOut(section: Section, ground: Ground): LaidOut {
  const { spec, breakpoint, countAt } = ground;
  const placed = placementsAt(spec, section.blocks, breakpoint, countAt);
  const tall = placed.map((each) => ({ placed: each, height: heightOf(each, ground, solveCard) }));
  return { section, tall, spaceIn: spaceAt(spec, section.space, breakpoint), ground };
}

type LaidOut = { section: Section; tall: Tall[]; spaceIn: ReturnType<typeof spaceAt>; ground: Ground };

type Ends = { top: Px; first: number; after: number; isLast: boolean };

function endOf({ tall }: Section, { top, first, after, isLast }: Ends, frames: RowFrames): Px {
  if (tall === 'screen') return top.add(frames.screenHeight);
  const frame = frames.content(top);
  if (after === first) return top;
  // counted from its own top, a section ends with its last row; going on, it ends where the next begins
  return isLast || !frames.goOn ? frame.foot(after - 1) : frame.head(after);
}
