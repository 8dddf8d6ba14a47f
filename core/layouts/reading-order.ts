import type { Block, Spec } from '../spec/schema';
import { blockOf, withBlocks, withLayout } from './edit-layout';
import { keepingPlaces } from './keep-places';
import type { PlacedBlock } from './place-blocks';
import { placesOf } from './places';

/** The order in which blocks are read, which is that of the document, held against the one in which they are seen. */

/**
 * Blocks that are read before others of their section or card, though they are seen right under them, in a lane below; those beside one another may be read column by column. Each with the last of these, in the order of reading.
 *
 *     readTooEarly(solved.blocks)   // [[text, headline]]: the text is read first, and stands under the headline
 */
export function readTooEarly(blocks: readonly PlacedBlock[]): [block: PlacedBlock, other: PlacedBlock][] {
  const groups = new Map<string, PlacedBlock[]>();
  for (const block of blocks) {
    const key = `${block.section} ${block.card ?? ''}`;
    groups.set(key, [...(groups.get(key) ?? []), block]);
  }
  return [...groups.values()].flatMap((own) =>
    own.flatMap((block, index): [PlacedBlock, PlacedBlock][] => {
      const { columns, lanes } = block.placed;
      const other = own
        .slice(index + 1)
        .findLast(
          ({ placed: { columns: across, lanes: down } }) =>
            down[1] < lanes[0] && across[0] <= columns[1] && columns[0] <= across[1],
        );
      return other ? [[block, other]] : [];
    }),
  );
}

/** A block read right after another of its section or card; everything stands where it stood. */
export function readAfter(spec: Spec, layout: string, id: string, after: string): Spec {
  return inOrder(spec, layout, id, (blocks) => {
    const block = blocks.find((each) => each.id === id);
    const others = blocks.filter((each) => each !== block);
    const place = others.findIndex((each) => each.id === after);
    return block && place >= 0 ? others.toSpliced(place + 1, 0, block) : blocks;
  });
}

/** A block read earlier or later among those of its section or card; everything stands where it stood. */
export function readBy(spec: Spec, layout: string, id: string, by: 1 | -1): Spec {
  return inOrder(spec, layout, id, (blocks) => swapped(blocks, id, by));
}

/** A list in which one changed places with the one before or after it; at the end of the list it stays. */
export function swapped<Thing extends { id: string }>(list: Thing[], id: string, by: 1 | -1): Thing[] {
  const from = list.findIndex((each) => each.id === id);
  const to = from + by;
  if (from < 0 || to < 0 || to >= list.length) return list;
  const next = [...list];
  [next[from], next[to]] = [next[to]!, next[from]!];
  return next;
}

/** The blocks around one in another order, with lanes given where they would follow from it. */
function inOrder(spec: Spec, layoutId: string, id: string, order: (blocks: Block[]) => Block[]): Spec {
  const layout = spec.layouts.find((each) => each.id === layoutId);
  if (!layout) return spec;
  const card = blockOf(layout, id)?.card;
  const next = card
    ? withBlocks(layout, [card.id], (block) =>
        'card' in block.holds
          ? { ...block, holds: { card: { ...block.holds.card, blocks: order(block.holds.card.blocks) } } }
          : block,
      )
    : { ...layout, sections: layout.sections.map((each) => ({ ...each, blocks: order(each.blocks) })) };
  const kept = keepingPlaces(spec, next, (breakpoint) => placesOf(spec, layout, breakpoint));
  return withLayout(spec, layoutId, () => kept);
}
