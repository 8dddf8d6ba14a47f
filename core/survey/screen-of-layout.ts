import { solveLayout } from '../layouts/solve-layout';
import type { Px } from '../length/px';
import type { Layout, Spec } from '../spec/schema';
import type { Screen } from './screens';

/** A trial layout at a width as a screen that can be surveyed: its blocks as boxes, to the 64th of a px that browsers draw at. */
export function screenOfLayout(spec: Spec, layout: Layout, width: number): Screen {
  const { blocks, height } = solveLayout(spec, layout, width);
  return {
    name: `${layout.name}, ${width}`,
    width,
    height: Math.max(1, Math.ceil(height.valueOf())),
    boxes: blocks
      .map(({ placed, ...block }) => ({
        x: drawn(block.x),
        y: drawn(block.y),
        width: drawn(block.x.add(block.width)) - drawn(block.x),
        height: drawn(block.y.add(block.height)) - drawn(block.y),
        name: placed.block.name,
      }))
      .filter((box) => box.width > 0 && box.height > 0),
  };
}

function drawn(length: Px): number {
  return Math.floor(length.valueOf() * 64) / 64;
}
