import { screenEdges, type SolvedColumns } from '../columns/columns-at';
import { lengthOf } from '../length/length-value';
import { greatest, type Px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import type { Screen } from '../length/units';
import type { Breakpoint, Spec } from '../spec/schema';
import { type TextAt, textAt } from '../type/text-at';
import { exactNumbers } from '../columns/numbers';
import { edgesOf, type Tracks } from './block-edges';
import { type GivenHeight, givenHeight } from './height-law';
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
  const [start, end] = edgesOf(placed, { tracks, room: screenEdges(columns), container, screen });
  const across = { start, end, width: end.sub(start) };
  if (key !== null) known.set(key, across);
  return across;
}

const heights = new WeakMap<Across, Map<string, Px>>();

/** A width over a ratio; pictures of one width and one ratio share it. */
function pictureHeight(across: Across, height: GivenHeight & { ratio: string }): Px {
  const known = heights.get(across) ?? new Map<string, Px>();
  heights.set(across, known);
  const from = { width: () => across.width, stack: () => ZERO, text: null };
  const solved = known.get(height.ratio) ?? givenHeight(height, from, exactNumbers);
  known.set(height.ratio, solved);
  return solved;
}

/** Texts by their style; on one page all of a style are alike, in cards too. */
const texts = new WeakMap<SolvedColumns, Map<string, TextAt | null>>();

/** A block’s text, where it is one and its style is there. */
export function textOf({ block: { holds } }: Placed, { spec, breakpoint, columns }: Ground): TextAt | null {
  if (!('text' in holds)) return null;
  const known = texts.get(columns) ?? new Map<string, TextAt | null>();
  texts.set(columns, known);
  const before = known.get(holds.text);
  if (before !== undefined) return before;
  const style = spec.type.find(({ name }) => name === holds.text);
  const text = style ? textAt(spec, style, breakpoint, columns.viewport, columns) : null;
  known.set(holds.text, text);
  return text;
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
  const { height, block } = placed;
  if (typeof height === 'string') return 'card' in block.holds ? card(placed, ground) : ZERO;
  if ('ratio' in height) return pictureHeight(acrossOf(placed, ground), height);
  const text = textOf(placed, ground);
  const lines = text && { leading: text.leading, trimmed: [text.trim.over, text.trim.under] };
  return givenHeight(height, { ...ground, width: () => ZERO, text: lines }, exactNumbers);
}
