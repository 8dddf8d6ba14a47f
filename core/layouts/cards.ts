import { lengthOf, type LengthValue } from '../length/length-value';
import { type Px, px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import type { CardGrid } from '../spec/schema';
import { exactNumbers } from '../columns/numbers';
import { cardTracks } from './block-edges';
import { acrossOf, type Ground, heightOf } from './heights';
import { layLanes, rowAfter, type Lane, type Tall } from './lanes';
import { oncePlaced } from './once-placed';
import { countsInCard, type Placed, placementsAt, shownAt, type SpaceAt, spaceAt } from './placements';
import { type RowFrame, rowFrame } from './row-frame';
import type { Unit } from './row-frames';

/** What stands in a card, and on what. */
export type SolvedCard = {
  height: Px;
  tall: Tall[];
  into: { lanes: Lane[]; frame: RowFrame; top: Px; end: Px; ground: Ground };
};

type InCard = {
  padding: Px;
  inner: Ground;
  tall: Tall[];
  space: SpaceAt;
  unit: Unit & { offset: Px };
};

/**
 * A card worked out: its blocks stand on the page’s columns under it or on its own, and on its own rows or baseline, or
 * the page’s, counted from its top.
 *
 * @param top where the card begins; its height does not depend on it
 */
export function solveCard(placed: Placed, ground: Ground, top: Px = ZERO): SolvedCard {
  const { padding, inner, tall, space, unit } = inCard(placed, ground);
  const frame = rowFrame({ origin: top.add(padding), ...unit });
  const lanes = layLanes(tall, space, frame, 1);
  const after = rowAfter(lanes, space, 1);
  const content = after === 1 ? ZERO : frame.foot(after - 1).sub(top.add(padding));
  const height = content.add(padding.mul(2));
  // what is as tall as the whole stands within the padding
  const into = { lanes, frame, top: top.add(padding), end: top.add(height).sub(padding), ground: inner };
  return { height, tall, into };
}

/** How tall a card is that is as tall as what it holds. */
const cardHeight = (placed: Placed, ground: Ground): Px => solveCard(placed, ground).height;

/** What a card holds, wherever it begins. */
const inCard = oncePlaced((placed: Placed, ground: Ground): InCard => {
  const { holds } = placed.block;
  if (!('card' in holds)) throw new Error(`${placed.block.id} is no card`);
  const { card } = holds;
  const { spec, breakpoint } = ground;
  const across = acrossOf(placed, ground);
  const length = (value: LengthValue): Px => toPx(lengthOf(value), ground.screen);
  const padding = length(card.padding);
  const inside: [Px, Px] = [across.start.add(padding), across.end.sub(padding)];
  const tracks = cardTracks(card, placed, inside, { ...ground, length }, exactNumbers);
  const unit = unitOf(card, ground, length);
  const countAt = countsInCard(card, placed, ground, tracks.count);
  const stack = rowFrame({ origin: ZERO, ...unit }).stack;
  // baselines in it are its own, where it has some
  const line = card.baseline ? length(card.baseline.step) : ground.line;
  const inner: Ground = { ...ground, tracks, container: inside, countAt, unit, line, stack };
  const { placed: shown, space } = shownAt(
    placementsAt(spec, card.blocks, breakpoint, countAt),
    spaceAt(spec, card.space, breakpoint),
  );
  return { padding, inner, tall: tallIn(shown, inner), space, unit };
});

/** A block’s own height, of cards too; null for one that is as tall as its lanes or its section. */
const ownHeight = oncePlaced((placed: Placed, ground: Ground) => heightOf(placed, ground, cardHeight));

/** Blocks with their heights. */
export function tallIn(placed: readonly Placed[], ground: Ground): Tall[] {
  return placed.map((each) => ({ placed: each, height: ownHeight(each, ground) }));
}

/** The rows in a card, from its padding on: its own, else its own baselines, else the page’s. */
function unitOf(
  { rows, baseline }: CardGrid,
  { unit }: Ground,
  length: (value: LengthValue) => Px,
): Unit & { offset: Px } {
  if (rows) return { name: 'row', offset: ZERO, height: length(rows.height), gap: length(rows.gap) };
  if (baseline) return { name: 'baseline', offset: length(baseline.offset), height: length(baseline.step), gap: px(0) };
  // the page’s rows, but from the card’s top
  return { ...unit, offset: ZERO };
}
