import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { placed, withBlocks, withLayout } from './edit-layout';
import { solvedAt } from './solved-at';

/** How many lines the words of blocks need, by breakpoint and block. */
export type NeededLines = ReadonlyMap<string, ReadonlyMap<string, number>>;

/**
 * A layout whose texts have as many lines as their words need, at every breakpoint; what is as tall as its lanes, its section, or so many rows stays so. Given where it would not
 * follow.
 *
 *     fittedLines(spec, 'front', new Map([['phone', new Map([['headline', 3]])]]))
 */
export function fittedLines(spec: Spec, layoutId: string, needed: NeededLines): Spec {
  return byWidth(spec.breakpoints).reduce((before, breakpoint) => {
    const layout = before.layouts.find(({ id }) => id === layoutId);
    const lines = needed.get(breakpoint.id);
    if (!layout || !lines) return before;
    const ids = solvedAt(before, layout, breakpoint).blocks.flatMap(({ id, placed: { height } }) =>
      lines.has(id) && typeof height === 'object' && 'lines' in height && height.lines !== lines.get(id) ? [id] : [],
    );
    if (ids.length === 0) return before;
    return withLayout(before, layoutId, (each) =>
      withBlocks(each, ids, (block) => placed(block, breakpoint.id, { height: { lines: lines.get(block.id)! } })),
    );
  }, spec);
}
