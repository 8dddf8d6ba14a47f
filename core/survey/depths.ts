import type { Box } from './screens';

/** Boxes may lie so far beyond the one around them, in px: browsers round. */
const SLACK = 0.75;

/** No page has more boxes side by side at one height; of more, those that began first are let go. */
const MOST_OPEN = 800;

/**
 * In how many others each box lies. Lines of text and what cards have inside stand deeper than the blocks that are laid out
 * on the page.
 */
function depthsOf(boxes: readonly Box[]): number[] {
  const depths = new Array<number>(boxes.length).fill(0);
  // from the top down, the larger first: what lies around a box begins before it
  const order = boxes
    .map((_, index) => index)
    .sort((a, b) => {
      const [one, other] = [boxes[a]!, boxes[b]!];
      return one.y - other.y || other.height - one.height || other.width - one.width;
    });
  let open: number[] = [];
  for (const index of order) {
    const box = boxes[index]!;
    open = open.filter((each) => boxes[each]!.y + boxes[each]!.height > box.y);
    for (const each of open) if (isAround(boxes[each]!, box)) depths[index]!++;
    open.push(index);
    if (open.length > MOST_OPEN) open = open.slice(-MOST_OPEN / 2);
  }
  return depths;
}

/** Does a larger box hold another, up to what browsers round? */
export function isAround(outer: Box, box: Box): boolean {
  return (
    outer.x <= box.x + SLACK &&
    outer.x + outer.width >= box.x + box.width - SLACK &&
    outer.y + outer.height >= box.y + box.height - SLACK &&
    outer.width * outer.height > box.width * box.height
  );
}

/** The share of boxes that may be wrappers around everything. */
const WRAPPERS = 0.15;

/**
 * How deep each box lies in a block that is laid out on the page; 0 for blocks and the wrappers around them. Wrappers are few:
 * blocks are as deep as boxes begin to be many.
 */
export function depthsInBlocks(boxes: readonly Box[]): number[] {
  const depths = depthsOf(boxes);
  const base = [...depths].sort((a, b) => a - b)[Math.floor(depths.length * WRAPPERS)] ?? 0;
  return depths.map((depth) => Math.max(0, depth - base));
}
