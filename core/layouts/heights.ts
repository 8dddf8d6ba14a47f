import { screenEdges, type SolvedColumns } from '../columns/columns-at';
import { lengthOf, type LengthValue } from '../length/length-value';
import { greatest, type Px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import type { Screen } from '../length/units';
import { ratioOf } from '../length/ratio';
import type { Breakpoint, Spec } from '../spec/schema';
import { type TextAt, textAt } from '../type/text-at';
import { exactNumbers } from '../columns/numbers';
import { edgesOf, type Tracks } from './block-edges';
import { givenHeight, type HeightFrom, type Lines } from './height-law';
import { beginsWithLine, isTrimmable, mainStyle } from '../spec/block-kinds';
import type { CountAt, Placed } from './placements';
import type { Unit } from './row-frames';

/** What blocks stand on: the columns and rows of the page, or of a card. */
export type Ground = {
  spec: Spec;
  breakpoint: Breakpoint;
  columns: SolvedColumns;
  tracks: Tracks;
  /** Where the container begins and ends. */
  container: [Px, Px];
  screen: Screen;
  countAt: CountAt;
  /** A row of it, and the gap to the next. */
  unit: Unit;
  /** A baseline step where one stands, else a base unit; and a base unit. */
  line: Px;
  base: Px;
  /** How tall so many rows of it are. */
  stack: (rows: number) => Px;
};

/** How tall the content of a card is, at a width. */
export type CardHeight = (placed: Placed, ground: Ground) => Px;

const edges = new WeakMap<Tracks, Map<string, Across>>();

/** A block’s edges across the page, and how wide it is. */
export type Across = { start: Px; end: Px; width: Px };

/** Where a block stands across the page; blocks on the same columns share it. */
export function acrossOf(placed: Placed, { tracks, columns, container, screen }: Ground): Across {
  const key = placed.leaves.length > 0 ? null : placed.columns.join();
  const known = edges.get(tracks) ?? new Map<string, Across>();
  edges.set(tracks, known);
  const before = key === null ? undefined : known.get(key);
  if (before) return before;
  const length = (value: LengthValue): Px => toPx(lengthOf(value), screen);
  const [start, end] = edgesOf(placed, { tracks, room: screenEdges(columns), container, length });
  const across = { start, end, width: end.sub(start) };
  if (key !== null) known.set(key, across);
  return across;
}

const heights = new WeakMap<Across, Map<string, Px>>();

/** A width over a ratio, worked out once for each width. */
function overRatio(across: Across, ratio: string): Px {
  const known = heights.get(across) ?? new Map<string, Px>();
  heights.set(across, known);
  const solved = known.get(ratio) ?? across.width.mul(ratioOf(ratio).inverse());
  known.set(ratio, solved);
  return solved;
}

/** Texts by their style; on one page all of a style are alike, in cards too. */
const texts = new WeakMap<SolvedColumns, Map<string, TextAt | null>>();

/** The text with which a block begins, where it does and its style is there. */
export function firstLineOf({ block: { holds } }: Placed, ground: Ground): TextAt | null {
  return beginsWithLine(holds) ? styleAt(mainStyle(holds), ground) : null;
}

/** A text style as it is on a page, where it is there. */
function styleAt(name: string | null, { spec, breakpoint, columns }: Ground): TextAt | null {
  if (name === null) return null;
  const known = texts.get(columns) ?? new Map<string, TextAt | null>();
  texts.set(columns, known);
  const before = known.get(name);
  if (before !== undefined) return before;
  const style = spec.type.find((each) => each.name === name);
  const text = style ? textAt(spec, style, breakpoint, columns.viewport, columns) : null;
  known.set(name, text);
  return text;
}

/** Its lines, as a block takes them. */
function linesOf(text: TextAt | null, isTrimmed: boolean): Lines<Px> | null {
  return text && { leading: text.leading, trimmed: isTrimmed ? [text.trim.over, text.trim.under] : [] };
}

/** A box is never lower than its padding; only cards have one. */
export function leastHeight({ block: { holds } }: Placed, { screen }: Ground): Px {
  return 'card' in holds ? toPx(lengthOf(holds.card.padding), screen).mul(2) : ZERO;
}

/** A block’s own height; null for one that is as tall as its lanes or its section. */
export function heightOf(placed: Placed, ground: Ground, card: CardHeight): Px | null {
  if (placed.height === 'lanes' || placed.height === 'section') return null;
  const height = solvedHeight(placed, ground, card);
  return 'card' in placed.block.holds ? greatest(height, leastHeight(placed, ground)) : height;
}

function solvedHeight(placed: Placed, ground: Ground, card: CardHeight): Px {
  const {
    height,
    block: { holds },
  } = placed;
  if (typeof height === 'string') return 'card' in holds ? card(placed, ground) : ZERO;
  // pictures of one width and one ratio share theirs
  if ('ratio' in height) return overRatio(acrossOf(placed, ground), height.ratio);
  const { stack, line, base, screen } = ground;
  const from: HeightFrom<Px> = {
    width: () => acrossOf(placed, ground).width,
    stack,
    line,
    base,
    length: (value) => toPx(lengthOf(value), screen),
    text: linesOf(styleAt(mainStyle(holds), ground), isTrimmable(holds)),
    linesOf: (style) => linesOf(styleAt(style, ground), true),
  };
  return givenHeight(height, holds, from, exactNumbers);
}
