import type { Block, Layout, SectionSpace } from './schema';

type Changes = {
  /** After what stands under breakpoints and in it was changed; with the block as it was. */
  block?: (block: Block, before: Block) => Block;
  /** Changes what stands under the ids of breakpoints: placements, and white space. */
  keyed?: <T>(record: Record<string, T>) => Record<string, T>;
};

/** Layouts with every block changed, those in cards too, and everything that stands under ids of breakpoints. */
export function mapLayouts(layouts: readonly Layout[], { block: change, keyed }: Changes): Layout[] {
  const spaceOf = (space: Record<string, SectionSpace>): Record<string, SectionSpace> => keyed?.(space) ?? space;
  const blocksOf = (blocks: Block[]): Block[] => blocks.map(blockOf);
  const blockOf = (block: Block): Block => {
    const { holds } = block;
    const inner =
      'card' in holds
        ? { card: { ...holds.card, space: spaceOf(holds.card.space), blocks: blocksOf(holds.card.blocks) } }
        : holds;
    const next: Block = { ...block, holds: inner, at: keyed?.(block.at) ?? block.at };
    return change?.(next, block) ?? next;
  };
  return layouts.map((layout) => ({
    ...layout,
    ...(layout.between && { between: keyed?.(layout.between) ?? layout.between }),
    sections: layout.sections.map((section) => ({
      ...section,
      space: spaceOf(section.space),
      blocks: blocksOf(section.blocks),
    })),
  }));
}
