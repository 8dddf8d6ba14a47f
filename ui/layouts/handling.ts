import type { Family } from '../../core/overlay/inks';
import { dropBlock, type Drop } from '../../core/layouts/drop-block';
import { placed, withBlocks, withLayout } from '../../core/layouts/edit-layout';
import { type Into, moveInto, type Point } from '../../core/layouts/move-block';
import { dropTogether, moveTogether } from '../../core/layouts/move-together';
import type { SolvedLayout } from '../../core/layouts/solve-layout';
import type { Parsed } from '../../core/parsed';
import type { Layout, Spec } from '../../core/spec/schema';

/** What is being done to a block with the pointer: where it would come to stand. */
export type Handling =
  | { is: 'moved'; drop: Drop }
  | { is: 'into'; into: Into; point: Point; start: number }
  | { is: 'stretched'; columns: [number, number] }
  | { is: 'tall'; rows: number };

/** The document as it would be were the block let go now; the others that are chosen with it move as it does. */
export function handled(
  spec: Spec,
  layout: Layout,
  solved: SolvedLayout,
  id: string,
  handling: Handling,
  chosen: readonly string[] = [],
): Parsed<Spec> {
  if (chosen.length > 1 && chosen.includes(id)) {
    if (handling.is === 'into') return moveTogether(spec, layout, solved, chosen, id, handling);
    if (handling.is === 'moved') return dropTogether(spec, layout, solved, chosen, id, handling.drop);
  }
  if (handling.is === 'into') return moveInto(spec, layout, solved, id, handling);
  if (handling.is === 'moved') return dropBlock(spec, layout, solved, id, handling.drop);
  const change = handling.is === 'stretched' ? { columns: handling.columns } : { height: { rows: handling.rows } };
  return {
    value: withLayout(spec, layout.id, (each) =>
      withBlocks(each, [id], (block) => placed(block, solved.breakpoint.id, change)),
    ),
  };
}

/** A block that is handled now, and what it would come to. */
export type Held = { block: string; handling: Handling; breakpoint: string } | null;

export const OVERLAYS: readonly Family[] = ['columns', 'rows', 'baseline'];
