'use client';

import { useEffect, useState } from 'react';
import type { Layout, Spec } from '../../core/spec/schema';
import { blocksOf } from '../../core/quantities/layouts/placement-cells';

export type ChosenBlocks = {
  layout: Layout | null;
  blocks: readonly string[];
  open: (layout: string) => void;
  /** Chooses a block alone; with others, those chosen before stay, or the block is let go again. */
  choose: (block: string, withOthers?: boolean) => void;
  clear: () => void;
};

/** Which layout is looked at, and which of its blocks are chosen. What is gone meanwhile is chosen no longer. */
export function useChosen({ layouts }: Spec): ChosenBlocks {
  const [id, open] = useState<string | null>(null);
  const [blocks, setBlocks] = useState<readonly string[]>([]);
  // a finding leads here with the layout, and the block that it is about
  useEffect(() => {
    const [own = '', block] = window.location.hash.slice(1).split('/');
    if (own !== '') open(own);
    if (block) setBlocks([block]);
  }, []);
  const layout = layouts.find((each) => each.id === id) ?? layouts[0] ?? null;
  const there = new Set(layout ? blocksOf(layout).map((block) => block.id) : []);
  return {
    layout,
    blocks: blocks.filter((block) => there.has(block)),
    open: (next) => {
      open(next);
      setBlocks([]);
    },
    choose: (block, withOthers = false) =>
      setBlocks((before) => {
        if (!withOthers) return [block];
        return before.includes(block) ? before.filter((each) => each !== block) : [...before, block];
      }),
    clear: () => setBlocks([]),
  };
}
