import { blockAddress } from '../layouts/edit-layout';
import { movedElsewhere } from '../layouts/moved-elsewhere';
import type { Place } from '../layouts/places';
import { columnsText } from '../layouts/placement-text';
import type { Spec } from '../spec/schema';
import type { Difference } from './difference';

/** Blocks that stand elsewhere at a breakpoint at which nobody placed them, one by one. */
export function movedDifferences(before: Spec, after: Spec): Difference[] {
  return movedElsewhere(before, after).map(({ layout, breakpoint, was, is }) => ({
    at: [...blockAddress(layout, is.block.id), 'at', breakpoint.id],
    breakpoint: breakpoint.name,
    what: `${layout.name}, block ${is.block.name}, moved`,
    before: standsAt(was),
    after: standsAt(is),
    follows: true,
    bump: 'patch',
  }));
}

/** `columns 1–2 of 8, lanes 3` */
function standsAt({ columns, count, lanes, hidden }: Place): string {
  if (hidden) return 'hidden';
  return `columns ${columnsText(columns)} of ${count}, lanes ${columnsText(lanes)}`;
}
