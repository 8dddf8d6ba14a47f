import type { Block } from './schema';

/** The blocks of a list, with those in its cards. */
export function allBlocks(blocks: readonly Block[]): Block[] {
  return blocks.flatMap((block) => [block, ...('card' in block.holds ? allBlocks(block.holds.card.blocks) : [])]);
}
