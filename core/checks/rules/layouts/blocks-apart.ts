import { inOwnLane } from '../../../layouts/arrange';
import type { PlacedBlock } from '../../../layouts/place-blocks';
import { editsBetween } from '../../../edits/edits-between';
import type { Rule } from '../../rule';
import { ofBlock, perLayout } from './per-block';

/** No two blocks lie on one another, unless one says why. */
export const blocksApart: Rule = {
  id: 'blocks-apart',
  version: 1,
  title: 'Blocks lie beside one another',
  asks: 'Does no block lie over another one that it does not say it is meant to?',
  why: 'What lies over something else hides it, or cannot be read itself.',
  source: 'Common practice',
  weight: 'weigh',
  check: perLayout((at) =>
    overlapping(at.solved.blocks)
      // where both follow, it is said where they were given
      .filter((pair) => pair.some(({ placed }) => placed.given))
      .map(([block, other]) =>
        ofBlock(at, block, {
          part: 'columns',
          values: { over: other.id },
          facts: { other: other.placed.block.name },
          mends: ownLane(at, block),
        }),
      ),
  ),
  says: ({ name, other }) => `${name} lies over ${other}, and nobody has said why.`,
  offers: ({ name }) => `Give ${name} a lane of its own`,
};

type At = Parameters<typeof ofBlock>[0];

function ownLane({ checked: { spec }, layout, breakpoint }: At, block: PlacedBlock) {
  if (block.card !== null) return [];
  const chosen = { layout: layout.id, blocks: [block.id], breakpoint: breakpoint.id };
  const { value } = inOwnLane(spec, chosen, block.placed.lanes[1]);
  return value ? [{ facts: { name: block.placed.block.name }, edits: editsBetween(spec, value) }] : [];
}

/** The pairs that lie on one another, the later first; blocks of one card or one section are held against each other. */
function overlapping(blocks: readonly PlacedBlock[]): [PlacedBlock, PlacedBlock][] {
  const groups = new Map<string, { block: PlacedBlock; x: number; y: number; end: number; foot: number }[]>();
  const pairs: [PlacedBlock, PlacedBlock][] = [];
  for (const block of blocks) {
    const [x, y] = [block.x.valueOf(), block.y.valueOf()];
    const edges = { block, x, y, end: x + block.width.valueOf(), foot: y + block.height.valueOf() };
    const key = `${block.section} ${block.card}`;
    const others = groups.get(key) ?? [];
    groups.set(key, others);
    for (const other of others) {
      if (block.placed.over !== null || other.block.placed.over !== null) continue;
      if (x < other.end && other.x < edges.end && y < other.foot && other.y < edges.foot)
        pairs.push([block, other.block]);
    }
    others.push(edges);
  }
  return pairs;
}
