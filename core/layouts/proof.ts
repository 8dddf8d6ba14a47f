import { numeral } from '../length/present';
import { px, type Px } from '../length/px';
import type { PlacedBlock } from './place-blocks';
import type { SolvedLayout } from './solve-layout';

/** A block as a browser drew it, in px from the start and the top of the page. */
export type DrawnBlock = { id: string; x: number; y: number; width: number; height: number };

/** Browsers hold lengths in 64ths; some of them are added up before an edge, and a line of text may be rounded to a px. */
const TOLERANCE = { edge: 0.25, line: 1 };

const EDGES = [
  ['starts', ({ x }: PlacedBlock) => x, ({ x }: DrawnBlock) => x],
  ['ends', ({ x, width }: PlacedBlock) => x.add(width), ({ x, width }: DrawnBlock) => x + width],
  ['begins', ({ y }: PlacedBlock) => y, ({ y }: DrawnBlock) => y],
  ['has its bottom edge', ({ y, height }: PlacedBlock) => y.add(height), ({ y, height }: DrawnBlock) => y + height],
] as const satisfies readonly [string, (block: PlacedBlock) => Px, (drawn: DrawnBlock) => number][];

/**
 * The edges that a browser drew elsewhere than was worked out, in words; none where all agree.
 *
 *     offEdges(solved, drawn)   // ["Headline has its foot 64 px below 167"]
 */
export function offEdges({ blocks }: SolvedLayout, drawn: readonly DrawnBlock[]): string[] {
  const found = new Map(drawn.map((block) => [block.id, block]));
  return blocks.flatMap((block) => {
    const own = found.get(block.id);
    const { name } = block.placed.block;
    if (!own) return [`${name} isn’t rendered`];
    const off = EDGES.flatMap(([says, meant, is], place) => {
      const by = is(own) - meant(block).valueOf();
      return Math.abs(by) <= tolerance(block, place)
        ? []
        : [
            `${name} ${says} ${distance(by)} ${place < 2 ? (by > 0 ? 'after' : 'before') : by > 0 ? 'below' : 'above'} ${numeral(meant(block))}`,
          ];
    });
    return off;
  });
}

function tolerance({ placed: { height } }: PlacedBlock, place: number): number {
  const lines = typeof height === 'object' && 'lines' in height ? height.lines : 0;
  return place < 2 ? TOLERANCE.edge : TOLERANCE.edge + lines * TOLERANCE.line;
}

/** As a person reads it: to a quarter of a px. */
function distance(by: number): string {
  return `${numeral(px(String(Math.round(Math.abs(by) * 4) / 4)))} px`;
}
