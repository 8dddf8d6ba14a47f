import type { KeyboardEvent } from 'react';
import { following, inLane, inOwnLane, withoutBlocks } from '../../core/layouts/arrange';
import { dropBlock } from '../../core/layouts/drop-block';
import { placed, withBlocks, withLayout } from '../../core/layouts/edit-layout';
import { isWorded } from '../../core/spec/block-kinds';
import { movedBy } from '../../core/layouts/nearest';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import type { SolvedLayout } from '../../core/layouts/solve-layout';
import type { Direction } from '../../core/length/direction';
import type { Parsed } from '../../core/parsed';
import type { Layout, Placement, Spec } from '../../core/spec/schema';
import type { DraftStore } from '../draft/draft-store';
import type { ChosenBlocks } from './use-chosen';

type On = {
  store: DraftStore;
  layout: Layout;
  solved: SolvedLayout;
  block: PlacedBlock;
  chosen: ChosenBlocks;
  breakpoint: string;
  direction: Direction;
  /** Lets the words of a block be typed. */
  type: (block: string) => void;
  say: (problem: string | null) => void;
};

/** What a key does to a block that has the focus. */
export function blockKeys(on: On): (event: KeyboardEvent) => void {
  return (event) => {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey) return;
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      const isAlone = on.chosen.blocks.length === 1 && on.chosen.blocks[0] === on.block.id;
      if (event.key === 'Enter' && isAlone && isWorded(on.block.placed.block.holds)) return on.type(on.block.id);
      return on.chosen.choose(on.block.id, event.shiftKey);
    }
    if (event.key === 'Escape') return on.chosen.clear();
    const written = on.store.getState().mayEdit ? actOf(on, event) : null;
    if (!written) return;
    event.preventDefault();
    event.stopPropagation();
    if (!on.chosen.blocks.includes(on.block.id)) on.chosen.choose(on.block.id);
    on.say(on.store.getState().take(written));
  };
}

function actOf(
  { store, layout, solved, block, chosen, breakpoint, direction }: On,
  event: KeyboardEvent,
): Parsed<Spec> | null {
  const { document: spec } = store.getState();
  const { key, shiftKey, altKey } = event;
  const at = { layout: layout.id, blocks: chosen.blocks.includes(block.id) ? chosen.blocks : [block.id], breakpoint };
  const [down, right] = ARROWS[key] ?? [0, 0];
  const across = direction === 'ltr' ? right : -right;
  if (altKey) {
    if (down === 0) return null;
    const [lane] = block.placed.lanes;
    if (down > 0) return inOwnLane(spec, at, lane);
    return lane > 1 ? inLane(spec, at, lane - 1) : { problem: 'This is already the first lane.' };
  }
  if (key === 'Delete' || key === 'Backspace') return { value: withoutBlocks(spec, layout.id, at.blocks) };
  if (key === '=') return following(spec, at);
  if (down === 0 && across === 0) return null;
  if (shiftKey) return stretched(spec, layout, block, breakpoint, down, across);
  // several move together, as far as the first that cannot
  if (across !== 0) return allMoved(spec, layout, solved, at.blocks, across);
  return dropBlock(spec, layout, solved, block.id, { columns: [...block.placed.columns], row: block.rows[0] + down });
}

const ARROWS: Record<string, [down: number, right: number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

function allMoved(
  spec: Spec,
  layout: Layout,
  solved: SolvedLayout,
  blocks: readonly string[],
  across: number,
): Parsed<Spec> {
  return blocks.reduce<Parsed<Spec>>(
    (before, id) => {
      const block = solved.blocks.find((each) => each.id === id);
      return before.value && block ? moved(before.value, layout, solved, block, across) : before;
    },
    { value: spec },
  );
}

/** By a column: the next whole one, where it stood between two. */
function moved(spec: Spec, layout: Layout, solved: SolvedLayout, block: PlacedBlock, across: number): Parsed<Spec> {
  const step = block.tracks.start(2).sub(block.tracks.start(1)).valueOf() * across;
  const drop = movedBy(block, step, 0);
  if (drop.columns[0] === block.placed.columns[0])
    return { problem: `${block.placed.block.name} is already at the ${across < 0 ? 'first' : 'last'} column.` };
  return dropBlock(spec, layout, solved, block.id, drop);
}

function stretched(
  spec: Spec,
  layout: Layout,
  block: PlacedBlock,
  breakpoint: string,
  down: number,
  across: number,
): Parsed<Spec> {
  const {
    placed: {
      columns: [first, last],
    },
    tracks,
    rows,
  } = block;
  const change: Placement =
    across === 0 ? { height: { rows: rows[1] - rows[0] + 1 + down } } : { columns: [first, Math.floor(last) + across] };
  if (change.columns && change.columns[1] < first) return { problem: 'A block spans at least one column.' };
  if (change.columns && change.columns[1] > tracks.count)
    return { problem: `There are ${tracks.count} columns here; it already ends at the last one.` };
  if (across === 0 && rows[1] - rows[0] + 1 + down < 1) return { problem: 'A block is at least one row tall.' };
  return {
    value: withLayout(spec, layout.id, (each) =>
      withBlocks(each, [block.id], (own) => placed(own, breakpoint, change)),
    ),
  };
}
