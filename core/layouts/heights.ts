import type { SolvedColumns } from '../columns/columns-at';
import { ratioOf } from '../length/ratio';
import { lengthOf } from '../length/length-value';
import { greatest, type Px, ZERO } from '../length/px';
import { type Screen, toPx } from '../length/resolve';
import { stackHeight } from '../rows/row-sum';
import type { Breakpoint, CardGrid, Spec } from '../spec/schema';
import { type TextAt, textAt } from '../type/text-at';
import { edgesOf, type Tracks } from './block-edges';
import type { Placed } from './placements';

/** What blocks stand on: the columns and rows of the page, or of a card. */
export type Ground = {
  spec: Spec;
  breakpoint: Breakpoint;
  columns: SolvedColumns;
  tracks: Tracks;
  /** Where the container begins and ends. */
  container: [Px, Px];
  screen: Screen;
  /** A row of it, and the gap to the next. */
  unit: { height: Px; gap: Px };
};

/** How tall the content of a card is, at a width. */
export type CardHeight = (card: CardGrid, placed: Placed, edges: [Px, Px], ground: Ground) => { height: Px };

/** Across the page, a block’s edges. */
export function blockEdges(placed: Placed, { tracks, columns, container, screen }: Ground): [Px, Px] {
  return edgesOf(placed, { tracks, viewport: columns.viewport, container, screen });
}

/** A block’s text, where it is one and its style is there. */
export function textOf({ block: { holds } }: Placed, { spec, breakpoint, columns }: Ground): TextAt | null {
  if (!('text' in holds)) return null;
  const style = spec.type.find(({ name }) => name === holds.text);
  return style ? textAt(spec, style, breakpoint, columns.viewport) : null;
}

/** A box is never lower than its padding; only cards have one. */
export function leastHeight({ block: { holds } }: Placed, { screen }: Ground): Px {
  return 'card' in holds ? toPx(lengthOf(holds.card.padding), screen).mul(2) : ZERO;
}

/** A block’s own height; null for one that is as tall as its lanes or its section. */
export function heightOf(placed: Placed, ground: Ground, card: CardHeight): Px | null {
  if (placed.height === 'lanes' || placed.height === 'section') return null;
  return greatest(givenHeight(placed, ground, card), leastHeight(placed, ground));
}

function givenHeight(placed: Placed, ground: Ground, card: CardHeight): Px {
  const { height, block } = placed;
  const edges = blockEdges(placed, ground);
  if (typeof height === 'string')
    return 'card' in block.holds ? card(block.holds.card, placed, edges, ground).height : ZERO;
  if ('rows' in height) return stackHeight(height.rows, ground.unit.height, ground.unit.gap);
  if ('ratio' in height) return edges[1].sub(edges[0]).div(ratioOf(height.ratio));
  const text = textOf(placed, ground);
  // lines of something that is no text are counted in rows
  if (!text) return stackHeight(height.lines, ground.unit.height, ground.unit.gap);
  return text.leading.mul(height.lines).sub(text.trim.over).sub(text.trim.under);
}
