import { blockAddress } from '../../../layouts/edit-layout';
import type { PlacedBlock } from '../../../layouts/place-blocks';
import type { SolvedLayout } from '../../../layouts/solve-layout';
import { solvedAt } from '../../../layouts/solved-at';
import { type Edit, editOf } from '../../../edits/edit';
import { shownWidth } from '../../../spec/ranges';
import type { Breakpoint, Layout, Placement } from '../../../spec/schema';
import type { CheckedSpec, Found, Rule } from '../../rule';

/** Where a rule looks: a layout at a breakpoint, as it is drawn. */
export type LayoutAt = { layout: Layout; breakpoint: Breakpoint; solved: SolvedLayout; checked: CheckedSpec };

/** What is found of a block: of a part of its placement, or of what it holds. */
export type OfBlock = Pick<Found, 'values'> &
  Partial<Pick<Found, 'facts' | 'mends' | 'weight'>> & { part: keyof Placement | 'holds' };

/** A rule that looks at one layout at one breakpoint at a time. */
export function perLayout(look: (at: LayoutAt) => Found[]): Rule['check'] {
  return (checked) =>
    checked.spec.layouts.flatMap((layout) =>
      checked.breakpoints.flatMap((breakpoint) =>
        look({ layout, breakpoint, solved: solvedAt(checked.spec, layout, breakpoint), checked }),
      ),
    );
}

/** A rule that looks at one block of one layout at one breakpoint at a time. */
export function perBlock(look: (block: PlacedBlock, at: LayoutAt) => OfBlock | null): Rule['check'] {
  return perLayout((at) =>
    at.solved.blocks.flatMap((block) => {
      const found = look(block, at);
      return found ? [ofBlock(at, block, found)] : [];
    }),
  );
}

/** A finding of a block; its waiver holds for this block of this layout. */
export function ofBlock(
  { layout, breakpoint, checked }: LayoutAt,
  { id, placed }: PlacedBlock,
  { part, values, facts, ...found }: OfBlock,
): Found {
  const under = blockAddress(layout, id);
  return {
    ...found,
    breakpoint: breakpoint.id,
    subject: [part === 'holds' ? [...under, 'holds'] : [...under, 'at', breakpoint.id, part]],
    widths: [shownWidth(checked.spec, breakpoint)],
    values: { layout: layout.id, block: id, ...values },
    facts: { name: placed.block.name, ...facts },
  };
}

/** A part of a block’s placement, from what it is to something else. */
export function placementEdit<Part extends keyof Placement>(
  { layout, breakpoint }: LayoutAt,
  { id, placed }: PlacedBlock,
  part: Part,
  after: Placement[Part],
): Edit {
  const own = placed.block.at[breakpoint.id];
  const under = [...blockAddress(layout, id), 'at', breakpoint.id];
  // a block that follows everything gets a placement of its own
  return own === undefined ? editOf(under, undefined, { [part]: after }) : editOf([...under, part], own[part], after);
}
