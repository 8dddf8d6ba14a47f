import { inOwnLane } from '../../../layouts/arrange';
import type { PlacedBlock } from '../../../layouts/place-blocks';
import { editsBetween } from '../../../edits/edits-between';
import type { Mend, Rule } from '../../rule';
import { ofBlock, perLayout } from './per-block';

/** No two blocks lie on one another, unless one says why. */
export const blocksApart: Rule = {
  id: 'blocks-apart',
  version: 1,
  title: 'Blocks don’t overlap',
  asks: 'Does every overlap between blocks have a reason?',
  why: 'Overlapping blocks hide each other or become hard to read.',
  source: 'Common practice',
  weight: 'weigh',
  check: perLayout((at) => {
    // one that lies over many is mended the same way for each
    const mends = new Map<PlacedBlock, Mend[]>();
    const mendsOf = (block: PlacedBlock): Mend[] => {
      const known = mends.get(block) ?? ownLane(at, block);
      mends.set(block, known);
      return known;
    };
    return (
      overlapping(at.solved.blocks)
        // where both follow, it is said where they were given
        .filter((pair) => pair.some(({ placed }) => placed.given))
        .map(([block, other]) =>
          ofBlock(at, block, {
            part: 'columns',
            values: { over: other.id },
            facts: { other: other.placed.block.name },
            mends: mendsOf(block),
          }),
        )
    );
  }),
  says: ({ name, other }) => `${name} overlaps ${other} without a reason.`,
  offers: ({ name }) => `Give ${name} its own lane`,
};

type At = Parameters<typeof ofBlock>[0];

function ownLane({ checked: { spec }, layout, breakpoint }: At, block: PlacedBlock): Mend[] {
  if (block.card !== null) return [];
  const chosen = { layout: layout.id, blocks: [block.id], breakpoint: breakpoint.id };
  const { value } = inOwnLane(spec, chosen, block.placed.lanes[1]);
  return value ? [{ facts: { name: block.placed.block.name }, edits: editsBetween(spec, value) }] : [];
}

/** The pairs that lie on one another, the later first; blocks of one card or one section are held against each other. */
function overlapping(blocks: readonly PlacedBlock[]): [PlacedBlock, PlacedBlock][] {
  const groups = new Map<string, PlacedBlock[]>();
  const pairs: [PlacedBlock, PlacedBlock][] = [];
  for (const block of blocks) {
    const key = `${block.section} ${block.card}`;
    const others = groups.get(key) ?? [];
    groups.set(key, others);
    for (const other of others) {
      const isMeant = block.placed.over !== null || other.placed.over !== null;
      if (!isMeant && mayMeet(block, other) && meet(block, other)) pairs.push([block, other]);
    }
    others.push(block);
  }
  return pairs;
}

/** Do lanes and columns leave it open? Where edges leave the grid, columns do not tell. */
function mayMeet({ placed: one }: PlacedBlock, { placed: other }: PlacedBlock): boolean {
  const isWhole = one.height === 'section' || other.height === 'section';
  if (!isWhole && (one.lanes[1] < other.lanes[0] || other.lanes[1] < one.lanes[0])) return false;
  if (one.leaves.length + other.leaves.length > 0) return true;
  return one.columns[0] <= Math.ceil(other.columns[1]) && other.columns[0] <= Math.ceil(one.columns[1]);
}

function meet(one: PlacedBlock, other: PlacedBlock): boolean {
  const [x, y, toX, toY] = [one.x, one.y, other.x, other.y].map((length) => length.valueOf()) as [
    number,
    number,
    number,
    number,
  ];
  return (
    x < toX + other.width.valueOf() &&
    toX < x + one.width.valueOf() &&
    y < toY + other.height.valueOf() &&
    toY < y + one.height.valueOf()
  );
}
