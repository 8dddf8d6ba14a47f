import type { OverlayData } from './data';
import type { LaidOut } from './grid';

/** A block of a trial layout that was found on the page, and how far its sides are from its columns. */
export type FoundBlock = { id: string; layout: string; element: Element; start: number; end: number };

/** Blocks by their class, or by `data-block`, held against the columns that the layout gives them in this range. */
export function blocksOn({ layouts }: OverlayData, { region, range, starts, ends }: LaidOut): FoundBlock[] {
  const best = layouts
    .map((layout) => ({ layout, blocks: Object.entries(layout.blocks).flatMap(([id, at]) => found(id, at)) }))
    .sort((a, b) => b.blocks.length - a.blocks.length)[0];
  return (best?.blocks ?? []).map((block) => ({ ...block, layout: best!.layout.name }));

  function found(id: string, at: Record<string, [number, number]>): Omit<FoundBlock, 'layout'>[] {
    const [from, to] = at[range.id] ?? [0, 0];
    const element = region.querySelector(`[data-block='${id}'], .${CSS.escape(id)}`);
    const [start, end] = [starts[from - 1], ends[to - 1]];
    if (!element || start === undefined || end === undefined) return [];
    const rect = element.getBoundingClientRect();
    if (rect.width === 0) return [];
    return [{ id, element, start: rect.left + scrollX - start, end: rect.right + scrollX - end }];
  }
}
