'use client';

import { useEffect } from 'react';
import type { Layout, Spec } from '../../core/spec/schema';
import { useView } from '../draft/draft-context';
import { blocksOf } from '../../core/quantities/layouts/placement-cells';

export type ChosenBlocks = {
  layout: Layout | null;
  blocks: readonly string[];
  open: (layout: string) => void;
  /** Chooses a block alone; with others, those chosen before stay, or the block is let go again. */
  choose: (block: string, withOthers?: boolean) => void;
  chooseAll: (blocks: readonly string[]) => void;
  clear: () => void;
};

/** Which layout is looked at, and which of its blocks are chosen. What is gone meanwhile is chosen no longer. */
export function useChosen({ layouts }: Spec): ChosenBlocks {
  const id = useView((view) => view.layout);
  const blocks = useView((view) => view.blocks);
  const open = useView((view) => view.openLayout);
  const choose = useView((view) => view.chooseBlocks);
  // an address leads here with the layout, and the block that it is about
  useEffect(() => {
    const follow = (): void => {
      const [own = '', block] = window.location.hash.slice(1).split('/');
      if (own !== '') open(own, block ? [block] : []);
    };
    follow();
    window.addEventListener('hashchange', follow);
    return () => window.removeEventListener('hashchange', follow);
  }, [open]);
  const layout = layouts.find((each) => each.id === id) ?? layouts[0] ?? null;
  const there = new Set(layout ? blocksOf(layout).map((block) => block.id) : []);
  const chosen = blocks.filter((block) => there.has(block));
  return {
    layout,
    blocks: chosen,
    open: (next) => open(next),
    choose: (block, withOthers = false) => {
      if (!withOthers) return choose([block]);
      choose(chosen.includes(block) ? chosen.filter((each) => each !== block) : [...chosen, block]);
    },
    chooseAll: choose,
    clear: () => choose([]),
  };
}
