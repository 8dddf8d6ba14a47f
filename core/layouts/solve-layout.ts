import { columnsAt, containerEdges } from '../columns/columns-at';
import { px, type Px, ZERO } from '../length/px';
import { breakpointAt, screenOf } from '../spec/ranges';
import type { Breakpoint, Layout, Section, Spec } from '../spec/schema';
import { pageTracks } from './block-edges';
import { tallIn } from './cards';
import { groundSpec } from './ground-spec';
import type { Ground } from './heights';
import { layLanes, rowAfter, type Tall } from './lanes';
import { memoized } from './memoized';
import { placeBlocks, type PlacedBlock } from './place-blocks';
import { type BetweenSections, placementsAt, shownAt, spaceAt } from './placements';
import { type RowFrame, rowFrame } from './row-frame';
import { breakpointIn, hasOwnRows, specOfSection } from './section-grid';
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
  const groundOf = groundsOf(groundSpec(spec), breakpoint, width, height);
  const { frames, columns } = groundOf({ tall: 'content' });
  const solved = layout.sections.map((section, index) => {
    const ground = groundOf(section);
    const isOwn = hasOwnRows(spec, section, breakpoint);
    const between = { between: layout.between, isFirst: index === 0 };
    return { ...layOut(section, ground, between), rows: isOwn ? ground.frames : frames, goOn: frames.goOn && !isOwn };
  });
  const sections: SolvedSection[] = [];
  const blocks: PlacedBlock[] = [];
  const space: WhiteSpace[] = [];
  let [y, row] = [frames.sides.top, 1];
  for (const [index, { section, tall, spaceIn, ground, rows, goOn }] of solved.entries()) {
    const isLast = index === solved.length - 1;
    const isScreen = section.tall === 'screen';
    const top = index === 0 || !goOn ? y : frames.content(y).head(row);
    const first = goOn ? row : 1;
    const frame = goOn ? frames.content(top) : isScreen && !rows.goOn ? rows.screen(top) : rows.fromTop(top);
    const lanes = layLanes(tall, spaceIn, frame, first);
    const after = rowAfter(lanes, spaceIn, first);
    const end = isScreen ? top.add(rows.screenHeight) : contentEnd(frame, { top, first, after, isLast, goOn });
    placeBlocks(tall, { lanes, frame, top, end, section: section.id, ground }, blocks);
    // divided rows belong to a screen; they are not counted beside other rows
    const on = isScreen && !rows.goOn ? ', on a screen' : '';
    space.push(
      ...whiteSpaces(spec, tall, { lanes, space: spaceIn, frame, top, end, section, on, unit: ground.unit.name }),
    );
    sections.push({ id: section.id, top, height: end.sub(top) });
    y = end;
    // the page's rows go on at the first whose head is not above the end
    row = goOn && !isScreen ? after : frames.goOn ? frames.content(end).from(end) : 1;
  }
  return { breakpoint, width: columns.viewport, height: y.add(frames.sides.bottom), sections, blocks, space };
}

/** No grid is called so. */
const MAIN = '';

type GroundOf = (section: Pick<Section, 'tall' | 'grid'>) => Ground & { frames: RowFrames };

/** Grounds of so many sizes are kept of a document: what is drawn at once, and what was a moment ago. */
const MOST_SIZES = 16;

const kept = new WeakMap<Spec, Map<string, GroundOf>>();

/** What the sections of a page of a size stand on; the same as before, as long as nothing but layouts changes. */
function groundsOf(spec: Spec, breakpoint: Breakpoint, width: Px | number, height: Px | number): GroundOf {
  const own = kept.get(spec) ?? new Map<string, GroundOf>();
  kept.set(spec, own);
  const key = `${breakpoint.id} ${px(width).toFraction()} ${px(height).toFraction()}`;
  const ground = own.get(key) ?? groundsAt(spec, breakpoint, width, height);
  own.delete(key);
  own.set(key, ground);
  for (const oldest of own.keys()) if (own.size > MOST_SIZES) own.delete(oldest);
  return ground;
}

/** What the sections of a page stand on: each grid is worked out once. */
function groundsAt(spec: Spec, { id }: Breakpoint, width: Px | number, height: Px | number): GroundOf {
  const grid = memoized((name: string) => {
    const own = specOfSection(spec, name === MAIN ? {} : { grid: name });
    const breakpoint = breakpointIn(own, id);
    const columns = columnsAt(own, breakpoint, width);
    const counts = memoized((each: string): number => columnsAt(own, breakpointIn(own, each)).count);
    return {
      spec: own,
      breakpoint,
      columns,
      tracks: pageTracks(columns),
      container: containerEdges(columns),
      screen: screenOf(own, breakpoint, width, height),
      countAt: (each: Breakpoint): number => (each.id === id ? columns.count : counts(each.id)),
      frames: rowFramesAt(own, breakpoint, width, height),
    };
  });
  const grounds = memoized((key: string) => {
    const [tall, name] = JSON.parse(key) as [Section['tall'], string];
    const own = grid(name);
    // blocks are counted in the rows of their section
    const stack = rowFrame({ origin: ZERO, offset: ZERO, ...own.frames.unit[tall] }).stack;
    const { unit, line, base } = own.frames;
    return { ...own, unit: unit[tall], line, base, stack };
  });
  return ({ tall, grid: name = MAIN }) => grounds(JSON.stringify([tall, name]));
}

/** The blocks of a section with their heights, and its white space. */
function layOut(section: Section, ground: Ground, between: BetweenSections): LaidOut {
  const { spec, breakpoint, countAt } = ground;
  const { placed, space } = shownAt(
    placementsAt(spec, section.blocks, breakpoint, countAt),
    spaceAt(spec, section.space, breakpoint, between),
  );
  return { section, tall: tallIn(placed, ground), spaceIn: space, ground };
}

type LaidOut = { section: Section; tall: Tall[]; spaceIn: ReturnType<typeof spaceAt>; ground: Ground };

type Ends = { top: Px; first: number; after: number; isLast: boolean; goOn: boolean };

/** Where a section ends that is as tall as its content. */
function contentEnd(frame: RowFrame, { top, first, after, isLast, goOn }: Ends): Px {
  // nothing stands in it: the next begins where it would, at the head of a row
  if (after === first) return isLast || !goOn ? top : frame.head(after);
  // counted from its own top, a section ends with its last row; going on, it ends where the next begins
  return isLast || !goOn ? frame.foot(after - 1) : frame.head(after);
}
